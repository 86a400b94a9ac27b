package wegweiser.core.quantity;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wegweiser.core.words.Words;

/**
 * A number with its unit as people type it: {@code 119.6}, {@code 0,4}, {@code 4k7}, {@code 580 mV}, {@code 2.2 MΩ}.
 * Point and comma both part off decimals. What may be read in two ways, such as {@code 1,234}, is refused and never
 * guessed.
 *
 * @param unit the unit that was written, or none
 */
public record Quantity(double value, Optional<Unit> unit) {
    /** What is measured. */
    public enum Unit {
        OHM("\u03A9", "\u2126", "ohm", "ohms", "R"), VOLT("V", "volt", "volts"), AMP("A", "amp",
                "amps"), FARAD("F"), METRE("m");

        private final List<String> spellings;

        Unit(String... spellings) {
            this.spellings = List.of(spellings);
        }

        private static Optional<Unit> of(String word) {
            return Arrays.stream(values()).filter(u -> u.spellings.contains(word)
                    || word.length() > 1 && u.spellings.contains(word.toLowerCase(Locale.ROOT))
                    || u == VOLT && word.equals("v")).findFirst();
        }
    }

    private static final Pattern NUMBER = Pattern.compile("([+-]?)(\\d+)(?:([.,])(\\d+))?\\s*(.*)");
    /** A resistor as it is marked, with the letter in place of the point. */
    private static final Pattern MARKED = Pattern.compile("(\\d+)([RkKM])(\\d+)");
    private static final List<String> OVER_RANGE = List.of("ol", "o.l", "0l", "o.l.", "open", "inf",
            "\u221E");
    /** No more digits than a number of this size has make sense. */
    private static final int MOST_DIGITS = 15;

    /** Whether a word stands for more than a meter shows. */
    public static boolean isOverRange(String text) {
        return OVER_RANGE.contains(text.strip().toLowerCase(Locale.ROOT));
    }

    /**
     * A value in a unit that may be left out.
     *
     * @throws IllegalArgumentException with one sentence when the text is none, is of another unit, or may mean two things
     */
    public static double parse(String text, Unit unit) {
        Quantity found = parse(text);
        if (found.unit.isPresent() && found.unit.get() != unit) {
            throw refused("quantity.unit", text);
        }
        if (found.unit.isEmpty() && text.strip().endsWith("m") && unit != Unit.METRE) {
            throw refused("quantity.milli", text);
        }
        return found.value;
    }

    /**
     * A value with whatever unit stands with it.
     *
     * @throws IllegalArgumentException with one sentence when the text is none or may mean two things
     */
    public static Quantity parse(String text) {
        String word = text.strip().replace('\u2212', '-').replace('\u00A0', ' ').replace('\u202F', ' ');
        Matcher marked = MARKED.matcher(word);
        if (marked.matches()) {
            return new Quantity(Double.parseDouble(marked.group(1) + "." + marked.group(3))
                    * factor(marked.group(2).equals("R") ? "" : marked.group(2), text),
                    Optional.of(Unit.OHM));
        }
        Matcher number = NUMBER.matcher(word);
        if (!number.matches() || number.group(2).length() > MOST_DIGITS) {
            throw refused("quantity.none", text);
        }
        String decimals = number.group(4) == null ? "" : number.group(4);
        boolean thousands = ",".equals(number.group(3)) && decimals.length() == 3
                && number.group(2).length() <= 3 && !number.group(2).matches("0+");
        if (thousands) {
            throw refused("quantity.thousands", text);
        }
        String rest = number.group(5);
        double digits = Double.parseDouble(number.group(1) + number.group(2) + "." + decimals + "0");
        Optional<Unit> unit = Unit.of(rest);
        if (rest.isEmpty() || unit.isPresent()) {
            return new Quantity(digits, unit);
        }
        String prefix = rest.substring(0, 1);
        String after = rest.substring(1).strip();
        unit = Unit.of(after);
        if (!after.isEmpty() && unit.isEmpty()) {
            throw refused("quantity.none", text);
        }
        return new Quantity(digits * factor(prefix, text), unit);
    }

    private static double factor(String prefix, String text) {
        return switch (prefix) {
            case "" -> 1;
            case "k", "K" -> 1e3;
            case "M" -> 1e6;
            case "c" -> 1e-2;
            case "m" -> 1e-3;
            case "\u00B5", "\u03BC", "u" -> 1e-6;
            case "n" -> 1e-9;
            case "p" -> 1e-12;
            default -> throw refused("quantity.none", text);
        };
    }

    private static IllegalArgumentException refused(String key, String text) {
        return new IllegalArgumentException(Words.say(key, text.strip()));
    }
}
