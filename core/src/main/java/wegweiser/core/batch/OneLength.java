package wegweiser.core.batch;

import java.util.Arrays;
import java.util.List;

/**
 * How many cables of one length come from which piece, so that as many as possible are cut and the least is wasted: dynamic
 * programming over pieces and counts. Exact; O(pieces x count squared).
 */
final class OneLength {
    private static final double ROUNDING = 1e-6;

    private OneLength() {}

    /** Counts by piece, each a row with one number. */
    static int[][] counts(List<Double> pieces, CutPlan.Wanted wanted) {
        int wish = (int) Math.min(wanted.count(),
                pieces.stream().mapToLong(p -> holds(p, wanted.mm())).sum());
        double[] least = new double[wish + 1];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        least[0] = 0;
        int[][] taken = new int[pieces.size()][wish + 1];
        for (int p = 0; p < pieces.size(); p++) {
            double[] next = least.clone();
            long most = Math.min(wish, holds(pieces.get(p), wanted.mm()));
            for (int n = 1; n <= most; n++) {
                double left = pieces.get(p) - n * wanted.mm();
                // a cut piece costs a little, so that of plans that waste alike the one that opens fewer and shorter is taken
                double cost = (left < CutPlan.USEFUL_MM ? Math.max(0, left) : 0) + ROUNDING * pieces.get(p);
                for (int all = n; all <= wish; all++) {
                    if (least[all - n] + cost < next[all]) {
                        next[all] = least[all - n] + cost;
                        taken[p][all] = n;
                    }
                }
            }
            least = next;
        }
        int[][] counts = new int[pieces.size()][1];
        int left = wish;
        for (int p = pieces.size() - 1; p >= 0; p--) {
            counts[p][0] = taken[p][left];
            left -= taken[p][left];
        }
        return counts;
    }

    private static long holds(double piece, double mm) {
        return (long) Math.floor(piece / mm + ROUNDING);
    }
}
