package wegweiser.core.model;

import java.util.Arrays;
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
    public enum Kind {
        VOLTS("volts"), OHMS("ohms"), CONTINUITY("continuity"),
        /** Volts with a resistor to ground. */
        VOLTS_LOADED("volts-loaded"),
        /** How far the volts move while the device sends. */
        MOVEMENT("movement");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        /** The word used in job files. */
        public String id() {
            return id;
        }

        public static Optional<Kind> of(String id) {
            return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
        }
    }

    /** What the device did meanwhile. */
    public enum State {
        IDLE("idle"), SENDING("sending"), UNPOWERED("unpowered");

        private final String id;

        State(String id) {
            this.id = id;
        }

        /** The word used in job files. */
        public String id() {
            return id;
        }
    }

    public PortReading {
        against = against.isEmpty() ? GROUND : against;
        extra = Extra.kept(extra);
    }

    public static PortReading of(String contact, String against, Kind mode, double value, State when) {
        return new PortReading(contact, against, mode, value, Optional.of(when), Extra.NONE);
    }
}
