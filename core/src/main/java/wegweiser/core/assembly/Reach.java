package wegweiser.core.assembly;

/** What the tip of a meter can touch at a place. */
public enum Reach {
    /** The bared tips of wires that go into no connector. */
    TIPS,
    /** Cups, lugs, screws and bare ends, as long as nothing is closed over them. */
    JOINTS,
    /** The mating face alone: wires are pressed or drawn in, or the end was there before. */
    FACE;

    static Reach of(Place place) {
        return place.type().isEmpty()
                ? TIPS
                : place.stays() || place.type().get().termination().hidesWires() ? FACE : JOINTS;
    }
}
