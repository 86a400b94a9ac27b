package wegweiser.core.model;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The cable of a job.
 *
 * @param stock its id in the catalogue or in the workshop
 * @param lengthMm the finished length in mm
 * @param own its description, where it is not of the catalogue
 */
public record CableUse(Optional<String> stock, OptionalDouble lengthMm, Optional<CableStock> own,
        Map<String, Object> extra) {
    public CableUse {
        extra = Extra.kept(extra);
    }

    /** No cable chosen yet. */
    public static final CableUse NONE = new CableUse(Optional.empty(), OptionalDouble.empty(),
            Optional.empty(),
            Extra.NONE);

    /** A length of a kind that the catalogue describes. */
    public static CableUse of(String stock, double lengthMm) {
        return new CableUse(Optional.of(stock), OptionalDouble.of(lengthMm), Optional.empty(), Extra.NONE);
    }

    public CableUse withStock(String newStock, Optional<CableStock> newOwn) {
        return new CableUse(Optional.of(newStock), lengthMm, newOwn, extra);
    }

    public CableUse withLengthMm(double newLength) {
        return new CableUse(stock, OptionalDouble.of(newLength), own, extra);
    }
}
