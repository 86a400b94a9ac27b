package wegweiser.core.assembly;

import wegweiser.core.catalog.Termination;

/**
 * What it takes to have one joint of a place apart and made again.
 *
 * @param manner what hands do
 * @param seconds how long they are at it; a guess for a patient person
 */
public record Undoing(Manner manner, int seconds) {
    /** What becomes of the joint. */
    public enum Manner {
        /** A screw is opened, a tag pulled out of its slot. */
        LOOSEN,
        /** A contact is pushed out of its housing with a tool and a new one crimped. */
        PUSH_OUT,
        /** Solder is melted. */
        MELT,
        /** The connector is cut off and a new one put on. */
        REPLACE,
        /** Resin holds it: cut off with a piece of the cable. */
        CUT_OFF,
        /** It was there before, and nobody touches it. */
        NEVER
    }

    private static final Undoing NEVER = new Undoing(Manner.NEVER, Integer.MAX_VALUE);
    private static final Undoing CAST = new Undoing(Manner.CUT_OFF, 3600);

    /** Whether single wires can be moved there. */
    public boolean isWireByWire() {
        return manner == Manner.LOOSEN || manner == Manner.PUSH_OUT || manner == Manner.MELT;
    }

    static Undoing of(Place place) {
        if (place.stays()) {
            return NEVER;
        }
        if (place.end().resin()) {
            return CAST;
        }
        Termination way = place.type().map(t -> t.termination()).orElse(Termination.BARE);
        return switch (way) {
            case SCREW, BARE -> new Undoing(Manner.LOOSEN, 20);
            case PUNCH_DOWN -> new Undoing(Manner.LOOSEN, 30);
            case CRIMP -> place.type().filter(t -> t.kind().isHoused()).isPresent()
                    ? new Undoing(Manner.PUSH_OUT, 60)
                    : new Undoing(Manner.REPLACE, 90);
            case SOLDER_CUP, JACK_SOLDER -> new Undoing(Manner.MELT, 60);
            case SPLICE -> new Undoing(Manner.MELT, 180);
            case CIRCULAR_DISPLACEMENT -> new Undoing(Manner.LOOSEN, 180);
            case MODULAR, RIBBON -> new Undoing(Manner.REPLACE, 150);
            case POTTED -> CAST;
        };
    }
}
