package wegweiser.benchmarks.report;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.advice.CostModel;

/**
 * The least time in which any way of touching identifies the cables of a mix, in expected seconds: dynamic programming over
 * all that readings of two probes can tell. A state is which pairs of one end by the other beeped, which were silent, and
 * where the probes are; from each every touch that can tell something, or that has to be made before the end, is weighed
 * with both answers. As with the advisor, it may end when one table has as much of the belief as is asked for, every join of
 * it was touched, and so was every pair of contacts that is said to be open, where these are few.
 *
 * <p>States with the same consistent tables and the same pairs left to touch are one. Exact, not an estimate; at most 3^(n m)
 * states of n by m pairs, in practice a few per cent of that. Bellman 1957, Dynamic Programming, chapter 3.
 */
final class Floor {
    /** A table as a set of bits, one for each pair; and its share. */
    private record Table(int pairs, double share) {}

    private static final float OVER = Float.MAX_VALUE;
    private static final double IMPOSSIBLE = 1e-12;

    private final int near;
    private final int far;
    private final int all;
    private final double believed;
    private final int few;
    private final double move;
    private final List<Table> tables = new ArrayList<>();
    private final int[] cross;
    private final Map<Long, float[]> known = new HashMap<>();

    /**
     * @param shares tables and how likely each is; bit {@code i * far + j} says that contact i is joined to contact j
     * @param believed belief from which a table may be said
     * @param few up to so many pairs of contacts that are said to be open, all of them have to be touched
     */
    Floor(int near, int far, Map<Integer, Double> shares, double believed, int few, CostModel cost) {
        if (near * far > 25) {
            throw new IllegalArgumentException(near + " by " + far + " pairs are too many to try everything");
        }
        this.near = near;
        this.far = far;
        this.all = (1 << near * far) - 1;
        this.believed = believed;
        this.few = few;
        this.move = cost.moveProbe();
        shares.forEach((pairs, share) -> tables.add(new Table(pairs, share)));
        this.cross = new int[near * far];
        for (int p = 0; p < cross.length; p++) {
            for (int q = 0; q < cross.length; q++) {
                cross[p] |= p / far == q / far || p % far == q % far ? 1 << q : 0;
            }
        }
    }

    /** Expected seconds of the best way, from the first touch to the end. */
    double seconds() {
        double[] weight = weights();
        float[] least = new float[all + 1];
        float[][] inRow = new float[near][all + 1];
        float[][] inColumn = new float[far][all + 1];
        List<List<Table>> beeping = new ArrayList<>();
        for (int p = 0; p < cross.length; p++) {
            int bit = 1 << p;
            beeping.add(tables.stream().filter(t -> (t.pairs & bit) != 0).toList());
        }
        FirstBeep first = new FirstBeep(beeping);
        // while nothing beeped: every set of silent pairs, the larger ones first
        for (int silent = all; silent >= 0; silent--) {
            least[silent] = OVER;
            for (int i = 0; i < near; i++) {
                inRow[i][silent] = OVER;
            }
            for (int j = 0; j < far; j++) {
                inColumn[j][silent] = OVER;
            }
            for (int p = 0; p < cross.length && weight[silent] > IMPOSSIBLE; p++) {
                int more = silent | 1 << p;
                if (more == silent) {
                    continue;
                }
                double quiet = Math.max(0, weight[more] / weight[silent]);
                double after = quiet < 1 ? (1 - quiet) * first.left(p, silent) : 0;
                if (weight[more] > IMPOSSIBLE) {
                    double near1 = Math.min(inRow[p / far][more], inColumn[p % far][more]) + move;
                    after += quiet * Math.min(near1, least[more] + 2 * move);
                }
                least[silent] = Math.min(least[silent], (float) after);
                inRow[p / far][silent] = Math.min(inRow[p / far][silent], (float) after);
                inColumn[p % far][silent] = Math.min(inColumn[p % far][silent], (float) after);
            }
        }
        return least[0] + 2 * move;
    }

    /** For each set of pairs the share of the cables that join none of them. O(2^(n m) n m). */
    private double[] weights() {
        double[] weight = new double[all + 1];
        tables.forEach(t -> weight[t.pairs] += t.share);
        for (int p = 0; p < cross.length; p++) {
            for (int set = 0; set <= all; set++) {
                if ((set >> p & 1) == 1) {
                    weight[set] += weight[set ^ 1 << p];
                }
            }
        }
        // so far of the tables inside a set; those that join nothing of it lie inside all others
        for (int set = 0; set < (all ^ set); set++) {
            double kept = weight[set];
            weight[set] = weight[all ^ set];
            weight[all ^ set] = kept;
        }
        return weight;
    }

    /**
     * What is left after the first beep. Of the pairs in its row and column only those matter that a table joins which is
     * still consistent, which none does that is one to one.
     */
    private final class FirstBeep {
        private final List<List<Table>> beeping;
        private final int[][] wide;
        private final float[][] narrow = new float[cross.length][];
        private final Map<Long, Float> others = new HashMap<>();

