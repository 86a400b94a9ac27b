package wegweiser.core.quantity;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wegweiser.core.words.Words;

/**
 * A number with its unit as people type it: {@code 119.6}, {@code 0,4}, {@code 4k7}, {@code 580 mV}, {@code 2.2 MΩ},
 * {@code .47}. Point and comma both part off decimals. What may be read in two ways, such as {@code 1,234}, is refused and never
 * guessed.
 *
 * @param unit the unit that was written, or none
 */
public record Quantity(double value, Optional<Unit> unit) {
    private static final Pattern NUMBER = Pattern
            .compile("([+-]?)(?:(\\d+)(?:([.,])(\\d+))?|[.,](\\d+))\\s*(.*)");
    /** No meter shows so few ohms, so a unit was forgotten. */
    private static final Pattern TINY = Pattern.compile("[c\u00B5\u03BCunp]$");
    /** A resistor as it is marked, with the letter in place of the point. */
    private static final Pattern MARKED = Pattern.compile("(\\d+)([RkKMV])(\\d+)");
    private static final String SIGNED = "[+-]?\\d+(?:[.,]\\d+)?";
    private static final Pattern RANGE = Pattern.compile("(\u00B1|\\+/-)?\\s*(" + SIGNED + ")\\s*(\\p{L}*)"
            + "(?:\\s*(?:-|\u2013|\u2014|\u2026|\\.{2,3}|\\bto\\b|\\bbis\\b)\\s*(" + SIGNED
            + ")\\s*(\\p{L}*))?");
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
        if (found.unit.isEmpty() && unit == Unit.OHM && TINY.matcher(text.strip()).find()) {
            throw refused("quantity.tiny", text);
        }
        return found.value;
    }

    /**
     * A value with whatever unit stands with it.
     *
     * @throws IllegalArgumentException with one sentence when the text is none or may mean two things
     */
    public static Quantity parse(String text) {
        String word = plain(text);
        Matcher marked = MARKED.matcher(word);
        if (marked.matches()) {
            String letter = marked.group(2);
            return new Quantity(Double.parseDouble(marked.group(1) + "." + marked.group(3))
                    * factor("RV".contains(letter) ? "" : letter, text),
                    Optional.of(letter.equals("V") ? Unit.VOLT : Unit.OHM));
        }
        Matcher number = NUMBER.matcher(word);
        if (!number.matches()) {
            throw refused("quantity.none", text);
        }
        // as on many displays, nothing need stand before the point
        String whole = number.group(2) == null ? "0" : number.group(2);
        String decimals = number.group(2) == null
                ? number.group(5)
                : number.group(4) == null ? "" : number.group(4);
        if (whole.length() > MOST_DIGITS) {
            throw refused("quantity.none", text);
        }
        boolean thousands = ",".equals(number.group(3)) && decimals.length() == 3
                && whole.length() <= 3 && !whole.matches("0+");
        if (thousands) {
            throw refused("quantity.thousands", text);
        }
        String rest = number.group(6);
        double digits = Double.parseDouble(number.group(1) + whole + "." + decimals + "0");
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

    /** The typographic minus and narrow blanks as the keyboard has them. */
    private static String plain(String text) {
        return text.strip().replace('\u2212', '-').replace('\u00A0', ' ').replace('\u202F', ' ');
    }

    /**
     * From one value to another, both in the unit; a single value is a range of no width.
     *
     * @param from at most {@code to}
     */
    public record Range(double from, double to) {
        /** The value, where there is but one. */
        public OptionalDouble sole() {
            return from == to ? OptionalDouble.of(from) : OptionalDouble.empty();
        }
    }

    /**
     * A value or a range: {@code 12 V}, {@code 10-30 V}, {@code -5 ... +5 V}, {@code 9 V to 36 V}, {@code \u00B115 V}.
     *
     * @throws IllegalArgumentException with one sentence when the text is neither, or goes from more to less
     */
    public static Range range(String text, Unit unit) {
        Matcher found = RANGE.matcher(plain(text));
        if (!found.matches() || found.group(1) != null && found.group(4) != null) {
            double value = parse(text, unit);
            return new Range(value, value);
        }
        return range(found, text, unit);
    }

    /** The first value or range in a text that has this unit with it, such as the volts in a name; none where there is none. */
    public static Optional<Range> within(String text, Unit unit) {
        for (String word : plain(text).split("[\\s()\\[\\],;:=]+")) {
            if (MARKED.matcher(word).matches() && parse(word).unit.equals(Optional.of(unit))) {
                return Optional.of(range(word, unit));
            }
        }
        Matcher found = RANGE.matcher(plain(text));
        while (found.find()) {
            int start = found.start(2);
            boolean inWord = start > 0 && Character.isLetterOrDigit(plain(text).charAt(start - 1));
            try {
                String last = found.group(4) == null ? found.group(3) : found.group(5);
                if (!inWord && parse("1" + last).unit.equals(Optional.of(unit))) {
                    return Optional.of(range(found, text, unit));
                }
            } catch (IllegalArgumentException _) {
                // a number that is no value: the next one may be
            }
        }
        return Optional.empty();
    }

    private static Range range(Matcher found, String text, Unit unit) {
        String high = found.group(4) == null
                ? found.group(2) + found.group(3)
                : found.group(4) + found.group(5);
        double to = parse(high, unit);
        if (found.group(4) == null) {
            return new Range(found.group(1) == null ? to : -to, to);
        }
        // the unit may stand at the end alone: 10-30 mV
        double from = parse(found.group(2) + (found.group(3).isEmpty() ? found.group(5) : found.group(3)),
                unit);
        if (from > to) {
            throw refused("quantity.range", text);
        }
        return new Range(from, to);
    }

    /** The next lower number of two digits, where no more can be known; of a positive value. */
    public static double twoDigits(double value) {
        double step = Math.pow(10, Math.floor(Math.log10(value)) - 1);
        return Math.floor(value / step) * step;
    }

    /** A value as it is shown, such as 16.2 k\u03A9: at most two decimals, of volts below one three. */
    public static String words(double value, Unit unit) {
        Unit.Prefix prefix = unit.prefix(value);
        return Words.decimals(value / prefix.factor(), digits(value, unit)) + " " + prefix.sign()
                + unit.sign();
    }

    /** A value with all its digits, for files. */
    public static String exactly(double value, Unit unit) {
        return BigDecimal.valueOf(value).toPlainString() + " " + unit.sign();
    }

    /** A value as it is shown where decimals are parted off by another sign. */
    public static String words(double value, Unit unit, char point) {
        Unit.Prefix prefix = unit.prefix(value);
        return Words.plain(value / prefix.factor(), digits(value, unit)).replace('.', point) + " "
                + prefix.sign()
                + unit.sign();
    }

    /** Volts below one are shown as meters do, with three decimals; millivolts are not. */
    private static int digits(double value, Unit unit) {
        return unit == Unit.VOLT && Math.abs(value) < 1 && unit.prefix(value) == Unit.Prefix.NONE ? 3 : 2;
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
