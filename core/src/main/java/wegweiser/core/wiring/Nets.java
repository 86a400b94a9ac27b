package wegweiser.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;

/**
 * Which terminals are joined by copper: a partition.
 *
 * @param index the terminals
 * @param partition which of them, by their numbers, are in one net
 */
public record Nets(TerminalIndex index, Partition partition) {
    /** The nets that a job's links make. Parts and cut conductors join nothing. */
    public static Nets planned(Job job) {
        return of(new TerminalIndex(Terminals.of(job)), job.links());
    }

    /** The nets of a wiring between two ends. */
    public static Nets of(TerminalIndex index, Wiring wiring, String near, String far) {
        List<Link> links = new ArrayList<>();
        for (Wiring.Net net : wiring.nets()) {
            List<Terminal> all = new ArrayList<>();
            net.near().forEach(c -> all.add(new Terminal(near, c)));
            net.far().forEach(c -> all.add(new Terminal(far, c)));
            for (int k = 1; k < all.size(); k++) {
                links.add(Link.of(all.getFirst(), all.get(k)));
            }
        }
        return of(index, links);
    }

    /** The nets that links make over these terminals; links to other terminals are passed over. */
    public static Nets of(TerminalIndex index, List<Link> links) {
        DisjointSets sets = new DisjointSets(index.size());
        for (Link link : links) {
            if (link.isCopper() && index.contains(link.from()) && index.contains(link.to().orElseThrow())) {
                sets.union(index.of(link.from()), index.of(link.to().orElseThrow()));
            }
        }
        return new Nets(index, sets.partition());
    }

    /** Whether two terminals are in one net. */
    public boolean joined(Terminal a, Terminal b) {
        return partition.isJoined(index.of(a), index.of(b));
    }

    /** All nets, those of a single terminal too, in the order of their first terminals. */
    public List<List<Terminal>> all() {
        Map<Integer, List<Terminal>> byRoot = new TreeMap<>();
        for (int i = 0; i < partition.size(); i++) {
            byRoot.computeIfAbsent(partition.root(i), _ -> new ArrayList<>()).add(index.get(i));
        }
        return byRoot.values().stream().map(List::copyOf).toList();
    }

    /** Nets of two terminals or more. */
    public List<List<Terminal>> joinedNets() {
        return all().stream().filter(n -> n.size() > 1).toList();
    }

    /** The net of a terminal, itself included. */
    public List<Terminal> netOf(Terminal terminal) {
        int number = index.of(terminal);
        List<Terminal> net = new ArrayList<>();
        for (int i = 0; i < partition.size(); i++) {
            if (partition.isJoined(i, number)) {
                net.add(index.get(i));
            }
        }
        return net;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Nets nets && index.terminals().equals(nets.index.terminals())
                && partition.equals(nets.partition);
    }

    @Override
    public int hashCode() {
        return partition.hashCode();
    }

    @Override
    public String toString() {
        return joinedNets().toString();
    }
}
