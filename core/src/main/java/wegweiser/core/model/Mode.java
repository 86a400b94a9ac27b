package wegweiser.core.model;

/** What the meter is set to, or how the question is asked. */
public enum Mode implements HasId {
    CONTINUITY,
    OHMS,
    DIODE,
    /** Two bare wires are touched together and a device reacts or does not. */
    REACTION;
}
