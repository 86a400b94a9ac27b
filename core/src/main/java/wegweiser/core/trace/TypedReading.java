package wegweiser.core.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.words.Words;

/**
 * Reads what a person types after a touch: {@code A4 B6 beep}, {@code A.2 A.7 119.6}, {@code A1+A2 B4 silent},
 * {@code B.ring A.3 0.61 V}. Terminals may be written without the dot; a gang is joined with plus signs.
 */
public final class TypedReading {
    private TypedReading() {}

    /**
     * The reading that a line says.
     *
     * @throws IllegalArgumentException with one sentence that quotes what was not understood
     */
    public static Reading parse(String line, Job job) {
        String[] words = line.strip().split("[\\s,;]+");
        if (words.length < 3) {
            throw new IllegalArgumentException(Words.say("typed.short", line.strip()));
        }
        List<Terminal> known = Terminals.of(job);
        Touch touch = new Touch(gang(words[0], known), gang(words[1], known));
        if (touch.red().stream().anyMatch(touch.black()::contains)) {
            throw new IllegalArgumentException(Words.say("typed.same", line.strip()));
        }
        return result(String.join(" ", Arrays.asList(words).subList(2, words.length)), touch);
    }

    private static List<Terminal> gang(String word, List<Terminal> known) {
        List<Terminal> gang = new ArrayList<>();
        for (String one : word.split("\\+")) {
            String wanted = one.replace(".", "").replace("·", "");
            gang.add(known.stream()
                    .filter(t -> (t.end() + t.contact()).equalsIgnoreCase(wanted))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(Words.say("typed.terminal", one))));
        }
        return gang;
    }

    private static Reading result(String text, Touch touch) {
        String word = text.toLowerCase(Locale.ROOT).strip();
        return switch (word) {
            case "beep", "b", "yes" -> Reading.of(Mode.CONTINUITY, touch, Outcome.BEEP);
            case "silent", "n", "no" -> Reading.of(Mode.CONTINUITY, touch, Outcome.SILENT);
            case "open", "ol" -> Reading.of(Mode.OHMS, touch, Outcome.OPEN);
            case "reacts" -> Reading.of(Mode.REACTION, touch, Outcome.REACTS);
            case "nothing" -> Reading.of(Mode.REACTION, touch, Outcome.NOTHING);
            default -> value(word, touch);
        };
    }

    /** A number with an optional unit: ohms unless it says volts. */
    private static Reading value(String word, Touch touch) {
        String compact = word.replace(" ", "").replace("ohm", "").replace("ω", "").replace("Ω", "");
        boolean volts = compact.endsWith("v");
        String digits = volts ? compact.substring(0, compact.length() - 1) : compact;
        double factor = digits.endsWith("k") ? 1e3 : digits.endsWith("m") ? 1e6 : 1;
        if (factor > 1) {
            digits = digits.substring(0, digits.length() - 1);
        }
        try {
            double number = Double.parseDouble(digits) * factor;
            if (!Double.isFinite(number) || number < 0) {
                throw new NumberFormatException(digits);
            }
            return volts
                    ? Reading.of(Mode.DIODE, touch, new Outcome.Voltage(number))
                    : Reading.of(Mode.OHMS, touch, new Outcome.Resistance(number));
        } catch (NumberFormatException _) {
            throw new IllegalArgumentException(Words.say("typed.result", word));
        }
    }

    /** The outcome of a typed value at a touch, in the words of {@link #parse}. */
    public static Reading ofValue(String text, Touch touch) {
        return result(text, touch);
    }
}
