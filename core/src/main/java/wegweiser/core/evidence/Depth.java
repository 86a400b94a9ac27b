package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Partition;

/**
 * The pairs that bare probes are asked to prove: neighbours on a connector, where shorts happen, and supply against
 * everything at its own end, both in ohms, so that a part between them shows; and contacts without a partner against
 * everything at the other ends, so that none is called open that was never looked at. What lies beyond is left unproved
 * and counted.
 */
public final class Depth {
    /** Beyond this all contacts of a connector are alike far. */
    private static final double FARTHEST_MM = 50;
    private static final double OTHER_END_MM = 60;

    private final TerminalIndex index;
    private final List<int[]> pairs;
    private final double[][] distances;

    private Depth(TerminalIndex index, List<int[]> pairs, Map<Terminal, Contact> places) {
        this.index = index;
        this.pairs = pairs;
        this.distances = new double[index.size()][index.size()];
        for (int a = 0; a < index.size(); a++) {
            for (int b = 0; b < index.size(); b++) {
                Contact from = places.get(index.get(a));
                Contact to = places.get(index.get(b));
                distances[a][b] = sameEnd(a, b) && from != null && to != null
                        ? Math.min(FARTHEST_MM, from.distanceMm(to))
                        : OTHER_END_MM;
            }
        }
    }

    public static Depth of(Job job, TerminalIndex index) {
        List<int[]> pairs = new ArrayList<>();
        BitSet seen = new BitSet();
        Map<Terminal, Contact> places = new HashMap<>();
        Catalogue catalogue = Catalogue.of(job);
        for (End end : job.ends()) {
            ConnectorType type = catalogue.of(end).orElse(null);
            if (type == null) {
                continue;
            }
            for (Contact contact : type.contacts()) {
                places.put(end.terminal(contact.id()), contact);
            }
            for (int pass = 0; pass < 2; pass++) {
                for (String id : type.ids()) {
                    boolean supply = end.row(id).flatMap(r -> r.direction()).map(Direction::isSupply)
                            .orElse(false);
                    List<String> others = pass == 0 ? supply ? type.ids() : List.of() : type.neighbours(id);
                    for (String other : others) {
                        int a = index.of(end.terminal(id));
                        int b = index.of(end.terminal(other));
                        if (a != b && !seen.get(Math.min(a, b) * index.size() + Math.max(a, b))) {
                            seen.set(Math.min(a, b) * index.size() + Math.max(a, b));
                            pairs.add(new int[]{Math.min(a, b), Math.max(a, b)});
                        }
                    }
                }
            }
        }
        return new Depth(index, pairs, places);
    }

    /** The pairs that are still to be asked, by the numbers of their terminals. */
    public List<int[]> open(Evidence evidence) {
        return all(evidence).stream().filter(pair -> isOpen(evidence, pair)).toList();
    }

    /** The fixed pairs, by the numbers of their terminals: neighbours, and supply against everything at its end. */
    public List<int[]> near() {
        return pairs;
    }

    /** Whether the fixed pairs are known, whatever lies across from end to end. */
    boolean isNear(Evidence evidence) {
        return pairs.stream().noneMatch(pair -> isOpen(evidence, pair));
    }

    /** The fixed pairs, and those of different ends of which one is joined to no other end, as far as readings tell. */
    private List<int[]> all(Evidence evidence) {
        Partition nets = evidence.partition();
        BitSet joined = new BitSet();
        for (int a = 0; a < nets.size(); a++) {
            for (int b = a + 1; b < nets.size(); b++) {
                if (nets.isJoined(a, b) && !sameEnd(a, b)) {
                    joined.set(nets.root(a));
                }
            }
        }
        List<int[]> found = new ArrayList<>(pairs);
        for (int a = 0; a < nets.size(); a++) {
            for (int b = a + 1; b < nets.size(); b++) {
                if (!sameEnd(a, b) && !(joined.get(nets.root(a)) && joined.get(nets.root(b)))) {
                    found.add(new int[]{a, b});
                }
            }
        }
        return found;
    }

    private boolean sameEnd(int a, int b) {
        return index.get(a).end().equals(index.get(b).end());
    }

    /** Whether it is not known yet that two contacts are joined or apart, or at one end what lies between them. */
    private boolean isOpen(Evidence evidence, int[] pair) {
        return !evidence.isJoined(pair[0], pair[1]) && (!evidence.isApart(pair[0], pair[1])
                || sameEnd(pair[0], pair[1]) && !evidence.isPartKnown(pair[0], pair[1]));
    }

    /** Distance in mm between two contacts of one end; a constant when the hand goes to another connector. */
    public double distance(int from, int to) {
        return distances[from][to];
    }
}
