package wegweiser.core.signals;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import wegweiser.core.data.Data;

/** Which canonical signal a printed name stands for. Looking one up costs a few hash probes. */
final class Spellings {
    private static final Map<String, String> CANONICAL = read();
    private static final Pattern NUMBER = Pattern.compile("[ _#-]?\\d{1,2}$");
    private static final Pattern LOW_SIGNS = Pattern.compile("^[/~!*#\\\\]+|[#*\\\\]+$");
    private static final Pattern LOW_ENDING = Pattern.compile("(?i)_n$");
    private static final Pattern VOLTS = Pattern.compile(
            "(?i)[+\u2212\u00B1-]?\\s?\\d{1,3}(?:[.,]\\d+)?\\s?(?:V\\d?|VDC|Volts?)?"
                    + "(?:\\s?(?:-|\u2013|to|\\.{2,3}|\u2026)\\s?[+-]?\\d{1,3}(?:[.,]\\d+)?\\s?)?(?:V|VDC|Volts?)?"
                    + "(?:\\s?DC)?(?:\\s+supply)?");

    private Spellings() {}

    private static Map<String, String> read() {
        Map<String, String> found = new HashMap<>();
        for (String line : Data.lines("signals.txt")) {
            int equals = line.indexOf(" = ");
            String canonical = line.substring(0, equals);
            for (String spelling : line.substring(equals + 3).split(",")) {
                String before = found.put(key(spelling), canonical);
                if (before != null && !before.equals(canonical)) {
                    throw new IllegalStateException(
                            spelling.strip() + " is spelt for both " + before + " and " + canonical);
                }
            }
        }
        return Map.copyOf(found);
    }

    /** How many different spellings are known. */
    static int count() {
        return CANONICAL.size();
    }

    /** The canonical name, or empty when the spelling is not known. */
    static Optional<String> canonical(String printed) {
        String text = printed.strip();
        Optional<String> found = known(text);
        if (found.isEmpty()) {
            found = known(withoutLowMark(text));
        }
        if (found.isEmpty()) {
            String stem = NUMBER.matcher(text).replaceAll("");
            found = stem.length() >= 2 ? known(stem).or(() -> known(withoutLowMark(stem))) : found;
        }
        return found.isEmpty() ? supply(text) : found;
    }

    /** A name that is a voltage, such as "+15V", "10-30 V", "-12 V" or "3V3": a supply of that sign. */
    private static Optional<String> supply(String text) {
        return VOLTS.matcher(text).matches() && Volts.within(text).isPresent()
                ? Optional.of(Volts.within(text).get().most() < 0 ? "V-" : "V+")
                : Optional.empty();
    }

    private static Optional<String> known(String text) {
        return Optional.ofNullable(CANONICAL.get(key(text)));
    }

    /** The name without the marks that manuals put on lines that are active when low. */
    private static String withoutLowMark(String text) {
        String bare = LOW_ENDING.matcher(LOW_SIGNS.matcher(text).replaceAll("")).replaceAll("");
        return bare.length() > 2 && bare.charAt(0) == 'n' && Character.isUpperCase(bare.charAt(1))
                ? bare.substring(1)
                : bare;
    }

    /** Capitals, without the characters that make no difference; a sign at the beginning or end stays. */
    private static String key(String text) {
        String upper = text.strip().toUpperCase(Locale.ROOT).replace('−', '-').replace('–', '-').replace("×",
                "X");
        StringBuilder key = new StringBuilder();
        for (int i = 0; i < upper.length(); i++) {
            char c = upper.charAt(i);
            boolean sign = c == '+' || c == '-';
            boolean inner = i > 0 && i < upper.length() - 1;
            if (Character.isLetterOrDigit(c) || c == '+' || sign && !inner) {
                key.append(c);
            }
        }
        return key.toString();
    }
}
