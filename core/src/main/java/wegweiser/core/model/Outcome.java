package wegweiser.core.model;

/** What a touch showed. */
public sealed interface Outcome {
    /** The buzzer sounded. */
    record Beep() implements Outcome {}

    /** The buzzer stayed silent. */
    record Silent() implements Outcome {}

    /** Over range in ohms or diode mode. */
    record Open() implements Outcome {}

    /** A resistance, lead resistance included. */
    record Resistance(double ohms) implements Outcome {}

    /** A forward voltage in diode mode. */
    record Voltage(double volts) implements Outcome {}

    /** The device reacted when the wires met. */
    record Reacts() implements Outcome {}

    /** The device did nothing. */
    record Nothing() implements Outcome {}

    Outcome BEEP = new Beep();
    Outcome SILENT = new Silent();
    Outcome OPEN = new Open();
    Outcome REACTS = new Reacts();
    Outcome NOTHING = new Nothing();
}
