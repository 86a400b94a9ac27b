package wegweiser.core.model;

/** What lies between two terminals when it is not simply a wire. */
public enum PartKind implements HasId {
    /** A short wire inside one end. */
    JUMPER, RESISTOR, CAPACITOR,
    /** Anode at the link's {@code from}. */
    DIODE,
    /** A conductor that is deliberately cut: its two terminals must be apart. */
    CUT;
}
