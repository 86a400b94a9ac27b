package wegweiser.core.electrical;

/** Copper wire by American wire gauge. */
public final class Copper {
    /** Resistivity of copper at 20 °C, in ohm metres. */
    static final double RESISTIVITY = 1.724e-8;

    private Copper() {}

    /** Diameter in mm of AWG n: 0.127 x 92^((36-n)/39), the definition of the gauge (ASTM B258). */
    public static double diameterMm(int awg) {
        return 0.127 * Math.pow(92, (36 - awg) / 39.0);
    }

    /** Cross-section in mm². */
    public static double squareMm(int awg) {
        double d = diameterMm(awg);
        return Math.PI * d * d / 4;
    }

    /** Resistance at 20 °C in ohm per metre; stranded wire has 3 % more. */
    public static double ohmsPerMetre(int awg, boolean stranded) {
        return RESISTIVITY / (squareMm(awg) * 1e-6) * (stranded ? 1.03 : 1);
    }

    /** Resistance there and back of a cable, in ohm. */
    public static double loopOhms(int awg, boolean stranded, double lengthMm) {
        return 2 * ohmsPerMetre(awg, stranded) * lengthMm / 1000;
    }

    /** Voltage lost there and back, in V, over wire and four contacts of 15 milliohm. */
    public static double dropVolts(double amps, int awg, boolean stranded, double lengthMm) {
        return amps * (loopOhms(awg, stranded, lengthMm) + 4 * 0.015);
    }
}
