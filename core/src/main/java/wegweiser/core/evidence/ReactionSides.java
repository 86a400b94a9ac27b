package wegweiser.core.evidence;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * The reaction puzzle: wires that cannot be probed, each on one of two sides of a device. Touching two wires of
 * one side does nothing, touching two of different sides makes the device react. This is a graph with parities;
 * breadth-first search over (wire, parity) finds the shortest proof of any pair in O(wires + trials).
 */
final class ReactionSides {
    private final int n;
    private final List<List<int[]>> edges = new ArrayList<>();
    private boolean any;

    ReactionSides(int n) {
        this.n = n;
        for (int i = 0; i < n; i++) {
            edges.add(List.of());
        }
    }

    /** Notes a trial; {@code number} is the reading's. */
    void add(int a, int b, boolean otherSide, int number) {
        any = true;
        int parity = otherSide ? 1 : 0;
        edges.set(a, with(edges.get(a), new int[]{b, parity, number}));
        edges.set(b, with(edges.get(b), new int[]{a, parity, number}));
    }

    private static List<int[]> with(List<int[]> list, int[] edge) {
        List<int[]> more = new ArrayList<>(list);
        more.add(edge);
        return more;
    }

    boolean isEmpty() {
        return !any;
    }

    boolean mentions(int wire) {
        return !edges.get(wire).isEmpty();
    }

    /** The trials that prove two wires to be on one side (or on different ones), or empty. */
    Optional<TreeSet<Integer>> why(int a, int b, boolean otherSide) {
        int[] from = new int[2 * n];
        int[] by = new int[2 * n];
        Arrays.fill(from, -1);
        ArrayDeque<Integer> queue = new ArrayDeque<>(List.of(2 * a));
        from[2 * a] = 2 * a;
        int goal = 2 * b + (otherSide ? 1 : 0);
        while (!queue.isEmpty() && (from[goal] < 0 || goal == 2 * a)) {
            int at = queue.poll();
            for (int[] edge : edges.get(at / 2)) {
                int next = 2 * edge[0] + (at % 2 ^ edge[1]);
                if (from[next] < 0) {
                    from[next] = at;
                    by[next] = edge[2];
                    queue.add(next);
                }
            }
        }
        if (from[goal] < 0 || goal == 2 * a) {
            return Optional.empty();
        }
        TreeSet<Integer> because = new TreeSet<>();
        for (int at = goal; at != 2 * a; at = from[at]) {
            because.add(by[at]);
        }
        return Optional.of(because);
    }

    /** Trials that cannot all be true, one set for each group of wires that has such. */
    List<TreeSet<Integer>> conflicts() {
        List<TreeSet<Integer>> found = new ArrayList<>();
        for (int wire = 0; wire < n; wire++) {
            Optional<TreeSet<Integer>> odd = mentions(wire) ? why(wire, wire, true) : Optional.empty();
            odd.map(this::smallest).filter(set -> found.stream().noneMatch(other -> sharesAny(other, set)))
                    .ifPresent(found::add);
        }
        return found;
    }

    /** Trials that cannot all be true, without those that are not needed for it: a way out and back is no circle. */
    private TreeSet<Integer> smallest(TreeSet<Integer> trials) {
        TreeSet<Integer> left = new TreeSet<>(trials);
        for (int trial : trials) {
            TreeSet<Integer> fewer = new TreeSet<>(left);
            fewer.remove(trial);
            ReactionSides some = new ReactionSides(n);
            for (int wire = 0; wire < n; wire++) {
                for (int[] edge : edges.get(wire)) {
                    if (wire < edge[0] && fewer.contains(edge[2])) {
                        some.add(wire, edge[0], edge[1] == 1, edge[2]);
                    }
                }
            }
            boolean odd = false;
            for (int wire = 0; wire < n && !odd; wire++) {
                odd = some.mentions(wire) && some.why(wire, wire, true).isPresent();
            }
            left = odd ? fewer : left;
        }
        return left;
    }

    private static boolean sharesAny(TreeSet<Integer> a, TreeSet<Integer> b) {
        return a.stream().anyMatch(b::contains);
    }
}
