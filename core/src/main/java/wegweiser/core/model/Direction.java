package wegweiser.core.model;

import java.util.Arrays;
import java.util.Optional;

/** What a contact does, always as seen from its own device. */
public enum Direction {
    OUT("out"), IN("in"), BOTH("both"), SUPPLY_OUT("supply-out"), SUPPLY_IN("supply-in"), GROUND(
            "ground"), SHIELD("shield"), UNUSED("unused");

    private final String id;

    Direction(String id) {
        this.id = id;
    }

    /** The word used in job files. */
    public String id() {
        return id;
    }

    /** The direction with this word, or empty when there is none. */
    public static Optional<Direction> of(String id) {
        return Arrays.stream(values()).filter(d -> d.id.equals(id)).findFirst();
    }

    /** Whether this is a supply contact of either kind. */
    public boolean isSupply() {
        return this == SUPPLY_OUT || this == SUPPLY_IN;
    }

    /** Whether this carries information rather than power or reference. */
    public boolean isSignal() {
        return this == OUT || this == IN || this == BOTH;
    }
}
