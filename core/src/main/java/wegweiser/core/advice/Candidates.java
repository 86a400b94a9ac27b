package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.wiring.Partition;

/**
 * The touches worth weighing where contacts can be ganged: every single touch of an unproved pair of classes, halves of
 * what a contact may be joined to, and wide gangs. Touches whose answer is known are not among them. O(terminals²).
 */
final class Candidates {
    private Candidates() {}

    /** Red and black terminals of each candidate, by their numbers. */
    static List<int[][]> of(Job job, Evidence evidence, Belief belief, Belief.Leader leader) {
        return of(job, evidence, belief, leader, OpenPairs.of(evidence));
    }

    static List<int[][]> of(Job job, Evidence evidence, Belief belief, Belief.Leader leader,
            OpenPairs pairs) {
        List<int[][]> found = narrow(evidence, belief);
        wide(job, evidence, leader).stream().filter(pairs::isOpen).forEach(found::add);
        return found;
    }

    /**
     * How much of the proof it is to set so many pairs apart, in touches saved: half of all that are still open count one.
     */
    static double progress(int fresh, int unproved) {
        return fresh >= unproved
                ? 1
                : Math.min(1, -Math.log(1 - fresh / (double) unproved) / Math.log(2));
    }

    /** Gangs that ask about many contacts at once: everything without a partner, and the cuts of the leader's nets. */
    private static List<int[][]> wide(Job job, Evidence evidence, Belief.Leader leader) {
        List<int[][]> found = new ArrayList<>();
        Partition proved = evidence.partition();
        List<Integer> near = new ArrayList<>();
        List<Integer> far = new ArrayList<>();
        for (int i = 0; i < proved.size(); i++) {
            boolean first = evidence.index().get(i).end().equals(job.ends().getFirst().name());
            if (proved.isAlone(i)) {
                (first ? near : far).add(i);
            }
        }
        if (near.size() > 1 && far.size() > 1) {
            found.add(new int[][]{numbers(near), numbers(far)});
            found.add(new int[][]{numbers(near.subList(0, near.size() / 2)), numbers(far)});
            found.add(new int[][]{numbers(near), numbers(far.subList(0, far.size() / 2))});
            rectangles(near, far, found);
        }
        int[] roots = leader.partition().roots();
        // the same touches that clear the nets of parts later, so that none is made twice
        for (Isolation.Cut cut : Isolation.bothWays(roots.length)) {
            found.add(new int[][]{Arrays.stream(cut.red()).map(r -> roots[r]).toArray(),
                    Arrays.stream(cut.black()).map(r -> roots[r]).toArray()});
        }
        return found;
    }

    /**
     * Rectangles of several sizes: some contacts without a partner at one end against some at the other. Where little
     * is known, the size that beeps half the time gives a whole bit.
     */
    private static void rectangles(List<Integer> near, List<Integer> far, List<int[][]> found) {
        for (int rows = 2; rows <= near.size(); rows = rows < 4 ? rows + 1 : rows * 3 / 2) {
            for (int part = 1; part <= 3; part++) {
                int columns = Math.max(2, far.size() / part);
                found.add(new int[][]{numbers(near.subList(0, rows)),
                        numbers(far.subList(0, Math.min(columns, far.size())))});
                found.add(new int[][]{numbers(near.subList(near.size() - rows, near.size())),
                        numbers(far.subList(Math.max(0, far.size() - columns), far.size()))});
            }
        }
    }

    private static int[] numbers(List<Integer> list) {
        return list.stream().mapToInt(Integer::intValue).toArray();
    }

    /** All single touches of pairs not yet proved, and for gangs halves of what a contact may be joined to. */
    private static List<int[][]> narrow(Evidence evidence, Belief belief) {
        int n = evidence.index().size();
        Partition proved = evidence.partition();
        List<int[][]> found = new ArrayList<>();
        int[] open = new int[n];
        for (int a : proved.roots()) {
            int count = 0;
            for (int b = 0; b < n; b++) {
                if (a == b || !proved.isRoot(b) || evidence.isApart(a, b)) {
                    continue;
                }
                open[count++] = b;
                if (b > a) {
                    found.add(new int[][]{{a}, {b}});
                }
            }
            if (count > 1) {
                halves(belief, a, Arrays.copyOf(open, count), found);
            }
        }
        return found;
    }

    private static void halves(Belief belief, int a, int[] open, List<int[][]> found) {
        double[] chance = belief.joined(a);
        double total = 0;
        for (int b : open) {
            total += chance[b];
        }
        int[] byChance = byChance(open, chance);
        double sum = 0;
        for (int count = 1; count <= byChance.length; count++) {
            double before = sum;
            sum += chance[byChance[count - 1]];
            if (count > 1 && (before < total / 2 && sum >= total / 2 || before < 0.5 && sum >= 0.5)) {
                int[] half = Arrays.copyOf(byChance, count);
                Arrays.sort(half);
                found.add(new int[][]{{a}, half});
            }
            if (sum >= Math.max(0.5, total / 2)) {
                break;
            }
        }
        found.add(new int[][]{{a}, open});
    }

    /**
     * Contacts, the likeliest first, of equally likely ones the lower number. A chance and a number are sorted as one whole
     * number, which takes the last digits of the chance.
     */
    private static int[] byChance(int[] open, double[] chance) {
        long numbers = Long.highestOneBit(chance.length) * 2 - 1;
        long[] keys = new long[open.length];
        for (int k = 0; k < open.length; k++) {
            keys[k] = ~Double.doubleToLongBits(chance[open[k]]) & ~numbers | open[k];
        }
        Arrays.sort(keys);
        int[] sorted = new int[keys.length];
        for (int k = 0; k < keys.length; k++) {
            sorted[k] = (int) (keys[k] & numbers);
        }
        return sorted;
    }
}
