package wegweiser.core.trace;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.SplittableRandom;
import wegweiser.core.model.TerminalIndex;

/**
 * "None of these": any partial matching between the ends, with some contacts open and now and then a short.
 * Stands for every wiring that has no name.
 *
 * <p>A contact is open with a given probability and else joined to any contact of another end alike; how many are
 * open is not known beforehand, so several such probabilities are weighed against each other.
 * How well this fits the readings is estimated one reading after the other, given those before it; what the
 * cable may look like is drawn at random from the matchings that the evidence allows. O(readings x terminals)
 * and O(samples x terminals²).
 */
final class OtherWirings {
    /** Shares of open contacts that are weighed, and how likely each is before any reading. */
    static final double[][] OPEN_SHARES = {{0.1, 0.45}, {0.4, 0.3}, {0.75, 0.25}};
    private static final double SAME_END = 0.03;
    private static final double SECOND_PARTNER = 0.02;
    /** One drawn cable in so many has a short that no mistake of a named wiring explains. */
    private static final int SHORT_IN = 150;

    private final int n;
    private final double openShare;
    private final int[] end;
    private final int[] endSize;

    OtherWirings(TerminalIndex index, double openShare) {
        this.openShare = openShare;
        n = index.size();
        end = new int[n];
        List<String> names = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            String name = index.get(i).end();
            if (!names.contains(name)) {
                names.add(name);
            }
            end[i] = names.indexOf(name);
        }
        endSize = new int[names.size()];
        for (int e : end) {
            endSize[e]++;
        }
    }

    /** Log of the probability of the readings; {@code error} is that of a wrong reading. */
    double logLikelihood(List<CopperProof.Item> items, double error) {
        int[] label = new int[n];
        BitSet[] apart = new BitSet[n];
        for (int i = 0; i < n; i++) {
            label[i] = i;
            apart[i] = new BitSet(n);
        }
        double log = 0;
        for (CopperProof.Item item : items) {
            double none = 1;
            for (int r : item.red()) {
                for (int b : item.black()) {
                    none *= 1 - joinProbability(label, apart, r, b);
                }
            }
            boolean joins = item.meaning() == Meaning.JOINS;
            double p = joins ? 1 - none : none;
            log += Math.log(Math.max(error, Math.min(1 - error, p)));
            if (joins && item.isSingle()) {
                merge(label, apart, item.red()[0], item.black()[0]);
            } else if (!joins) {
                for (int r : item.red()) {
                    for (int b : item.black()) {
                        apart[label[r]].set(label[b]);
                        apart[label[b]].set(label[r]);
                    }
                }
            }
        }
        return log;
    }

    private double joinProbability(int[] label, BitSet[] apart, int a, int b) {
        if (label[a] == label[b]) {
            return 1;
        }
        if (apart[label[a]].get(label[b])) {
            return 0;
        }
        if (end[a] == end[b]) {
            return SAME_END;
        }
        int open = 0;
        for (int i = 0; i < n; i++) {
            if (label[i] == label[a] && end[i] == end[b] || label[i] == label[b] && end[i] == end[a]) {
                return SECOND_PARTNER;
            }
            if (end[i] == end[b] && !apart[label[a]].get(label[i])) {
                open++;
            }
        }
        double each = (1 - openShare) / endSize[end[b]];
        return each / (openShare + each * open);
    }

    private void merge(int[] label, BitSet[] apart, int a, int b) {
        int keep = label[a];
        int gone = label[b];
        if (keep == gone) {
            return;
        }
        for (int i = 0; i < n; i++) {
            if (label[i] == gone) {
                label[i] = keep;
            }
            if (apart[i].get(gone)) {
                apart[i].set(keep);
            }
        }
        apart[keep].or(apart[gone]);
    }

    /** Random matchings that fit the evidence, as labels. */
    List<int[]> draw(Evidence evidence, int count, SplittableRandom random) {
        int[] labels = evidence.labels();
        List<Integer> roots = new ArrayList<>();
        BitSet[] ends = new BitSet[n];
        for (int i = 0; i < n; i++) {
            if (labels[i] == i) {
                roots.add(i);
                ends[i] = new BitSet();
            }
            ends[labels[i]].set(end[i]);
        }
        List<Integer> loose = roots.stream().filter(r -> ends[r].cardinality() == 1).toList();
        boolean[][] mayJoin = new boolean[n][n];
        for (int a : loose) {
            for (int b : loose) {
                mayJoin[a][b] = !ends[a].intersects(ends[b]) && !evidence.isApart(a, b);
            }
        }
        List<int[]> drawn = new ArrayList<>(count);
        for (int k = 0; k < count; k++) {
            drawn.add(drawOne(evidence, labels, roots, loose, mayJoin, random));
        }
        return drawn;
    }

    private int[] drawOne(Evidence evidence, int[] labels, List<Integer> roots, List<Integer> free,
            boolean[][] mayJoin, SplittableRandom random) {
        int[] to = new int[n];
        for (int i = 0; i < n; i++) {
            to[i] = i;
        }
        List<Integer> loose = new ArrayList<>(free);
        for (int i = loose.size() - 1; i > 0; i--) {
            int j = random.nextInt(i + 1);
            int swap = loose.get(i);
            loose.set(i, loose.get(j));
            loose.set(j, swap);
        }
        boolean[] taken = new boolean[n];
        int[] candidate = new int[loose.size()];
        for (int a : loose) {
            if (taken[a]) {
                continue;
            }
            taken[a] = true;
            int candidates = 0;
            for (int b : loose) {
                if (mayJoin[a][b] && !taken[b]) {
                    candidate[candidates++] = b;
                }
            }
            double each = (1 - openShare) / endSize[end[a]];
            if (candidates > 0 && random.nextDouble() >= openShare / (openShare + each * candidates)) {
                int chosen = candidate[random.nextInt(candidates)];
                taken[chosen] = true;
                to[Math.max(a, chosen)] = Math.min(a, chosen);
            }
        }
        if (random.nextInt(SHORT_IN) == 0 && roots.size() > 1) {
            int a = roots.get(random.nextInt(roots.size()));
            int b = roots.get(random.nextInt(roots.size()));
            if (a != b && to[a] == a && to[b] == b && mayMeet(evidence, to, roots, a, b)) {
                to[Math.max(a, b)] = Math.min(a, b);
            }
        }
        int[] drawn = new int[n];
        for (int i = 0; i < n; i++) {
            int root = labels[i];
            while (to[root] != root) {
                root = to[root];
            }
            drawn[i] = root;
        }
        return wegweiser.core.wiring.EndChange.canonical(drawn);
    }

    /** Whether no class that was drawn to one root is proved apart from one that was drawn to the other. */
    private static boolean mayMeet(Evidence evidence, int[] to, List<Integer> roots, int a, int b) {
        return roots.stream().filter(r -> to[r] == a)
                .noneMatch(r -> roots.stream().anyMatch(s -> to[s] == b && evidence.isApart(r, s)));
    }
}
