package wegweiser.core.trace;

import java.util.ArrayList;
import java.util.Arrays;
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
    private final int[] end;
    /** For each end how likely a contact is open, and joined to any one contact elsewhere, before anything is read. */
    private final double[] open;
    private final double[] each;

    OtherWirings(TerminalIndex index, double openShare) {
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
        open = new double[names.size()];
        each = new double[names.size()];
        for (int e = 0; e < open.length; e++) {
            int own = e;
            int here = (int) Arrays.stream(end).filter(o -> o == own).count();
            int elsewhere = n - here;
            each[e] = (1 - openShare) / Math.max(1, Math.max(here, elsewhere));
            open[e] = 1 - each[e] * elsewhere;
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
        List<CopperProof.Item> sought = new ArrayList<>();
        for (CopperProof.Item item : items) {
            double p = beepProbability(label, apart, item);
            for (CopperProof.Item gang : sought) {
                if (isWithin(item, gang)) {
                    p = Math.min(1, p / Math.max(error, beepProbability(label, apart, gang)));
                    break;
                }
            }
            boolean joins = item.meaning() == Meaning.JOINS;
            log += Math.log(Math.clamp(joins ? p : 1 - p, error, 1 - error));
            if (joins && item.isSingle()) {
                merge(label, apart, item.red()[0], item.black()[0]);
                sought.removeIf(gang -> isFound(label, gang));
            } else if (joins && !isFound(label, item)) {
                sought.addFirst(item);
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

    /** Probability that a touch beeps: contacts of one end exclude each other as partners of a contact of the other. */
    private double beepProbability(int[] label, BitSet[] apart, CopperProof.Item item) {
        boolean byRed = item.red().length <= item.black().length;
        double none = 1;
        for (int one : byRed ? item.red() : item.black()) {
            double some = 0;
            for (int other : byRed ? item.black() : item.red()) {
                some += joinProbability(label, apart, one, other);
            }
            none *= Math.max(0, 1 - some);
        }
        return 1 - none;
    }

    /** Whether all that a touch asks was asked by the touch of a gang. */
    private static boolean isWithin(CopperProof.Item item, CopperProof.Item gang) {
        return isSubset(item.red(), gang.red()) && isSubset(item.black(), gang.black())
                || isSubset(item.red(), gang.black()) && isSubset(item.black(), gang.red());
    }

    private static boolean isSubset(int[] part, int[] whole) {
        return Arrays.stream(part).allMatch(i -> Arrays.stream(whole).anyMatch(w -> w == i));
    }

    /** Whether it is known which contacts made a gang beep. */
    private static boolean isFound(int[] label, CopperProof.Item gang) {
        return Arrays.stream(gang.red())
                .anyMatch(r -> Arrays.stream(gang.black()).anyMatch(b -> label[r] == label[b]));
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
        int forA = 0;
        int forB = 0;
        for (int i = 0; i < n; i++) {
            if (label[i] == label[a] && end[i] == end[b] || label[i] == label[b] && end[i] == end[a]) {
                return SECOND_PARTNER;
            }
            forA += end[i] == end[b] && !apart[label[a]].get(label[i]) ? 1 : 0;
            forB += end[i] == end[a] && !apart[label[b]].get(label[i]) ? 1 : 0;
        }
        return Math.sqrt(share(a, forA) * share(b, forB));
    }

    /** Probability that a contact is joined to a certain one of those that it may still be joined to. */
    private double share(int contact, int possible) {
        int e = end[contact];
        return each[e] / (open[e] + each[e] * possible);
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
        int[] loose = roots.stream().mapToInt(r -> r).filter(r -> ends[r].cardinality() == 1).toArray();
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

    private int[] drawOne(Evidence evidence, int[] labels, List<Integer> roots, int[] free,
            boolean[][] mayJoin, SplittableRandom random) {
        int[] to = new int[n];
        for (int i = 0; i < n; i++) {
            to[i] = i;
        }
        int[] loose = free.clone();
        for (int i = loose.length - 1; i > 0; i--) {
            int j = random.nextInt(i + 1);
            int swap = loose[i];
            loose[i] = loose[j];
            loose[j] = swap;
        }
        boolean[] taken = new boolean[n];
        int[] candidate = new int[loose.length];
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
            double joined = each[end[a]] * candidates;
            if (candidates > 0 && random.nextDouble() * (open[end[a]] + joined) < joined) {
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
