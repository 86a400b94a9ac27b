package wegweiser.core.model;

import java.util.Optional;
import java.util.OptionalDouble;

/** The cable of a job: a stock id of the catalogue and the finished length in mm. */
public record CableUse(Optional<String> stock, OptionalDouble lengthMm, Extra extra) {
    /** No cable chosen yet. */
    public static final CableUse NONE = new CableUse(Optional.empty(), OptionalDouble.empty(), Extra.NONE);

    public static CableUse of(String stock, double lengthMm) {
        return new CableUse(Optional.of(stock), OptionalDouble.of(lengthMm), Extra.NONE);
    }
}
