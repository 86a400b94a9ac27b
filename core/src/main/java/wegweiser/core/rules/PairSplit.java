package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;

/** The two halves of a differential signal in different twisted pairs, which continuity cannot see. */
final class PairSplit implements Rule {
    /** One half, where it is, and the conductor that carries it. */
    private record Carried(Terminal terminal, String conductor) {}

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
        for (List<Carried> halves : pairs(derived).values()) {
            List<String> used = halves.stream().map(Carried::conductor).distinct().sorted().toList();
            if (halves.size() == 2 && used.size() == 2
                    && !cable.partner(used.getFirst()).map(used.getLast()::equals).orElse(false)) {
                halves.forEach(h -> split.computeIfAbsent(used, _ -> new TreeSet<>()).add(h.terminal()));
            }
        }
        split.forEach((used, where) -> found.add(
                Finding.of(id(), Severity.ERROR, List.copyOf(where), used.getFirst(), used.getLast())));
        return found;
    }

    /** The halves that are carried, by end and pair, whichever way a link is written. */
    private static Map<String, List<Carried>> pairs(Derived derived) {
        Map<String, List<Carried>> found = new TreeMap<>();
        for (Link link : derived.job().links()) {
            for (Terminal t : link.to().isEmpty()
                    ? List.of(link.from())
                    : List.of(link.from(), link.to().get())) {
                derived.pin(t).filter(_ -> link.conductor().isPresent() && !ScreenLinks.isScreen(link))
                        .filter(Pin::isSignal).flatMap(Pin::half)
                        .ifPresent(
                                h -> found.computeIfAbsent(t.end() + " " + h.pair(), _ -> new ArrayList<>())
                                        .add(new Carried(t, link.conductor().orElseThrow())));
            }
        }
        return found;
    }
}
