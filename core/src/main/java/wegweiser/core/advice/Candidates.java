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
        List<int[][]> found = new ArrayList<>(narrow(evidence, belief));
        found.addAll(wide(job, evidence, leader));
        found.removeIf(candidate -> !isOpen(evidence, candidate));
        return found;
    }

    /** Whether the answer is not known beforehand: some pair is unproved and none is joined. */
    private static boolean isOpen(Evidence evidence, int[][] candidate) {
        boolean open = false;
        for (int r : candidate[0]) {
            for (int b : candidate[1]) {
                if (evidence.isJoined(r, b)) {
                    return false;
                }
                open |= !evidence.isApart(r, b);
            }
        }
        return open;
    }

    /**
     * How much of the proof a touch is expected to bring, in touches saved: a join that is needed counts one, and
     * so does setting apart half of all the pairs that are still open.
     */
    static double progress(Evidence evidence, int[][] candidate, double p, int unproved) {
        boolean single = candidate[0].length == 1 && candidate[1].length == 1;
        int fresh = 0;
        for (int r : candidate[0]) {
            for (int b : candidate[1]) {
                fresh += evidence.isApart(r, b) ? 0 : 1;
            }
        }
        double apart = fresh >= unproved
                ? 1
                : Math.min(1, -Math.log(1 - fresh / (double) unproved) / Math.log(2));
        return (single ? p : 0) + (1 - p) * apart;
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
        for (int a = 0; a < n; a++) {
            List<Integer> open = new ArrayList<>();
            for (int b = 0; b < n; b++) {
                if (a == b || !proved.isRoot(b) || evidence.isJoined(a, b)
                        || evidence.isApart(a, b)) {
                    continue;
                }
                open.add(b);
                if (b > a && proved.isRoot(a)) {
                    found.add(new int[][]{{a}, {b}});
                }
            }
            if (proved.isRoot(a) && open.size() > 1) {
                halves(belief, a, open, found);
            }
        }
        return found;
    }

    private static void halves(Belief belief, int a, List<Integer> open, List<int[][]> found) {
        List<Integer> byChance = new ArrayList<>(open);
        byChance.sort((x, y) -> Double.compare(belief.joined(a, y), belief.joined(a, x)));
        double total = open.stream().mapToDouble(b -> belief.joined(a, b)).sum();
        List<Integer> half = new ArrayList<>();
        double sum = 0;
        for (int b : byChance) {
            half.add(b);
            double before = sum;
            sum += belief.joined(a, b);
            if (half.size() > 1 && (before < total / 2 && sum >= total / 2 || before < 0.5 && sum >= 0.5)) {
                found.add(new int[][]{{a}, half.stream().sorted().mapToInt(Integer::intValue).toArray()});
            }
            if (sum >= Math.max(0.5, total / 2)) {
                break;
            }
        }
        found.add(new int[][]{{a}, open.stream().mapToInt(Integer::intValue).toArray()});
    }
}
