package wegweiser.app.texts;

import java.util.ResourceBundle;
import wegweiser.core.words.Words;

/** The strings of the interface, from its resource bundle. */
public final class Texts {
    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("wegweiser.app.texts.app");

    private Texts() {}

    /** The text of a key, its numbered places filled. */
    public static String t(String key, Object... args) {
        return Words.fill(BUNDLE.getString(key), args);
    }

    /** What the help says of each command, by the keys that the command line looks up. */
    public static ResourceBundle commands() {
        return ResourceBundle.getBundle("wegweiser.app.texts.commands");
    }
}
