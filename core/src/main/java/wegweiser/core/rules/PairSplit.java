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

/** The two halves of a differential signal in different twisted pairs, which continuity cannot see. */
final class PairSplit implements Rule {
    @Override
    public String id() {
        return "pair-split";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        if (cable == null || cable.pairs().isEmpty()) {
            return found;
        }
        Map<List<String>, Set<Terminal>> split = new LinkedHashMap<>();
        for (List<PairHalves.Carried> halves : PairHalves.of(derived).values()) {
            List<String> used = halves.stream().map(PairHalves.Carried::conductor).distinct().sorted()
                    .toList();
            if (halves.size() == 2 && used.size() == 2
                    && !cable.partner(used.getFirst()).map(used.getLast()::equals).orElse(false)) {
                halves.forEach(h -> split.computeIfAbsent(used, _ -> new TreeSet<>()).add(h.terminal()));
            }
        }
        split.forEach((used, where) -> found.add(
                Finding.of(id(), Severity.ERROR, List.copyOf(where), used.getFirst(), used.getLast())));
        return found;
    }
}
