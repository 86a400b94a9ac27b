package wegweiser.core.catalog;

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

    public Gender opposite() {
        return switch (this) {
            case PLUG -> SOCKET;
            case SOCKET -> PLUG;
            case NONE -> NONE;
        };
    }
}
