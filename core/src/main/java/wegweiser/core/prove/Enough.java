package wegweiser.core.prove;

import java.util.Optional;
import wegweiser.core.model.HasId;

/** How sure a person wants to be of a cable before it is used. */
public enum Enough implements HasId {
    QUICK(20),
    USUAL(100),
    CAREFUL(1000),
    /** Every pair of contacts, each read twice. */
    PROVED(0);

    private final int oneIn;

    Enough(int oneIn) {
        this.oneIn = oneIn;
    }

    /** The chance that a fault is left may be one in so many; empty where no chance is good enough. */
    public Optional<Integer> oneIn() {
        return oneIn == 0 ? Optional.empty() : Optional.of(oneIn);
    }

    /** The probability that a fault may be left. */
    public double most() {
        return oneIn == 0 ? 0 : 1.0 / oneIn;
    }
}
