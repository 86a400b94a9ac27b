package wegweiser.core.model;

/** What lies between two terminals when it is not simply a wire. */
public enum PartKind implements HasId {
    /** A short wire inside one end. */
    JUMPER,
    RESISTOR,
    CAPACITOR,
    /** Anode at the link's {@code from}. */
    DIODE,
    /** In line with a conductor; it conducts like a wire until it blows. */
    FUSE,
    /** A conductor that is deliberately cut: its two terminals must be apart. */
    CUT;
}
