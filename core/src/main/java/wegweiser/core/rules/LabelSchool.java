package wegweiser.core.rules;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Half;
import wegweiser.core.signals.Pin;

/** One side calls the halves of a bus A and B, the other + and -: makers differ in which is which. */
final class LabelSchool implements Rule {
    @Override
    public String id() {
        return "label-school";
    }

    @Override
    public List<Finding> check(Derived derived) {
        Set<Pin> mixed = new LinkedHashSet<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> halves = net.stream().filter(p -> p.half().filter(h -> h.polarity() != 0).isPresent())
                    .toList();
            boolean letters = halves.stream()
                    .anyMatch(p -> p.half().orElseThrow().school() == Half.School.LETTER);
            boolean signs = halves.stream()
                    .anyMatch(p -> p.half().orElseThrow().school() == Half.School.SIGN);
            if (letters && signs) {
                mixed.addAll(halves);
            }
        }
        List<Pin> all = List.copyOf(mixed);
        return all.isEmpty()
                ? List.of()
                : List.of(Finding.of(id(), Severity.WARNING, Pin.terminals(all), Pin.words(all)));
    }
}
