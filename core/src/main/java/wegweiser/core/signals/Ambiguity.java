package wegweiser.core.signals;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Role;
import wegweiser.core.words.Words;

/** Names that manuals are known to use in more than one way. */
public final class Ambiguity {
    private static final Set<String> BUS_LETTERS = Set.of("A", "B");
    private static final Set<String> FROM_WHERE = Set.of("IN", "OUT", "INPUT", "OUTPUT", "EINGANG",
            "AUSGANG");
    /** Printed names, in capitals, to the end of the key of the sentence that says what they may mean. */
    private static final Map<String, String> DOUBLE = Map.ofEntries(Map.entry("COM", "com"),
            Map.entry("COMMON", "com"), Map.entry("V-", "minus"), Map.entry("-VE", "minus"),
            Map.entry("NEGATIVE", "minus"), Map.entry("MINUS", "minus"), Map.entry("CD", "cd"),
            Map.entry("SDI", "sdi"), Map.entry("SDO", "sdi"), Map.entry("DIN", "din"),
            Map.entry("DOUT", "din"),
            Map.entry("L", "l"), Map.entry("R", "l"), Map.entry("VREF", "vref"), Map.entry("ACC", "acc"),
            Map.entry("L+", "channel"), Map.entry("R+", "channel"),
            Map.entry("SERIAL CLOCK", "clock"), Map.entry("RET", "return"), Map.entry("RETURN", "return"));

    private Ambiguity() {}

    /** Why the name of a row does not say what its contact does, in one sentence; empty when it does. */
    public static Optional<String> of(End end, PinRow row) {
        String printed = row.name().or(row::signal).orElse("");
        String signal = Signals.canonical(row.signal().or(row::name).orElse(""));
        if (row.direction().isPresent() && row.direction().get() != Direction.BOTH
                && !BUS_LETTERS.contains(signal)) {
            return Optional.empty();
        }
        if (Signals.isSerial(signal)) {
            return end.role().isEmpty() || end.role().get() == Role.PERIPHERAL
                    || end.role().get() == Role.HOST
                            ? Optional.of(Words.say("ambiguous.no-role", printed))
                            : end.role().get() == Role.MODEM
                                    ? Optional.of(Words.say("ambiguous.modem", printed,
                                            Words.say(Signals.terminalDrives(signal)
                                                    ? "ambiguous.input"
                                                    : "ambiguous.output")))
                                    : Optional.empty();
        }
        if (BUS_LETTERS.contains(signal)) {
            return Optional.of(Words.say("ambiguous.letters"));
        }
        String twofold = DOUBLE.get(printed.strip().toUpperCase(Locale.ROOT));
        if (twofold != null && row.volts().isEmpty()) {
            return Optional.of(Words.say("ambiguous.double." + twofold, printed));
        }
        if (Signals.isSupply(signal) && (printed.contains("\u00B1") || printed.contains("+/-"))) {
            return Optional.of(Words.say("ambiguous.both-signs", printed));
        }
        return FROM_WHERE.contains(signal)
                ? Optional.of(Words.say("ambiguous.from-where", printed))
                : Optional.empty();
    }
}
