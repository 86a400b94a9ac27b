package wegweiser.core.catalog;

/** The shape of a connector's face, as seen on the mating face of its own gender. */
public sealed interface Outline {
    /** Width in mm. */
    double widthMm();

    /** Height in mm. */
    double heightMm();

    /** The tapered shell of a D-sub: the upper edge is the longer one. */
    record Tapered(double widthMm, double heightMm) implements Outline {}

    /** A box, with a key notch on the named edge or none. */
    record Box(double widthMm, double heightMm, Key key) implements Outline {}

    /** A box whose upper two corners are cut off. */
    record Bevelled(double widthMm, double heightMm) implements Outline {}

    /**
     * A shell with a tongue inside that carries the contacts; where the tongue lies tells which way up it is.
     *
     * @param tongueMm middle of the tongue below the middle of the shell, in mm
     * @param tongueHighMm its height in mm
     * @param round whether the shell's ends are round, so that it goes in both ways up
     */
    record Tongued(double widthMm, double heightMm, double tongueMm, double tongueHighMm, boolean round)
            implements
                Outline {}

    /** A round body with a key on the named side or none. */
    record Round(double diameterMm, Key key) implements Outline {
        @Override
        public double widthMm() {
            return diameterMm;
        }

        @Override
        public double heightMm() {
            return diameterMm;
        }
    }

    /** A modular body: contacts along the upper edge, the latch below. */
    record Latched(double widthMm, double heightMm) implements Outline {}

    /**
     * A plug seen from the side, or the hole it goes into: the tip at the top, the cable below.
     *
     * @param pointed whether the tip is a cone, as of a jack; else it is a pin or a tube
     */
    record Axial(double widthMm, double heightMm, boolean pointed) implements Outline {}

    /** The edge that carries a key or mark. */
    enum Key {
        NONE,
        TOP,
        BOTTOM
    }
}
