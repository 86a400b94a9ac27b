package wegweiser.core.model;

import java.util.Map;
import java.util.Optional;

/**
 * A measurement on a device's own port, not on the cable.
 *
 * @param against the other contact, or {@link #SHELL} or {@link #GROUND}; ground where it is not said
 * @param value volts or ohms, by mode
 */
public record PortReading(String contact, String against, Kind mode, double value, Optional<State> when,
        Map<String, Object> extra) {
    /** The shell, as the other side of a measurement. */
    public static final String SHELL = "shell";
    /** The device's ground, wherever it was found. */
    public static final String GROUND = "ground";

    /** What was measured. */
    public enum Kind implements HasId {
        VOLTS,
        OHMS,
        CONTINUITY,
        /** Volts with a resistor to ground. */
        VOLTS_LOADED,
        /** How far the volts move while the device sends. */
        MOVEMENT;
    }

    /** What the device did meanwhile. */
    public enum State implements HasId {
        IDLE,
        SENDING,
        UNPOWERED;
    }

    public PortReading {
        against = against.isEmpty() ? GROUND : against;
        extra = Extra.kept(extra);
    }

    public static PortReading of(String contact, String against, Kind mode, double value, State when) {
        return new PortReading(contact, against, mode, value, Optional.of(when), Extra.NONE);
    }
}
