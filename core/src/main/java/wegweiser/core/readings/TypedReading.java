package wegweiser.core.readings;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Touch;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/**
 * Reads what a person types after a touch: {@code A4 B6 beep}, {@code A.2 A.7 119.6}, {@code A1+A2 B4 silent},
 * {@code B.ring A.3 0.61 V}. Terminals may be written without the dot; a
 * gang is joined with plus signs; what holds blanks or commas stands in quotes.
 */
public final class TypedReading {
    private static final String FIELD = "(\"(?:[^\"]|\"\")*\"|[^\\s,;\"]+)";
    private static final String BETWEEN = "(\\s*[,;]\\s*|\\s+)";
    private static final Pattern LINE = Pattern.compile(FIELD + BETWEEN + FIELD + BETWEEN + "(.*?)[\\s,;]*");
    /** A comma that a digit follows at once and none goes before. */
    private static final Pattern LEADING = Pattern.compile("\\s+,");

    private TypedReading() {}

    /**
     * The reading that a line says. What follows the two terminals is the result, whole, so that a decimal comma is one.
     *
     * @throws IllegalArgumentException with one sentence that quotes what was not understood
     */
    public static Reading parse(String line, Job job) {
        return parse(line, new TypedTerminals(Terminals.of(job)));
    }

    /** The same where the terminals are known already. */
    static Reading parse(String line, TypedTerminals known) {
        Matcher parts = LINE.matcher(line.strip());
        if (!parts.matches()) {
            throw new IllegalArgumentException(Words.say("typed.short", line.strip()));
        }
        Touch touch = new Touch(known.gang(unquoted(parts.group(1))), known.gang(unquoted(parts.group(3))));
        if (touch.red().stream().anyMatch(touch.black()::contains)) {
            throw new IllegalArgumentException(Words.say("typed.same", line.strip()));
        }
        return result(unquoted(value(parts, line)), touch);
    }

    /** The result of a line. {@code A.1 B.1 ,5} is 0.5 where blanks part the fields, and nothing where commas do. */
    private static String value(Matcher parts, String line) {
        String before = parts.group(2);
        String after = parts.group(4);
        String result = parts.group(5);
        boolean leading = LEADING.matcher(after).matches() && result.matches("\\d.*");
        if (result.startsWith(",") || result.startsWith(";")
                || leading && !before.isBlank() && !LEADING.matcher(before).matches()) {
            throw new IllegalArgumentException(Words.say("typed.comma", line.strip()));
        }
        return leading && before.isBlank() ? "," + result : result;
    }

    /** A field as CSV writes it: in quotes, with quotes of its own doubled, or as it is. */
    private static String unquoted(String field) {
        return field.length() > 1 && field.startsWith("\"") && field.endsWith("\"")
                ? field.substring(1, field.length() - 1).replace("\"\"", "\"")
                : field;
    }

    private static Reading result(String text, Touch touch) {
        String word = text.toLowerCase(Locale.ROOT).strip();
        return switch (word) {
            case "beep", "b", "yes" -> Reading.of(Mode.CONTINUITY, touch, Outcome.BEEP);
            case "silent", "n", "no" -> Reading.of(Mode.CONTINUITY, touch, Outcome.SILENT);
            case "open", "ol", "0l", "o.l", "\u221E" -> Reading.of(Mode.OHMS, touch, Outcome.OPEN);
            case "reacts" -> reaction(touch, Outcome.REACTS);
            case "nothing" -> reaction(touch, Outcome.NOTHING);
            default -> value(text, touch);
        };
    }

    /** Two wires are touched together, and a device reacts or does not; a gang of more says nothing of any two. */
    private static Reading reaction(Touch touch, Outcome outcome) {
        if (!touch.isSingle()) {
            throw new IllegalArgumentException(Words.say("typed.reaction"));
        }
        return Reading.of(Mode.REACTION, touch, outcome);
    }

    /** A number with an optional unit: ohms unless it says volts. */
    private static Reading value(String text, Touch touch) {
        if (!text.matches("[+\\-\u2212]?[.,]?\\d.*")) {
            throw new IllegalArgumentException(Words.say("typed.result", text));
        }
        Quantity quantity = Quantity.parse(text);
        if (quantity.value() < 0) {
            throw new IllegalArgumentException(Words.say("typed.result", text));
        }
        return quantity.unit().filter(u -> u == Unit.VOLT).isPresent()
                ? Reading.of(Mode.DIODE, touch, new Outcome.Voltage(quantity.value()))
                : Reading.of(Mode.OHMS, touch,
                        new Outcome.Resistance(Quantity.parse(text, Unit.OHM)));
    }

    /** What is typed at a touch that is asked for in a mode: there a bare number is of that mode. */
    public static Reading ofValue(String text, Touch touch, Mode asked) {
        if (asked == Mode.DIODE && Quantity.isOverRange(text)) {
            return Reading.of(Mode.DIODE, touch, Outcome.OPEN);
        }
        Reading reading = result(text, touch);
        boolean bare = reading.outcome() instanceof Outcome.Resistance
                && Quantity.parse(text).unit().isEmpty();
        return asked == Mode.DIODE && bare
                ? Reading.of(Mode.DIODE, touch, new Outcome.Voltage(Quantity.parse(text).value()))
                : reading;
    }
}
