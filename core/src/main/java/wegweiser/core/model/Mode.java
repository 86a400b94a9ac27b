package wegweiser.core.model;

import java.util.Arrays;
import java.util.Optional;

/** What the meter is set to, or how the question is asked. */
public enum Mode {
    CONTINUITY("continuity"), OHMS("ohms"), DIODE("diode"),
    /** Two bare wires are touched together and a device reacts or does not. */
    REACTION("reaction");

    private final String id;

    Mode(String id) {
        this.id = id;
    }

    /** The word used in job files. */
    public String id() {
        return id;
    }

    /** The mode with this word, or empty when there is none. */
    public static Optional<Mode> of(String id) {
        return Arrays.stream(values()).filter(m -> m.id.equals(id)).findFirst();
    }
}
