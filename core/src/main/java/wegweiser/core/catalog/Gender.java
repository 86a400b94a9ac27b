package wegweiser.core.catalog;

import java.util.Locale;
import wegweiser.core.words.Titles;

/** The gender of a connector by its contacts. */
public enum Gender {
    /** Pins, or the part that goes in. */
    PLUG("plug"),
    /** Sleeves, or the part that receives. */
    SOCKET("socket"),
    /** Terminals and bare leads. */
    NONE("");

    private final String id;

    Gender(String id) {
        this.id = id;
    }

    /** The last word of catalogue ids; empty for connectors without gender. */
    public String id() {
        return id;
    }

    /** The gender that a connector id ends with. */
    static Gender of(String connectorId) {
        return connectorId.endsWith("-plug") ? PLUG : connectorId.endsWith("-socket") ? SOCKET : NONE;
    }

    /** What it is called in titles. */
    public String words() {
        return Titles.of("gender." + name().toLowerCase(Locale.ROOT));
    }

    public Gender opposite() {
        return switch (this) {
            case PLUG -> SOCKET;
            case SOCKET -> PLUG;
            case NONE -> NONE;
        };
    }
}
