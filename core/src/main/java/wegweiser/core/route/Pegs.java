package wegweiser.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.wiring.Nets;

/** What a hand does to a plan: joins two contacts, parts them, gives a link this or that conductor. */
public final class Pegs {
    private Pegs() {}

    /** The job with two terminals joined, or parted where a link joins them. What only follows from others stays as it is. */
    public static Job turned(Job job, Terminal a, Terminal b) {
        List<Link> links = new ArrayList<>(job.links());
        if (links.removeIf(l -> l.joins(a, b))) {
            return job.withLinks(links);
        }
        if (Nets.planned(job).joined(a, b)) {
            return job;
        }
        links.add(Link.of(a, b));
        return job.withLinks(Allocation.of(job, links));
    }

    /**
     * The job with a conductor for a link of its plan, chosen by hand. Whatever lay on the conductor gets another, if there is
     * one.
     */
    public static Job onConductor(Job job, Link link, String conductor) {
        List<Link> links = job.links().stream()
                .map(l -> l.equals(link)
                        ? l.withPinned(conductor)
                        : l.conductor().equals(Optional.of(conductor)) && l.to().isPresent()
                                ? l.unpinned()
                                : l)
                .toList();
        return job.withLinks(Allocation.of(job, links));
    }

    /** The job with a conductor left spare: what lay on it gets another, chosen by the program. */
    public static Job spared(Job job, String conductor) {
        List<Link> links = job.links().stream()
                .map(l -> l.conductor().equals(Optional.of(conductor)) && l.to().isPresent()
                        ? l.unpinned()
                        : l)
                .toList();
        return job.withLinks(Allocation.of(job, links, Set.of(conductor)));
    }
}
