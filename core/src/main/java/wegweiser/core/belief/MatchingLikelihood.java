package wegweiser.core.belief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import wegweiser.core.evidence.CopperProof;
import wegweiser.core.evidence.Meaning;

/**
 * How likely readings are of a cable whose contacts are joined at random in part: estimated one reading after the
 * other, given those before it. O(readings x gang size x terminals).
 *
 * @param end for each terminal the number of its end
 * @param open for each end how likely a contact is open
 * @param each for each end how likely a contact is joined to any one contact elsewhere
 */
record MatchingLikelihood(int[] end, double[] open, double[] each) {
    private static final double SAME_END = 0.03;
    static final double SECOND_PARTNER = 0.02;

    /** Log of the probability of the readings; {@code error} is that of a wrong reading. */
    double log(List<CopperProof.Item> items, double error) {
        int n = end.length;
        int[] label = new int[n];
        BitSet[] apart = new BitSet[n];
        for (int i = 0; i < n; i++) {
            label[i] = i;
            apart[i] = new BitSet(n);
        }
        double sum = 0;
        List<CopperProof.Item> sought = new ArrayList<>();
        for (CopperProof.Item item : items) {
            double p = beepProbability(label, apart, item);
            CopperProof.Item narrowed = item;
            for (CopperProof.Item gang : sought) {
                CopperProof.Item within = within(item, gang);
                if (within != null) {
                    p = Math.min(1, beepProbability(label, apart, within)
                            / Math.max(error, beepProbability(label, apart, gang)));
                    if (size(within) < size(item)) {
                        p += (1 - p) * SECOND_PARTNER;
                    }
                    narrowed = within.black().length > 0 ? within : item;
                    break;
                }
            }
            boolean joins = item.meaning() == Meaning.JOINS;
            sum += Math.log(Math.clamp(joins ? p : 1 - p, error, 1 - error));
            if (joins && item.isSingle()) {
                merge(label, apart, item.red()[0], item.black()[0]);
                sought.removeIf(gang -> gang.isBeeping(label));
            } else if (joins && !item.isBeeping(label)) {
                sought.addFirst(narrowed);
            } else if (!joins) {
                for (int r : item.red()) {
                    for (int b : item.black()) {
                        apart[label[r]].set(label[b]);
                        apart[label[b]].set(label[r]);
                    }
                }
            }
        }
        return sum;
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

    /**
     * What a touch asks of a gang that beeped: all of it where the gang asked as much and more, and where both ask about
     * the same one contact, whose partner is sought, what both have in common. Null where neither is so.
     */
    private static CopperProof.Item within(CopperProof.Item item, CopperProof.Item gang) {
        if (isSubset(item.red(), gang.red()) && isSubset(item.black(), gang.black())
                || isSubset(item.red(), gang.black()) && isSubset(item.black(), gang.red())) {
            return item;
        }
        return item.red().length == 1 && Arrays.equals(item.red(), gang.red())
                ? new CopperProof.Item(item.number(), item.meaning(), item.red(),
                        Arrays.stream(item.black()).filter(b -> isSubset(new int[]{b}, gang.black()))
                                .toArray())
                : null;
    }

    private static boolean isSubset(int[] part, int[] whole) {
        return Arrays.stream(part).allMatch(i -> Arrays.stream(whole).anyMatch(w -> w == i));
    }

    private static int size(CopperProof.Item item) {
        return item.red().length * item.black().length;
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
        for (int i = 0; i < end.length; i++) {
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

    private static void merge(int[] label, BitSet[] apart, int a, int b) {
        int keep = label[a];
        int gone = label[b];
        if (keep == gone) {
            return;
        }
        for (int i = 0; i < label.length; i++) {
            if (label[i] == gone) {
                label[i] = keep;
            }
            if (apart[i].get(gone)) {
                apart[i].set(keep);
            }
        }
        apart[keep].or(apart[gone]);
    }
}
