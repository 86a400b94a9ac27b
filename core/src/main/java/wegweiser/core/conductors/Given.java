package wegweiser.core.conductors;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.wiring.Nets;

/**
 * The conductors that links have already. Each stretch between two ends is a cable of its own with all its conductors, so one
 * that is taken between two ends is there between two others, best for the same net.
 *
 * @param links those that have a conductor along the cable
 * @param legs the stretches there are, each by its two ends
 */
record Given(List<Link> links, Set<Set<String>> legs, Nets nets) {
    /** More than a line costs that goes without. */
    private static final double TAKEN = 2 * Likes.IMPOSSIBLE;
    private static final double ANOTHER_NET = 30;

    static Given of(Job job, List<Link> all) {
        Set<Set<String>> legs = new HashSet<>();
        all.stream().filter(Given::isAlong).forEach(l -> legs.add(leg(l)));
        return new Given(all.stream().filter(Given::isAlong).filter(l -> l.conductor().isPresent()).toList(),
                legs,
                Nets.planned(job.withLinks(all)));
    }

    private static boolean isAlong(Link link) {
        return link.to().isPresent() && !link.isWithinOneEnd();
    }

    private static Set<String> leg(Link link) {
        return Set.of(link.from().end(), link.to().orElseThrow().end());
    }

    /** Whether a conductor is taken on every stretch. */
    boolean isEverywhere(String conductor) {
        return !links.isEmpty()
                && legs.stream().allMatch(leg -> on(conductor).anyMatch(l -> leg(l).equals(leg)));
    }

    private Stream<Link> on(String conductor) {
        return links.stream().filter(l -> l.conductor().equals(Optional.of(conductor)));
    }

    /** Whether some conductors are taken on one stretch and free on another. */
    boolean isPartly() {
        return legs.size() > 1 && !links.isEmpty();
    }

    /** What it costs a line to take a conductor, for those that lie there already. */
    double cost(Line line, List<Link> all, String conductor) {
        if (!isPartly()) {
            return 0;
        }
        Set<Set<String>> own = new HashSet<>();
        line.links().forEach(n -> own.add(leg(all.get(n))));
        if (on(conductor).anyMatch(l -> own.contains(leg(l)))) {
            return TAKEN;
        }
        boolean mine = on(conductor).anyMatch(l -> isOf(line, l));
        boolean others = on(conductor).anyMatch(l -> !isOf(line, l));
        boolean elsewhere = links.stream().anyMatch(l -> isOf(line, l));
        return others || elsewhere && !mine ? ANOTHER_NET : 0;
    }

    private boolean isOf(Line line, Link link) {
        return link.isCopper() && nets.joined(line.terminals().getFirst(), link.from());
    }
}
