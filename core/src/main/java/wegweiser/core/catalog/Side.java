package wegweiser.core.catalog;

/** From where a connector is looked at. */
public enum Side {
    /** The face that meets the other connector. */
    MATING,
    /** The back, where wires are joined: the mirror image, left to right. */
    WIRING;

    public Side flipped() {
        return this == MATING ? WIRING : MATING;
    }
}
