package wegweiser.core.make;

import wegweiser.core.words.Words;

/**
 * Something that slides on to a cable or on to a wire before its end is finished, and sits there afterwards.
 *
 * @param kind what it is
 * @param size its measure in mm, 0 where it has none
 */
record Thing(Kind kind, double size) {
    /** Around what a thing goes. */
    enum Around {
        SHEATH,
        WIRE
    }

    /**
     * Kinds of things. Those around the sheath stand in the order in which they wait on the cable while its end is made,
     * from the connector outwards; what waits further out has to go on first.
     */
    enum Kind {
        GRIP_RING(Around.SHEATH),
        SHEATH_SLEEVE(Around.SHEATH),
        OUTER_SLEEVE(Around.SHEATH),
        INSULATING_TUBE(Around.SHEATH),
        FERRULE_OF_SCREEN(Around.SHEATH),
        CUP(Around.SHEATH),
        LOCKING_RING(Around.SHEATH),
        BARREL(Around.SHEATH),
        HOOD(Around.SHEATH),
        BACK_SHELL(Around.SHEATH),
        SEAL(Around.SHEATH),
        NUT(Around.SHEATH),
        BOOT(Around.SHEATH),
        TAIL(Around.SHEATH),
        /** Over the wires of all branches of a cable with more than two ends. */
        BUNDLE_SLEEVE(Around.SHEATH),
        SLEEVE(Around.WIRE),
        MARKER(Around.WIRE);

        private final Around around;

        Kind(Around around) {
            this.around = around;
        }

        Around around() {
            return around;
        }

        /** Whether it grips the sheath of the finished cable, and fibres that lie on it. */
        boolean holdsSheath() {
            return switch (this) {
                case GRIP_RING, BARREL, HOOD, BACK_SHELL, NUT -> true;
                default -> false;
            };
        }
    }

    static Thing of(Kind kind) {
        return new Thing(kind, 0);
    }

    /** Its name in the hand of somebody who looks for it. */
    String words() {
        String key = "thing." + kind.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        return size > 0 ? Words.say(key + ".sized", Words.number(size)) : Words.say(key);
    }
}
