package wegweiser.core.words;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.ChoiceFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.ResourceBundle;

/** The sentences that the core speaks, from its resource bundle. */
public final class Words {
    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("wegweiser.core.words.core");

    private static volatile char point = '.';

    private static final String CHOICE = ",choice,";

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
    public static Optional<String> sayIfThere(String key, Object... args) {
        return BUNDLE.containsKey(key) ? Optional.of(say(key, args)) : Optional.empty();
    }

    /**
     * A pattern with its numbered places filled; one pass, so that arguments may contain braces. A place such as
     * {@code {0,choice,0#pairs|1#pair|1<pairs}} becomes the word that fits the number, after {@link ChoiceFormat}.
     */
    public static String fill(String pattern, Object... args) {
        StringBuilder text = new StringBuilder(pattern.length() + 16 * args.length);
        int at = 0;
        while (at < pattern.length()) {
            int open = pattern.indexOf('{', at);
            int close = open < 0 ? -1 : pattern.indexOf('}', open);
            if (close < 0) {
                break;
            }
            String place = pattern.substring(open + 1, close);
            int choice = place.indexOf(CHOICE);
            Object filled = args[Integer.parseInt(choice < 0 ? place : place.substring(0, choice))];
            text.append(pattern, at, open).append(choice < 0
                    ? filled
                    : new ChoiceFormat(place.substring(choice + CHOICE.length()))
                            .format(((Number) filled).doubleValue()));
            at = close + 1;
        }
        return text.append(pattern.substring(at)).toString();
    }

    /** Terminals or contacts as a list: "A.2, A.3 and B.5". */
    public static String list(Iterable<?> items) {
        List<String> all = new ArrayList<>();
        items.forEach(i -> all.add(i.toString()));
        String said = all.isEmpty() ? "" : all.getFirst();
        for (int k = 1; k < all.size(); k++) {
            said = say(k < all.size() - 1 ? "list.more" : "list.last", said, all.get(k));
        }
        return said;
    }

    /** A number without needless zeros, at most two decimals. */
    public static String number(double n) {
        return decimals(n, 2);
    }

    /** A number without needless zeros, with at most so many decimals. */
    public static String decimals(double n, int most) {
        return shown(plain(n, most));
    }

    /** A number with exactly so many decimals. */
    public static String fixed(double n, int decimals) {
        return shown(BigDecimal.valueOf(n).setScale(decimals, RoundingMode.HALF_EVEN).toPlainString());
    }

    private static String shown(String number) {
        return number.replace('.', point);
    }

    /**
     * Chooses the sign that parts off decimals in whatever is shown from now on, in the whole process, as the platform's own
     * locale holds for all of it. Files, results and ids have a point.
     */
    public static void partOffDecimalsBy(char sign) {
        point = sign;
    }

    /** A number as it stands in files and ids: with a point, whatever the person reads. */
    public static String plain(double n, int most) {
        return Double.isFinite(n)
                ? BigDecimal.valueOf(n).setScale(most, RoundingMode.HALF_EVEN).stripTrailingZeros()
                        .toPlainString()
                : String.valueOf(n);
    }
}
