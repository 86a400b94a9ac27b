package wegweiser.core.make;

import java.util.List;
import java.util.OptionalDouble;
import wegweiser.core.electrical.Copper;

/** Heat-shrink sleeve by its supplied inner diameter. */
public final class Sleeves {
    /** Supplied inner diameters that are sold, in mm. */
    public static final List<Double> SIZES_MM = List.of(1.2, 1.6, 2.4, 3.2, 4.8, 6.4, 9.5, 12.7, 19.0, 25.0);
    /** A sleeve passes over a thing and its rough end when it is wider by this factor. */
    private static final double EASY = 1.2;
    /** It grips when what it shrinks to is this much smaller than the thing. */
    private static final double TIGHT = 0.85;

    private Sleeves() {}

    /** The narrowest that passes over something of so many mm; empty where none is wide enough. */
    public static OptionalDouble over(double mm) {
        return SIZES_MM.stream().mapToDouble(Double::doubleValue).filter(s -> s >= EASY * mm).findFirst();
    }

    /** Diameter in mm of a stranded wire with 0.3 mm of insulation around it. */
    public static double insulatedMm(int awg) {
        return 1.15 * Copper.diameterMm(awg) + 0.6;
    }

    /** Diameter in mm of a cup that takes a gauge: the twisted strands and 0.3 mm of wall around them. */
    public static double cupMm(int thickestAwg) {
        return 1.15 * Copper.diameterMm(thickestAwg) + 0.6;
    }

    /** The least shrink ratio, of 2, 3 and 4, at which a sleeve still grips something so thin; 0 where none does. */
    public static int ratio(double suppliedMm, double thinnestMm) {
        for (int ratio = 2; ratio <= 4; ratio++) {
            if (suppliedMm / ratio <= TIGHT * thinnestMm) {
                return ratio;
            }
        }
        return 0;
    }
}
