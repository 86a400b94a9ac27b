package wegweiser.core.model;

import java.util.Arrays;
import java.util.Optional;

/** What lies between two terminals when it is not simply a wire. */
public enum PartKind {
    /** A short wire inside one end. */
    JUMPER("jumper"), RESISTOR("resistor"), CAPACITOR("capacitor"),
    /** Anode at the link's {@code from}. */
    DIODE("diode"),
    /** A conductor that is deliberately cut: its two terminals must be apart. */
    CUT("cut");

    private final String id;

    PartKind(String id) {
        this.id = id;
    }

    /** The word used in job files. */
    public String id() {
        return id;
    }

    /** The kind with this word, or empty when there is none. */
    public static Optional<PartKind> of(String id) {
        return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
    }
}
