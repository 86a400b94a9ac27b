package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** One conductor given to two nets. */
final class SameColourTwice implements Rule {
    @Override
    public String id() {
        return "same-colour-twice";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Map<String, Set<Terminal>> used = new TreeMap<>();
        for (Link link : derived.job().links()) {
            if (link.conductor().isPresent() && link.to().isPresent() && !link.isWithinOneEnd()
                    && !ScreenLinks.isScreen(link)) {
                Set<Terminal> where = used.computeIfAbsent(link.conductor().get(), _ -> new TreeSet<>());
                where.add(link.from());
                where.add(link.to().get());
            }
        }
        used.forEach((conductor, where) -> {
            List<Terminal> all = List.copyOf(where);
            if (all.stream().anyMatch(t -> !derived.nets().joined(all.getFirst(), t))
                    && isGivenTwice(derived, conductor)) {
                found.add(Finding.of(id(), Severity.WARNING, all, conductor, Words.list(all)));
            }
        });
        return found;
    }

    /** A part in line parts two nets on one conductor, which is as it should be. */
    private static boolean isGivenTwice(Derived derived, String conductor) {
        return derived.job().links().stream().filter(l -> l.conductor().equals(Optional.of(conductor)))
                .filter(l -> l.to().isPresent() && !l.isWithinOneEnd()).count() > 1;
    }
}
