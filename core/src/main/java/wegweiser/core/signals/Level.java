package wegweiser.core.signals;

import java.util.Optional;
import wegweiser.core.model.HasId;
import wegweiser.core.model.PinRow;

/** The electrical levels that the program knows; a pinout may name others, of which nothing is known. */
public enum Level implements HasId {
    RS232(Kind.SERIAL), TTL_5V(Kind.LOGIC), CMOS_5V(Kind.LOGIC), CMOS_3V3(Kind.LOGIC), RS422(Kind.BUS), RS485(
            Kind.BUS), USB2(Kind.BUS), USB3(Kind.BUS), CAN(Kind.BUS), K_LINE(Kind.BUS), ETHERNET(
                    Kind.BUS), OPEN_DRAIN(Kind.LOGIC), OPEN_COLLECTOR(
                            Kind.LOGIC), AUDIO_LINE(Kind.AUDIO), AUDIO_MIC(Kind.AUDIO), SUPPLY(Kind.OTHER);

    /** What may meet its like without a converter. */
    enum Kind {
        SERIAL, LOGIC, BUS, AUDIO, OTHER
    }

    private final Kind kind;

    Level(Kind kind) {
        this.kind = kind;
    }

    /** The level of a contact, if it is a known one. */
    public static Optional<Level> of(PinRow row) {
        return row.level().flatMap(l -> HasId.find(Level.class, l));
    }

    Kind kind() {
        return kind;
    }

    boolean is(Kind wanted) {
        return kind == wanted;
    }

    /** Whether the line only pulls one way, so that several may share it. */
    public boolean isOpen() {
        return this == OPEN_DRAIN || this == OPEN_COLLECTOR;
    }

    /** Whether it is the difference of two lines that counts, so that no common ground is needed. */
    public boolean isBalanced() {
        return this == RS422 || this == RS485 || this == ETHERNET || is(Kind.AUDIO);
    }
}
