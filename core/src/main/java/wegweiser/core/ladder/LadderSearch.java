package wegweiser.core.ladder;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * Chooses the values of a ladder plug by simulated annealing (Kirkpatrick, Gelatt and Vecchi, 1983): one value after the
 * other is changed, and a change for the worse is kept the less often the longer it goes on.
 *
 * <p>No reading may mean two contacts, nor a pair that matters and anything else. Beyond that as few contacts as possible
 * are to share their readings with some other pair. A step costs O(contacts²), and O(contacts x pairs that matter).
 */
final class LadderSearch {
    private static final int SEARCHED = 100;
    private static final int STEPS = 20_000;
    private static final double HOTTEST = 20;
    private static final double COLDEST = 0.2;
    private static final int FORBIDDEN = 60;
    private static final int AMBIGUOUS = 4;
    private static final double SHARED = 0.2;
    /** A contact that cannot be told from itself with another one shorted to it is not settled by a touch on it. */
    private static final int HARD_TO_SETTLE = 30;

    private final int n;
    private final boolean[][] matters;
    private final List<int[]> important = new ArrayList<>();
    private final double[] series;
    private final LadderPlug.Errors error;
    private final SplittableRandom random;
    private final int[] chosen;
    private final double[][] low;
    private final double[][] high;
    /** The diagonals of both, which are asked for most. */
    private final double[] ownLow;
    private final double[] ownHigh;
    private final int[] shared;
    private int forbidden;

    LadderSearch(int contacts, LadderPlug.Pairs pairs, List<Double> series, LadderPlug.Errors error,
            long seed) {
        n = contacts;
        matters = new boolean[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                matters[i][j] = i != j && pairs.matter(Math.min(i, j), Math.max(i, j));
                if (matters[i][j] && i < j) {
                    important.add(new int[]{i, j});
                }
            }
        }
        this.series = series.stream().mapToDouble(Double::doubleValue).toArray();
        this.error = error;
        random = new SplittableRandom(seed);
        chosen = random.ints(n, 0, this.series.length).toArray();
        low = new double[n][n];
        high = new double[n][n];
        ownLow = new double[n];
        ownHigh = new double[n];
        shared = new int[n];
        for (int i = 0; i < n; i++) {
            renew(i);
        }
        for (int i = 0; i < n; i++) {
            count(i, 1, i);
        }
    }

    /**
     * Values in the order of the contacts.
     *
     * @param ambiguity grows with the contacts that share their readings with pairs; 0 when none does
     */
    record Found(List<Double> values, double ambiguity) {}

    /** The best of several searches, of which one that leaves nothing ambiguous is the last. */
    static Optional<Found> best(int contacts, LadderPlug.Pairs pairs, List<Double> series,
            LadderPlug.Errors error, long seed) {
        Optional<Found> best = Optional.empty();
        // a step takes longer the more contacts there are
        int searches = Math.clamp(SEARCHED / contacts, 1, 4);
        for (int k = 0; k < searches && best.map(f -> f.ambiguity() > 0).orElse(true); k++) {
            Optional<Found> found = new LadderSearch(contacts, pairs, series, error, seed + k).run();
            if (found.isPresent()
                    && best.map(b -> found.get().ambiguity() < b.ambiguity()).orElse(true)) {
                best = found;
            }
        }
        return best;
    }

    /** The best values of one search; empty when none were found that tell enough apart. */
    Optional<Found> run() {
        double energy = energy();
        double least = Double.MAX_VALUE;
        int[] best = null;
        for (int step = 0; step < STEPS && least > 0; step++) {
            int i = random.nextInt(n);
            int old = chosen[i];
            double before = energy;
            set(i, random.nextBoolean()
                    ? random.nextInt(series.length)
                    : Math.clamp(old + random.nextInt(7) - 3, 0, series.length - 1));
            energy = energy();
            double heat = HOTTEST * Math.pow(COLDEST / HOTTEST, step / (double) STEPS);
            if (energy > before && random.nextDouble() >= Math.exp((before - energy) / heat)) {
                set(i, old);
                energy = before;
            }
            if (forbidden == 0 && energy < least) {
                least = energy;
                best = chosen.clone();
            }
        }
        double ambiguity = least;
        return Optional.ofNullable(best)
                .map(b -> new Found(IntStream.of(b).mapToObj(k -> series[k]).toList(), ambiguity));
    }

    private double energy() {
        double energy = FORBIDDEN * forbidden;
        for (int s : shared) {
            energy += s > 0 ? AMBIGUOUS + SHARED * s : 0;
        }
        return energy;
    }

    private void set(int i, int value) {
        count(i, -1, n - 1);
        chosen[i] = value;
        renew(i);
        count(i, 1, n - 1);
    }

    /** What may be read for a contact, kept in the diagonal, and for its pairs. */
    private void renew(int i) {
        for (int j = 0; j < n; j++) {
            double a = series[chosen[i]];
            double b = series[chosen[j]];
            double[] range = error.range(i == j ? a : a * b / (a + b));
            low[i][j] = range[0];
            low[j][i] = range[0];
            high[i][j] = range[1];
            high[j][i] = range[1];
        }
        ownLow[i] = low[i][i];
        ownHigh[i] = high[i][i];
    }

    /** Adds or takes away what a contact and its pairs have in common with all contacts up to {@code last} and their pairs. */
    private void count(int i, int sign, int last) {
        for (int j = 0; j <= last; j++) {
            if (j != i && meet(i, i, j, j)) {
                forbidden += sign;
            }
            double least = low[i][j];
            double most = high[i][j];
            for (int k = 0; k <= last && j != i; k++) {
                if (least <= ownHigh[k] && ownLow[k] <= most) {
                    note(i, j, k, sign);
                }
            }
            double[] lows = low[j];
            double[] highs = high[j];
            for (int k = 0; k < j && j != i; k++) {
                if (k != i && ownLow[i] <= highs[k] && lows[k] <= ownHigh[i]) {
                    note(j, k, i, sign);
                }
            }
        }
        for (int[] pair : important) {
            int a = pair[0];
            int b = pair[1];
            boolean own = a == i || b == i;
            int other = a == i ? b : a;
            for (int j = 0; j <= last && a <= last && b <= last; j++) {
                // pairs of the same contact are met from both sides
                if (matters[i][j] && (!own || other < j) && meet(i, j, a, b)) {
                    forbidden += sign;
                }
            }
        }
    }

    private void note(int a, int b, int single, int sign) {
        if (matters[a][b]) {
            forbidden += sign;
        } else {
            shared[single] += sign * (single == a || single == b ? HARD_TO_SETTLE : 1);
        }
    }

    private boolean meet(int a, int b, int c, int d) {
        return low[a][b] <= high[c][d] && low[c][d] <= high[a][b];
    }
}
