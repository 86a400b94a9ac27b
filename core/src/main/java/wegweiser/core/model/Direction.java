package wegweiser.core.model;

/** What a contact does, always as seen from its own device. */
public enum Direction implements HasId {
    OUT,
    IN,
    BOTH,
    SUPPLY_OUT,
    SUPPLY_IN,
    GROUND,
    SHIELD,
    UNUSED;

    /** Whether this is a supply contact of either kind. */
    public boolean isSupply() {
        return this == SUPPLY_OUT || this == SUPPLY_IN;
    }

    /** Whether this carries information rather than power or reference. */
    public boolean isSignal() {
        return this == OUT || this == IN || this == BOTH;
    }
}
