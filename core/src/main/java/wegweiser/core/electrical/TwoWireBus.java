package wegweiser.core.electrical;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.SequencedMap;

/** Pull-ups of a two-wire bus after UM10204. */
public final class TwoWireBus {
    /** Most capacitance of the bus, in pF. */
    public static final double MOST_PICOFARADS = 400;
    /** Longest rise time in ns, by the rate. */
    public static final Map<String, Double> RISE_NANOSECONDS = rises();
    /** Share of RC from 0.3 to 0.7 of the supply: ln(0.7 / 0.3). */
    private static final double RISE = 0.8473;
    private static final double SINK_AMPS = 0.003;
    private static final double LOW_VOLTS = 0.4;

    private TwoWireBus() {}

    private static SequencedMap<String, Double> rises() {
        SequencedMap<String, Double> all = new LinkedHashMap<>();
        all.put("100 kHz", 1000.0);
        all.put("400 kHz", 300.0);
        return all;
    }

    /** The smallest pull-up in ohm: an output pulls 0.4 V low with 3 mA. */
    public static double smallestOhms(double volts) {
        return (volts - LOW_VOLTS) / SINK_AMPS;
    }

    /** The largest pull-up in ohm with which so many pF rise in so many ns. */
    public static double largestOhms(double nanoseconds, double picofarads) {
        return nanoseconds * 1e-9 / (RISE * picofarads * 1e-12);
    }

    /** The longest cable in m at which one pull-up is neither too small nor too large. */
    public static double longestMetres(double nanoseconds, double volts, double pfPerMetre) {
        return Math.min(MOST_PICOFARADS, nanoseconds * 1e-9 / (RISE * smallestOhms(volts)) * 1e12)
                / pfPerMetre;
    }
}
