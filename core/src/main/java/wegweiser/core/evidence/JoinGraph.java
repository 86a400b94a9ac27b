package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import wegweiser.core.wiring.DisjointSets;
import wegweiser.core.wiring.Partition;

/**
 * Terminals and the joins between them, each with the readings that prove it. Every join is kept, not only
 * those of a spanning forest, so that the shortest proof of a pair can be found: Dijkstra over the number of
 * readings, O(n²) for one source.
 */
final class JoinGraph {
    private final int n;
    private final DisjointSets sets;
    private final List<List<Edge>> edges;
    /** What was asked since the last join, by its source. */
    private Paths[] known;

    /** A join between two terminals and the numbers of the readings that prove it. */
    record Edge(int a, int b, int[] because) {
        int other(int from) {
            return from == a ? b : a;
        }
    }

    JoinGraph(int n) {
        this.n = n;
        this.sets = new DisjointSets(n);
        this.edges = new ArrayList<>(n);
        for (int i = 0; i < n; i++) {
            edges.add(null);
        }
    }

    void join(int a, int b, int[] because) {
        Edge edge = new Edge(a, b, because);
        at(a).add(edge);
        at(b).add(edge);
        sets.union(a, b);
        known = null;
    }

    private List<Edge> at(int i) {
        List<Edge> list = edges.get(i);
        if (list == null) {
            list = new ArrayList<>(4);
            edges.set(i, list);
        }
        return list;
    }

    boolean joined(int a, int b) {
        return sets.find(a) == sets.find(b);
    }

    Partition partition() {
        return sets.partition();
    }

    /** Shortest proofs from one terminal to all that are joined to it. */
    Paths from(int source) {
        // two threads may both search, and find the same
        Paths[] here = known;
        if (here == null) {
            here = new Paths[n];
            known = here;
        }
        Paths found = here[source];
        if (found == null) {
            found = search(source);
            here[source] = found;
        }
        return found;
    }

    private Paths search(int source) {
        int[] cost = new int[n];
        Edge[] last = new Edge[n];
        boolean[] settled = new boolean[n];
        Arrays.fill(cost, Integer.MAX_VALUE);
        cost[source] = 0;
        for (int step = 0; step < n; step++) {
            int at = -1;
            for (int i = 0; i < n; i++) {
                if (!settled[i] && cost[i] < Integer.MAX_VALUE && (at < 0 || cost[i] < cost[at])) {
                    at = i;
                }
            }
            if (at < 0) {
                break;
            }
            settled[at] = true;
            List<Edge> out = edges.get(at);
            for (Edge edge : out == null ? List.<Edge>of() : out) {
                int next = edge.other(at);
                if (cost[at] + edge.because().length < cost[next]) {
                    cost[next] = cost[at] + edge.because().length;
                    last[next] = edge;
                }
            }
        }
        return new Paths(source, cost, last);
    }

    /** The shortest proofs from one source. */
    record Paths(int source, int[] cost, Edge[] last) {
        boolean reaches(int target) {
            return cost[target] < Integer.MAX_VALUE;
        }

        /** Adds the readings on the way to the target. */
        void collect(int target, TreeSet<Integer> into) {
            int at = target;
            while (at != source) {
                Edge edge = last[at];
                for (int reading : edge.because()) {
                    into.add(reading);
                }
                at = edge.other(at);
            }
        }
    }
}
