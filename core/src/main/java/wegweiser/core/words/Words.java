package wegweiser.core.words;

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

    /** Ohms as printed on resistors, such as 16.2 k\u03A9. */
    public static String ohms(double value) {
        return value >= 1e6
                ? number(value / 1e6) + " M\u03A9"
                : value >= 1e3 ? number(value / 1e3) + " k\u03A9" : number(value) + " \u03A9";
    }

    /** A number without needless zeros, at most two decimals. */
    public static String number(double n) {
        if (n == Math.rint(n) && Math.abs(n) < 1e12) {
            return String.valueOf((long) n);
        }
        String text = String.format(java.util.Locale.ROOT, "%.2f", n);
        return text.replaceAll("\\.?0+$", "");
    }
}
