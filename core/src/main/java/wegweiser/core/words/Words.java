package wegweiser.core.words;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.MissingResourceException;
import java.util.ResourceBundle;

/** The sentences that the core speaks, from its resource bundle. */
public final class Words {
    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("wegweiser.core.words.core");

    private Words() {}

    /**
     * The text of a key with {@code {0}}, {@code {1}} ... replaced by the arguments, as they print.
     *
     * @throws MissingResourceException when the bundle has no such key
     */
    public static String say(String key, Object... args) {
        return fill(BUNDLE.getString(key), args);
    }

    /** As {@link #say}, or empty when there is no such key. */
    public static java.util.Optional<String> sayIfThere(String key, Object... args) {
        return BUNDLE.containsKey(key) ? java.util.Optional.of(say(key, args)) : java.util.Optional.empty();
    }

    /** A pattern with its numbered places filled; one pass, so that arguments may contain braces. */
    public static String fill(String pattern, Object... args) {
        StringBuilder text = new StringBuilder(pattern.length() + 16 * args.length);
        int at = 0;
        while (at < pattern.length()) {
            int open = pattern.indexOf('{', at);
            int close = open < 0 ? -1 : pattern.indexOf('}', open);
            if (close < 0) {
                break;
            }
            text.append(pattern, at, open).append(args[Integer.parseInt(pattern.substring(open + 1, close))]);
            at = close + 1;
        }
        return text.append(pattern.substring(at)).toString();
    }

    /** "1 touch" or "3 touches": the number with the word that fits it. */
    public static String count(long n, String one, String many) {
        return n + " " + (n == 1 ? one : many);
    }

    /** Terminals or contacts as a list: "A.2, A.3 and B.5". */
    public static String list(Iterable<?> items) {
        java.util.List<String> all = new java.util.ArrayList<>();
        items.forEach(i -> all.add(i.toString()));
        if (all.size() < 2) {
            return String.join("", all);
        }
        return String.join(", ", all.subList(0, all.size() - 1)) + " " + say("and") + " " + all.getLast();
    }

    /** A number without needless zeros, at most two decimals. */
    public static String number(double n) {
        return decimals(n, 2);
    }

    /** A number without needless zeros, with at most so many decimals. */
    public static String decimals(double n, int most) {
        return Double.isFinite(n)
                ? BigDecimal.valueOf(n).setScale(most, RoundingMode.HALF_EVEN).stripTrailingZeros()
                        .toPlainString()
                : String.valueOf(n);
    }
}
