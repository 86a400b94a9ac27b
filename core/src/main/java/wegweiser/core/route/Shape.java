package wegweiser.core.route;

import java.util.Set;
import java.util.stream.Collectors;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.wiring.Nets;

/**
 * What a plan joins, whichever way its links are written and whatever conductors they have: two plans are one where copper
 * joins the same, the same parts lie between the same, and what is insulated at its far end begins at the same contacts.
 */
public record Shape(Nets nets, Set<Placed> parts, Set<Terminal> open) {
    /** A part between two nets, each known by its first terminal; only a diode has a direction. */
    record Placed(Part part, Terminal from, Terminal to) {}

    /** The shape of a job's plan. */
    public static Shape of(Job job) {
        Nets nets = Nets.planned(job);
        return new Shape(nets, job.links().stream().filter(l -> l.to().isPresent() && !l.isCopper())
                .map(l -> placed(nets, l)).collect(Collectors.toUnmodifiableSet()),
                job.links().stream()
                        .filter(l -> l.to().isEmpty()).map(Link::from)
                        .collect(Collectors.toUnmodifiableSet()));
    }

    private static Placed placed(Nets nets, Link link) {
        Terminal from = nets.netOf(link.from()).getFirst();
        Terminal to = nets.netOf(link.to().orElseThrow()).getFirst();
        boolean turned = !link.is(PartKind.DIODE) && from.compareTo(to) > 0;
        return turned
                ? new Placed(link.part().orElseThrow(), to, from)
                : new Placed(link.part().orElseThrow(), from, to);
    }
}
