package wegweiser.core.electrical;

/**
 * How much current a copper wire carries, by two schools: a single wire in free air, and wires in a bundle at 700 circular
 * mils for each ampere, a cautious rule of transformer winders. Between the gauges of the tables the current is
 * interpolated by ratio.
 */
public final class Ampacity {
    private static final int[] GAUGES = {10, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30};
    private static final double[] FREE_AIR = {55, 41, 32, 22, 16, 11, 7, 3.5, 2.2, 1.4, 0.86};
    private static final double[] BUNDLED = {15, 9.3, 5.9, 3.7, 2.3, 1.5, 0.92, 0.577, 0.361, 0.226, 0.142};

    private Ampacity() {}

    /** The most for a single wire in free air, in A. */
    public static double freeAir(int awg) {
        return at(FREE_AIR, awg);
    }

    /** The most for a wire in a bundle, by the cautious table, in A. */
    public static double bundled(int awg) {
        return at(BUNDLED, awg);
    }

    private static double at(double[] amps, int awg) {
        double place = (awg - GAUGES[0]) / 2.0;
        int below = Math.clamp((int) Math.floor(place), 0, GAUGES.length - 2);
        return amps[below] * Math.pow(amps[below + 1] / amps[below], place - below);
    }
}
