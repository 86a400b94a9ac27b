package wegweiser.core.evidence;

/** What is known of two terminals. The distinction between proved and assumed is never blurred. */
public enum PairState {
    /** A reading says directly that they are joined. */
    JOINED_MEASURED,
    /** A chain of readings proves that they are joined. */
    JOINED_FOLLOWS,
    /** A reading says directly that they are apart. */
    APART_MEASURED,
    /** Readings prove that they are apart. */
    APART_FOLLOWS,
    /** They are apart if every conductor goes to one contact at each end. Not proved. */
    APART_ASSUMED,
    /** Nothing is known. */
    UNKNOWN;

    public boolean isJoined() {
        return this == JOINED_MEASURED || this == JOINED_FOLLOWS;
    }

    /** Apart and proved to be so. */
    public boolean isApart() {
        return this == APART_MEASURED || this == APART_FOLLOWS;
    }

    /** Whether readings alone force this. */
    public boolean isProved() {
        return isJoined() || isApart();
    }

    public boolean isMeasured() {
        return this == JOINED_MEASURED || this == APART_MEASURED;
    }
}
