package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** One conductor between two ends given to two nets. O(links²) for each conductor. */
final class SameColourTwice implements Rule {
    @Override
    public String id() {
        return "same-colour-twice";
    }

    @Override
    public List<Finding> check(Derived derived) {
        Map<String, List<Link>> used = new TreeMap<>();
        for (Link link : derived.job().links()) {
            if (link.conductor().isPresent() && link.to().isPresent() && !link.isWithinOneEnd()
                    && !ScreenLinks.isScreen(link)) {
                used.computeIfAbsent(link.conductor().get(), _ -> new ArrayList<>()).add(link);
            }
        }
        List<Finding> found = new ArrayList<>();
        used.forEach((conductor, links) -> {
            Set<Terminal> where = new TreeSet<>();
            for (int a = 0; a < links.size(); a++) {
                for (int b = a + 1; b < links.size(); b++) {
                    if (areTwo(derived, links.get(a), links.get(b))) {
                        where.addAll(terminals(links.get(a)));
                        where.addAll(terminals(links.get(b)));
                    }
                }
            }
            if (!where.isEmpty()) {
                List<Terminal> all = List.copyOf(where);
                found.add(Finding.of(id(), Severity.WARNING, all, conductor, Words.list(all)));
            }
        });
        return found;
    }

    private static List<Terminal> terminals(Link link) {
        return List.of(link.from(), link.to().orElseThrow());
    }

    /** Whether two links meet at an end and are one wire at none: where they are, parts go on from it at the other end. */
    private static boolean areTwo(Derived derived, Link one, Link other) {
        boolean meet = false;
        for (Terminal t : terminals(one)) {
            for (Terminal u : terminals(other)) {
                if (t.end().equals(u.end())) {
                    if (derived.nets().joined(t, u)) {
                        return false;
                    }
                    meet = true;
                }
            }
        }
        return meet;
    }
}
