package wegweiser.core.electrical;

import java.util.Map;
import java.util.OptionalDouble;
import wegweiser.core.signals.Level;

/** How long a cable may be for what is on it. */
public final class BusLength {
    /** Metres at the usual rates: USB 2.0, IEEE 802.3, ISO 11898 at 50 kbit/s, TIA-485, SDI-12, 1-Wire, MIDI. */
    private static final Map<Level, Double> METRES = Map.of(Level.USB2, 5.0, Level.ETHERNET, 100.0,
            Level.CAN, 1000.0, Level.RS485, 1200.0, Level.RS422, 1200.0, Level.SDI_12, 60.0, Level.ONE_WIRE,
            100.0, Level.MIDI, 15.0);
    /** USB at 5 Gbit/s: 3 m at 26 AWG, 2 m at 30. */
    private static final double USB3_METRES = 3;
    private static final int USB3_AWG = 26;
    private static final double USB3_LESS_EACH_GAUGE = 0.25;
    /** ISO 11898-2: kbit/s and metres. */
    private static final double[][] CAN = {{1000, 40}, {500, 100}, {250, 250}, {125, 500}, {50, 1000}};
    /** TIA-485: the product of rate and length in m bit/s, and the fastest. */
    private static final double PRODUCT = 1e8;
    private static final double FASTEST = 1e7;

    private BusLength() {}

    /** The most metres of a level with conductors of a gauge; empty where there is no such limit. */
    public static OptionalDouble longestMetres(Level level, int awg) {
        if (level == Level.USB3) {
            return OptionalDouble.of(Math.min(USB3_METRES,
                    Math.max(1, USB3_METRES - USB3_LESS_EACH_GAUGE * (awg - USB3_AWG))));
        }
        return METRES.containsKey(level) ? OptionalDouble.of(METRES.get(level)) : OptionalDouble.empty();
    }

    /** Whether so many metres are too long for the fastest rate of a level, though not for a lower one. */
    public static boolean slowsDown(Level level, double metres) {
        return level == Level.CAN && metres > CAN[0][1];
    }

    /** The fastest rate in bit/s over so many metres; 0 where none is left. */
    public static double fastestBits(Level level, double metres) {
        if (level == Level.CAN) {
            for (double[] step : CAN) {
                if (metres <= step[1]) {
                    return 1000 * step[0];
                }
            }
            return 0;
        }
        return metres > METRES.get(Level.RS485) ? 0 : Math.min(FASTEST, PRODUCT / metres);
    }
}
