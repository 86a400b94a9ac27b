package wegweiser.core.conductors;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Schools.Network;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/**
 * The colours at the positions of an eight-way network plug: two standards of TIA-568, which differ in where the orange and
 * the green pair lie. Both ends of a straight lead have the same.
 */
public final class NetworkColours {
    private static final List<String> B = List.of("WH/OG", "OG", "WH/GN", "BU", "WH/BU", "GN", "WH/BN", "BN");
    private static final Map<String, String> EXCHANGED = Map.of("WH/OG", "WH/GN", "OG", "GN", "WH/GN",
            "WH/OG",
            "GN", "OG");

    private NetworkColours() {}

    /** Position by position from 1; B where nothing was chosen. */
    static List<String> of(Job job) {
        return chosen(job) == Network.T568B ? B : B.stream().map(NetworkColours::other).toList();
    }

    /** The colour that lies at a contact of an eight-way network plug, whatever goes over it; empty elsewhere. */
    static Optional<String> usual(Job job, Terminal terminal) {
        boolean plug = job.end(terminal.end()).flatMap(Catalogue.of(job)::of)
                .filter(t -> t.kind() == ConnectorKind.MODULAR && t.pinIds().size() == B.size())
                .filter(t -> t.has(terminal.contact())).isPresent();
        return plug && terminal.contact().matches("[1-8]")
                ? Optional.of(of(job).get(Integer.parseInt(terminal.contact()) - 1))
                : Optional.empty();
    }

    /** The standard that a job follows; B where nothing was chosen. */
    public static Network chosen(Job job) {
        return job.schools().network().orElse(Network.T568B);
    }

    private static String other(String colour) {
        return EXCHANGED.getOrDefault(colour, colour);
    }

    /** Whether a cable has the colours of these standards. */
    static boolean areIn(CableStock cable) {
        return cable.conductors().containsAll(B);
    }

    /** Whether the standards say anything about a job: a cable in these colours and a plug that takes them. */
    public static boolean matter(Job job) {
        return Cables.of(job).filter(NetworkColours::areIn).isPresent() && plug(job).isPresent();
    }

    /** The first end with a network plug that carries a network; another port with such a plug follows no standard. */
    static Optional<End> plug(Job job) {
        return job.ends().stream().filter(e -> Pin.of(e).stream().anyMatch(p -> p.has(Level.ETHERNET)))
                .filter(e -> Catalogue.of(job).of(e)
                        .filter(t -> t.kind() == ConnectorKind.MODULAR && t.pinIds().size() == B.size())
                        .isPresent())
                .findFirst();
    }

    /** The job by a standard; where it followed the other, its plan has the two pairs exchanged. */
    public static Job follow(Job job, Network network) {
        Job following = job.withSchools(job.schools().withNetwork(network));
        return chosen(job) == network || !matter(job)
                ? following
                : following.withLinks(job.links().stream()
                        .map(l -> l.withConductor(l.conductor().map(NetworkColours::other))).toList());
    }
}
