package wegweiser.core.electrical;

/**
 * How much current a copper core carries, by its cross-section and by how many cores of its sheath carry current.
 *
 * <p>Two limits. <em>Usual</em>: what flexible cords of two or three loaded cores are sold for, IEC 60335-1 table 11 from
 * 0.75 mm²; below that what M12 cables (IEC 61076-2-101, 4 A at 0.34 mm²) and USB Type-C cables (3 A at 0.2 mm²) are made
 * to carry, and halved steps further down. <em>Hot</em>: the most at 30 °C before a PVC sheath gets too warm, DIN VDE 0298-4
 * table 11, for two or three loaded cores, and for a single one. With more loaded cores both are less, by the factors of
 * NFPA 70 table 310.15(C)(1). Between the cross-sections of the tables the current goes by ratio.
 */
public final class Ampacity {
    private static final double[] SQUARE_MM = {0.05, 0.08, 0.128, 0.204, 0.325, 0.517, 0.75, 1, 1.5, 2.5, 4,
            6,
            10};
    private static final double[] USUAL = {0.5, 1, 1.5, 3, 4, 5, 6, 10, 16, 25, 32, 40, 60};
    private static final double[] HOT = {0.9, 1.5, 2.5, 4.5, 6, 9, 12, 15, 18, 26, 34, 44, 61};
    private static final double[] HOT_ALONE = {1.2, 2, 3.2, 6, 8, 11.5, 15, 19, 24, 32, 42, 54, 73};
    /** Up to so many loaded cores, the share of the table's current that each may carry. */
    private static final int[] CORES = {3, 6, 9, 20, 30, 40};
    private static final double[] SHARE = {1, 0.8, 0.7, 0.5, 0.45, 0.4, 0.35};

    private static final int[] GAUGES = {10, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30};
    private static final double[] FREE_AIR = {55, 41, 32, 22, 16, 11, 7, 3.5, 2.2, 1.4, 0.86};

    private Ampacity() {}

    /** What a core is usually made to carry, in A, where so many of its sheath carry current. */
    public static double usual(int awg, int loaded) {
        return loaded <= 1 ? at(HOT, awg) : share(loaded) * at(USUAL, awg);
    }

    /** The most before the sheath gets too warm, in A, where so many of its cores carry current. */
    public static double hot(int awg, int loaded) {
        return loaded <= 1 ? at(HOT_ALONE, awg) : share(loaded) * at(HOT, awg);
    }

    /** The most for a single wire with nothing round it, in A. */
    public static double freeAir(int awg) {
        double place = (awg - GAUGES[0]) / 2.0;
        int below = Math.clamp((int) Math.floor(place), 0, GAUGES.length - 2);
        return FREE_AIR[below] * Math.pow(FREE_AIR[below + 1] / FREE_AIR[below], place - below);
    }

    private static double share(int loaded) {
        int step = 0;
        while (step < CORES.length && loaded > CORES[step]) {
            step++;
        }
        return SHARE[step];
    }

    private static double at(double[] amps, int awg) {
        double area = Copper.squareMm(awg);
        int above = 1;
        while (above < SQUARE_MM.length - 1 && SQUARE_MM[above] < area) {
            above++;
        }
        double place = Math.log(area / SQUARE_MM[above - 1])
                / Math.log(SQUARE_MM[above] / SQUARE_MM[above - 1]);
        return amps[above - 1] * Math.pow(amps[above] / amps[above - 1], place);
    }
}
