package wegweiser.core.usual;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.ReturnContacts;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Wiring;

/** A wiring with a name as the plan of a job. */
final class PlannedWiring {
    private PlannedWiring() {}

    /**
     * The links of a wiring between the first two ends, with their conductors.
     *
     * @throws IllegalStateException when the program has no such wiring
     */
    static List<Link> links(Job job, String id) {
        NamedWiring named = NamedWiring.standard().stream().filter(w -> w.id().equals(id)).findFirst()
                .orElseThrow(() -> new IllegalStateException("no wiring is called " + id));
        String near = job.ends().get(0).name();
        String far = job.ends().get(1).name();
        List<Link> links = new ArrayList<>();
        for (Wiring.Net net : named.wiring().nets()) {
            chain(near, List.copyOf(net.near()), links);
            if (!net.near().isEmpty() && !net.far().isEmpty()) {
                links.add(screened(job, Link.of(new Terminal(near, net.near().first()),
                        new Terminal(far, net.far().first()))));
            }
            chain(far, List.copyOf(net.far()), links);
        }
        return Allocation.of(job, links);
    }

    private static void chain(String end, List<String> contacts, List<Link> links) {
        for (int k = 1; k < contacts.size(); k++) {
            links.add(Link.of(new Terminal(end, contacts.get(k - 1)), new Terminal(end, contacts.get(k))));
        }
    }

    /** A link between contacts that take the screen as their conductor lies on it, where the cable has one. */
    private static Link screened(Job job, Link link) {
        boolean returns = job.ends().stream().limit(2).allMatch(
                e -> ReturnContacts.of(e, Catalogue.of(job).of(e)).filter(link::touches).isPresent());
        boolean shield = job.ends().stream().flatMap(e -> Pin.of(e).stream())
                .anyMatch(p -> p.is(Direction.SHIELD) && link.touches(p.terminal()));
        return (returns || shield) && Cables.of(job).map(CableStock::isScreened).orElse(false)
                ? link.withConductor(Optional.of(Link.SCREEN))
                : link;
    }
}
