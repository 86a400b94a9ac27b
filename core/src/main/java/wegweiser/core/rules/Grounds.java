package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.signals.Pin;

/** Where the grounds of an end are joined to those of others. */
final class Grounds {
    private Grounds() {}

    /** The ground contacts of an end that a net joins to another end's. */
    static List<Pin> shared(Derived derived, String end) {
        return derived.netsOfPins().stream()
                .filter(net -> net.stream().anyMatch(p -> p.is(Direction.GROUND) && !p.isAt(end)))
                .flatMap(List::stream).filter(p -> p.is(Direction.GROUND) && p.isAt(end)).toList();
    }

    /** Whether copper joins a ground of one end to one of the other. */
    static boolean joined(Derived derived, String a, String b) {
        return derived.netsOfPins().stream()
                .anyMatch(net -> net.stream().anyMatch(p -> p.is(Direction.GROUND) && p.isAt(a))
                        && net.stream().anyMatch(p -> p.is(Direction.GROUND) && p.isAt(b)));
    }

    /** Whether a net holds a ground of an end, or what the end takes for one. */
    static boolean isReturn(Derived derived, List<Pin> net, End end) {
        return net.stream().anyMatch(p -> p.isAt(end.name())
                && (p.is(Direction.GROUND)
                        || p.is(Direction.SHIELD) && derived.isReturn(p.terminal())));
    }

    /** The first ground of an end, or what it takes for one. */
    static Optional<Pin> first(Derived derived, End end) {
        return derived.pins().stream().filter(p -> p.isAt(end.name()))
                .filter(p -> p.is(Direction.GROUND)
                        || p.is(Direction.SHIELD) && derived.isReturn(p.terminal()))
                .findFirst();
    }

    /** The job with one more link. */
    static Job with(Job job, Link link) {
        List<Link> links = new ArrayList<>(job.links());
        links.add(link);
        return job.withLinks(links);
    }

    /** What there is to say of every two ends. */
    static List<Finding> betweenEnds(Derived derived, BiFunction<End, End, Optional<Finding>> check) {
        List<Finding> found = new ArrayList<>();
        List<End> ends = derived.job().ends();
        for (int i = 0; i < ends.size(); i++) {
            for (int j = i + 1; j < ends.size(); j++) {
                check.apply(ends.get(i), ends.get(j)).ifPresent(found::add);
            }
        }
        return found;
    }
}
