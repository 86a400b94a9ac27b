package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;

/** A fast differential signal on a cable that has no twisted pairs; where it has some, {@link PairSplit} speaks. */
final class PairUntwisted implements Rule {
    private static final Set<Level> FAST = Set.of(Level.USB2, Level.USB3, Level.ETHERNET, Level.CAN,
            Level.RS485, Level.RS422);
    /** So short a piece, within a device or between two of them, does without. */
    private static final double SHORT_MM = 300;

    @Override
    public String id() {
        return "pair-untwisted";
    }

    @Override
    public List<Finding> check(Derived derived) {
        CableStock cable = derived.cable().orElse(null);
        if (cable == null || !cable.pairs().isEmpty()
                || derived.job().cable().lengthMm().orElse(Double.MAX_VALUE) <= SHORT_MM) {
            return List.of();
        }
        Map<List<String>, Set<Terminal>> untwisted = new LinkedHashMap<>();
        for (List<PairHalves.Carried> halves : PairHalves.of(derived).values()) {
            List<String> used = halves.stream().map(PairHalves.Carried::conductor).distinct().sorted()
                    .toList();
            boolean fast = halves.stream().anyMatch(h -> derived.pin(h.terminal())
                    .flatMap(p -> p.level()).filter(FAST::contains).isPresent());
            if (used.size() == 2 && fast) {
                halves.forEach(
                        h -> untwisted.computeIfAbsent(used, _ -> new TreeSet<>()).add(h.terminal()));
            }
        }
        List<Finding> found = new ArrayList<>();
        untwisted.forEach((used, where) -> found.add(Finding.of(id(), Severity.WARNING, List.copyOf(where),
                used.getFirst(), used.getLast())));
        return found;
    }
}
