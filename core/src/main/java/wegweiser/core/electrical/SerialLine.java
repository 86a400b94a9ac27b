package wegweiser.core.electrical;

import wegweiser.core.model.CableStock;

/** The capacitance of RS-232 lines after TIA-232-F. */
public final class SerialLine {
    /** Most capacitance on one line, receiver included, in pF. */
    public static final double MOST_PICOFARADS = 2500;
    private static final double RECEIVER_PICOFARADS = 100;
    /** A screened core sees the screen as well as its neighbours. */
    private static final double SCREEN_SHARE = 1.75;

    private SerialLine() {}

    /** What a line of this cable loads its driver with, in pF; {@code lengthMm} is the length in mm. */
    public static double picofarads(CableStock cable, double lengthMm) {
        return perMetre(cable) * lengthMm / 1000 + RECEIVER_PICOFARADS;
    }

    /** The longest cable of this kind that stays within the limit, in m. */
    public static double longestMetres(CableStock cable) {
        return (MOST_PICOFARADS - RECEIVER_PICOFARADS) / perMetre(cable);
    }

    private static double perMetre(CableStock cable) {
        return cable.pfPerMetre() * (cable.isScreened() ? SCREEN_SHARE : 1);
    }
}
