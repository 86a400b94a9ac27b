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

    /** A round body with a key at the top. */
    record Round(double diameterMm, boolean keyed) implements Outline {
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

    /** A jack drawn along its length: the tip at the top, the cable below. */
    record Axial(double widthMm, double heightMm) implements Outline {}

    /** The edge that carries a key or mark. */
    enum Key {
        NONE, TOP, BOTTOM
    }
}
