package wegweiser.core.words;

import java.util.ResourceBundle;

/** What the entries of the tables are called, from their resource bundle. */
public final class Titles {
    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("wegweiser.core.words.tables");

    private Titles() {}

    /**
     * The title or note with a key, such as {@code connector.dsub}, its places filled.
     *
     * @throws java.util.MissingResourceException when the bundle has no such key
     */
    public static String of(String key, Object... args) {
        return Words.fill(BUNDLE.getString(key), args);
    }

    /** The same, or empty where there is none. */
    public static String orNone(String key) {
        return BUNDLE.containsKey(key) ? BUNDLE.getString(key) : "";
    }
}