        FirstBeep(List<List<Table>> beeping) {
            this.beeping = beeping;
            this.wide = new int[cross.length][];
            for (int p = 0; p < cross.length; p++) {
                int bit = 1 << p;
                int around = cross[p] & ~bit;
                wide[p] = beeping.get(p).stream().mapToInt(Table::pairs).filter(t -> (t & around) != 0)
                        .toArray();
                narrow[p] = new float[1 << Integer.bitCount(all & ~cross[p])];
                Arrays.fill(narrow[p], OVER);
            }
        }

        float left(int p, int silent) {
            int mattering = 0;
            for (int t : wide[p]) {
                mattering |= (t & silent) == 0 ? t & cross[p] : 0;
            }
            int rest = Integer.compress(silent, all & ~cross[p]);
            if (mattering == 0) {
                if (narrow[p][rest] == OVER) {
                    narrow[p][rest] = solve(p, silent);
                }
                return narrow[p][rest];
            }
            long key = ((long) p << 32 | silent & ~cross[p] | mattering & cross[p]) * 2
                    + 1;
            return others.computeIfAbsent(key, _ -> solve(p, silent));
        }

        private float solve(int p, int silent) {
            return Floor.this.left(1 << p, silent & ~(1 << p), p, beeping.get(p));
        }
    }

    /** How many states were told apart. */
    int states() {
        return known.size();
    }

    /** What is still to come from a state, with the probes on a pair. */
    private float left(int beeps, int silent, int at, List<Table> consistent) {
        float[] after = after(beeps, silent, consistent);
        if (after.length == 0) {
            return 0;
        }
        float best = OVER;
        for (int p = 0; p < after.length; p++) {
            if (after[p] < OVER) {
                best = Math.min(best, after[p] + (float) ((cross[at] >> p & 1) == 1 ? move : 2 * move));
            }
        }
        return best;
    }

    /** Seconds that are still to come after a touch was made, for each touch; nothing where the cable is identified. */
    private float[] after(int beepsSeen, int silentSeen, List<Table> before) {
        int beeps = closed(beepsSeen);
        List<Table> consistent = before.stream()
                .filter(t -> (t.pairs & beeps) == beeps && (t.pairs & silentSeen) == 0).toList();
        int can = consistent.stream().mapToInt(Table::pairs).reduce(0, (a, b) -> a | b);
        int must = consistent.stream().mapToInt(Table::pairs).reduce(all, (a, b) -> a & b);
        int taken = taken(beeps);
        // where nothing that is consistent joins a pair, it matters only while it could be said to be open without a touch
        int silent = silentSeen | all & ~can & taken;
        long key = (long) beeps << 32 | silent;
        float[] found = known.get(key);
        if (found != null) {
            return found;
        }
        double weight = consistent.stream().mapToDouble(Table::share).sum();
        Table best = consistent.stream().max((a, b) -> Double.compare(a.share, b.share)).orElseThrow();
        int free = all & ~taken & ~silent;
        if (best.pairs == beeps && best.share >= believed * weight
                && (Integer.bitCount(free) == 0 || Integer.bitCount(all & ~taken) > few)) {
            known.put(key, new float[0]);
            return known.get(key);
        }
        float[] after = new float[cross.length];
        Arrays.fill(after, OVER);
        for (int p = 0; p < after.length; p++) {
            int bit = 1 << p;
            if (((beeps | silent) & bit) != 0) {
                continue;
            }
            boolean tells = (can & bit) != 0 && (must & bit) == 0;
            boolean hasToBe = (must & bit) != 0 || (can & bit) == 0 && (free & bit) != 0;
            if (!tells && !hasToBe) {
                continue;
            }
            double beep = 0;
            for (Table t : consistent) {
                beep += (t.pairs & bit) != 0 ? t.share : 0;
            }
            double share = beep / weight;
            double sum = 0;
            if (share > 0) {
                sum += share * left(beeps | bit, silent, p, consistent);
            }
            if ((must & bit) == 0) {
                sum += (1 - share) * left(beeps, silent | bit, p, consistent);
            }
            after[p] = (float) sum;
        }
        known.put(key, after);
        return after;
    }

    /** Joins that follow: two contacts that beep with one beep with the same others. */
    private int closed(int beeps) {
        int now = beeps;
        for (int before = -1; before != now;) {
            before = now;
            for (int i = 0; i < near; i++) {
                for (int k = 0; k < i; k++) {
                    int one = now >> i * far & (1 << far) - 1;
                    int other = now >> k * far & (1 << far) - 1;
                    if ((one & other) != 0) {
                        now |= (one | other) << i * far | (one | other) << k * far;
                    }
                }
            }
        }
        return now;
    }

    /** Pairs of which one contact or the other is joined across. */
    private int taken(int beeps) {
        int taken = 0;
        for (int p = 0; p < cross.length; p++) {
            taken |= (beeps >> p & 1) == 1 ? cross[p] : 0;
        }
        return taken;
    }
}
