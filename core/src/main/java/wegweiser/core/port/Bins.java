package wegweiser.core.port;

import java.util.Arrays;

/** A distribution over a scale that is cut into bins: a mixture of bell curves over a low floor. */
final class Bins {
    private final double from;
    private final double step;
    private final double[] shares;

    private Bins(double from, double step, double[] shares) {
        this.from = from;
        this.step = step;
        this.shares = shares;
    }

    /** A flat floor over {@code count} bins, on which bells are set; the ends catch what lies beyond. */
    static Bins floor(double from, double step, int count, double weight) {
        double[] shares = new double[count];
        Arrays.fill(shares, weight / count);
        return new Bins(from, step, shares);
    }

    /** Adds a bell curve; a normal distribution's sum function is close to a logistic one at 1.702 times its slope. */
    Bins bell(double weight, double mean, double deviation) {
        double below = 0;
        for (int k = 0; k < shares.length; k++) {
            double upTo = k == shares.length - 1
                    ? 1
                    : 1 / (1 + Math.exp(-1.702 * (from + (k + 1) * step - mean) / deviation));
            shares[k] += weight * (upTo - below);
            below = upTo;
        }
        return this;
    }

    int count() {
        return shares.length;
    }

    int bin(double value) {
        return Math.clamp((long) Math.floor((value - from) / step), 0, shares.length - 1);
    }

    /** How likely a value is, normalised over the bins. */
    double share(int bin) {
        return shares[bin];
    }

    /** The same with all shares adding up to 1. */
    Bins normalised() {
        double sum = Arrays.stream(shares).sum();
        return new Bins(from, step, Arrays.stream(shares).map(s -> s / sum).toArray());
    }
}
