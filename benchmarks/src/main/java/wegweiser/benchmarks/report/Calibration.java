package wegweiser.benchmarks.report;

import java.util.Locale;
import java.util.concurrent.atomic.AtomicLongArray;
import java.util.concurrent.atomic.DoubleAdder;

/**
 * How often what was believed was right: each time a wiring is believed most, with which probability and whether the cable
 * was that, in ten bins. Sums may be added from several threads.
 */
final class Calibration {
    private static final int BINS = 10;
    private static final int WIDTH = 40;

    private final AtomicLongArray count = new AtomicLongArray(BINS);
    private final AtomicLongArray right = new AtomicLongArray(BINS);
    private final DoubleAdder[] said = new DoubleAdder[BINS];

    Calibration() {
        for (int b = 0; b < BINS; b++) {
            said[b] = new DoubleAdder();
        }
    }

    void add(double probability, boolean isRight) {
        int bin = Math.clamp((int) (probability * BINS), 0, BINS - 1);
        count.incrementAndGet(bin);
        said[bin].add(probability);
        if (isRight) {
            right.incrementAndGet(bin);
        }
    }

    /** A line for each bin: what was said in the mean, how often it was right, both as bars of forty characters. */
    String plot() {
        StringBuilder text = new StringBuilder();
        for (int b = 0; b < BINS; b++) {
            if (count.get(b) == 0) {
                continue;
            }
            double mean = said[b].sum() / count.get(b);
            double share = (double) right.get(b) / count.get(b);
            text.append(
                    String.format(Locale.ROOT, "%3d to %3d %%  said %5.1f %%  right %5.1f %% of %7d  |%s|%n",
                            10 * b, 10 * b + 10, 100 * mean, 100 * share, count.get(b), bar(mean, share)));
        }
        return text.toString();
    }

    /** As many signs as were right, and a mark where belief was. */
    private static String bar(double mean, double share) {
        StringBuilder bar = new StringBuilder();
        for (int k = 0; k < WIDTH; k++) {
            boolean mark = k == Math.min(WIDTH - 1, (int) (mean * WIDTH));
            bar.append(mark ? '+' : k < share * WIDTH ? '=' : ' ');
        }
        return bar.toString();
    }
}
