package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Half;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/** The two halves of a differential pair joined the wrong way round; a telephone line works either way. */
final class PairCrossed implements Rule {
    @Override
    public String id() {
        return "pair-crossed";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        // both halves that changed places are one slip
        Map<List<String>, Set<Pin>> crossed = new LinkedHashMap<>();
        for (List<Pin> net : derived.netsOfPins()) {
            for (Half.School school : List.of(Half.School.SIGN, Half.School.LETTER)) {
                List<Pin> halves = net.stream().filter(p -> isHalf(p, school)).toList();
                if (halves.stream().map(p -> p.half().orElseThrow().polarity()).distinct().count() > 1) {
                    if (halves.stream().noneMatch(halves.getFirst()::isApart)) {
                        found.add(bridged(halves));
                    } else {
                        crossed.computeIfAbsent(pairs(halves), _ -> new LinkedHashSet<>()).addAll(halves);
                    }
                }
            }
        }
        crossed.values().stream().map(List::copyOf)
                .map(h -> Finding.of(id(), Severity.ERROR, Pin.terminals(h), Pin.words(h)))
                .forEach(found::add);
        return found;
    }

    /** The pairs of these halves, end by end. */
    private static List<String> pairs(List<Pin> halves) {
        return halves.stream().map(p -> p.terminal().end() + "." + p.half().orElseThrow().pair()).distinct()
                .sorted().toList();
    }

    /** Halves of one end alone are bridged and not crossed; those of USB on purpose, by a plug that only charges. */
    private Finding bridged(List<Pin> halves) {
        boolean marker = halves.stream().allMatch(p -> p.has(Level.USB2));
        return Finding.variant(id(), marker ? "marker" : "bridged",
                marker ? Severity.NOTE : Severity.WARNING, Pin.terminals(halves), Pin.words(halves));
    }

    private static boolean isHalf(Pin pin, Half.School school) {
        return pin.half().filter(h -> h.school() == school && h.polarity() != 0).isPresent()
                && pin.isSignal() && !pin.has(Level.TELEPHONE);
    }
}
