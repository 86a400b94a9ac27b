package wegweiser.core.evidence;

import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;

/** What a single reading says by itself, before it is weighed against the others. */
public enum Meaning {
    /** At least one red terminal is joined to a black one. */
    JOINS,
    /** No red terminal is joined to a black one; a part may still lie between them. */
    SEPARATES,
    /** No red terminal is joined to a black one, and no part shows either. */
    SEPARATES_FULLY,
    /** No red terminal is joined to a black one, but a part lies between some of them. */
    SHOWS_PART,
    /** Both wires go to the same side of the device. */
    SAME_SIDE,
    /** The wires go to different sides of the device. */
    OTHER_SIDE,
    /** A diode reading too small for a junction and too large for copper, or below zero. */
    NOTHING_CERTAIN;

    /** A reading of at most this many ohms beyond the leads counts as copper. */
    static final double COPPER_OHMS = 2.0;
    /** What meter leads usually add, in ohms. */
    static final double LEAD_OHMS = 0.5;
    /** Buzzers sound up to this resistance on some meters. */
    static final double BUZZER_MOST_OHMS = 70;

    public static Meaning of(Reading reading) {
        return switch (reading.outcome()) {
            case Outcome.Beep() -> JOINS;
            case Outcome.Silent() -> SEPARATES;
            case Outcome.Open() -> reading.mode() == Mode.DIODE ? SEPARATES : SEPARATES_FULLY;
            case Outcome.Resistance(double ohms) -> ohms <= COPPER_OHMS + LEAD_OHMS ? JOINS : SHOWS_PART;
            case Outcome.Voltage(double volts) ->
                Math.abs(volts) < 0.02 ? JOINS : volts < 0.1 ? NOTHING_CERTAIN : SHOWS_PART;
            case Outcome.Reacts() -> OTHER_SIDE;
            case Outcome.Nothing() -> SAME_SIDE;
        };
    }

    public boolean isApart() {
        return this == SEPARATES || this == SEPARATES_FULLY || this == SHOWS_PART;
    }
}
