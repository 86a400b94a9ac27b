package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.signals.Pin;

/** Contacts that meet others and whose level is not known, so that nothing can be said of whether they suit each other. */
final class LevelUnknown implements Rule {
    @Override
    public String id() {
        return "level-unknown";
    }

    @Override
    public List<Finding> check(Derived derived) {
        Set<Pin> nameless = new LinkedHashSet<>();
        Set<Pin> silent = new LinkedHashSet<>();
        Map<List<String>, List<Pin>> strange = new LinkedHashMap<>();
        List<Finding> found = new ArrayList<>();
        Circuit circuit = Circuit.of(derived);
        for (Pin pin : derived.pins()) {
            List<Pin> met = !pin.isSignal() || pin.level().isPresent()
                    ? List.of()
                    : circuit.reached(pin.terminal()).stream().filter(p -> p.isSignal() && p.isApart(pin))
                            .toList();
            if (met.isEmpty()) {
                continue;
            }
            if (pin.row().level().isPresent()) {
                strange.computeIfAbsent(List.of(pin.terminal().end(), pin.row().level().get()),
                        _ -> new ArrayList<>()).add(pin);
            } else {
                (met.stream().anyMatch(p -> p.row().level().isPresent()) ? nameless : silent).add(pin);
            }
        }
        strange.forEach((word, pins) -> found.add(Finding.of(id(), Severity.WARNING, Pin.terminals(pins),
                word.get(1), Pin.words(pins))));
        each(derived, nameless, Severity.WARNING, found);
        each(derived, silent, Severity.NOTE, found);
        return found;
    }

    private void each(Derived derived, Set<Pin> pins, Severity severity, List<Finding> found) {
        for (End end : derived.job().ends()) {
            List<Pin> here = pins.stream().filter(p -> p.isAt(end.name())).toList();
            if (!here.isEmpty()) {
                found.add(Finding.variant(id(), "none", severity, Pin.terminals(here), Pin.words(here)));
            }
        }
    }
}
