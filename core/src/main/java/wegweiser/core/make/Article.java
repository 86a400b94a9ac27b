package wegweiser.core.make;

import wegweiser.core.model.HasId;

/**
 * Something that a cable is built of and a workshop may have.
 *
 * @param of which one, such as {@code dsub-9-socket} of connectors, {@code serial-9-screened} of cables, {@code 1.6} of
 *        sleeves in mm, {@code hood/dsub-9} of parts
 */
public record Article(Kind kind, String of) {
    /** What sort of thing it is; cable is measured in metres, all else is counted. */
    public enum Kind implements HasId {
        CABLE,
        CONNECTOR,
        SLEEVE,
        PART
    }

    public boolean isMeasured() {
        return kind == Kind.CABLE;
    }

    @Override
    public String toString() {
        return kind.id() + " " + of;
    }
}
