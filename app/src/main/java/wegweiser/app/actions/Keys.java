package wegweiser.app.actions;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;

/** Keys, and how this platform writes them. */
public final class Keys {
    /** Takes the last change back. */
    public static final List<KeyCombination> UNDO = shortcut(KeyCode.Z);
    /** Moves on a board. */
    public static final List<KeyCombination> ARROWS = plain(KeyCode.LEFT, KeyCode.UP, KeyCode.DOWN,
            KeyCode.RIGHT);
    /** The digits of both blocks. */
    public static final List<KeyCombination> DIGITS = IntStream.rangeClosed(0, 9)
            .mapToObj(n -> plain(KeyCode.valueOf("DIGIT" + n), KeyCode.valueOf("NUMPAD" + n)))
            .flatMap(List::stream).toList();

    /** The letters alone. */
    public static final List<KeyCombination> ALPHABET = IntStream.rangeClosed('A', 'Z')
            .mapToObj(c -> plain(KeyCode.valueOf(String.valueOf((char) c))).getFirst()).toList();

    /** Letters and digits, which begin a word. */
    public static final List<KeyCombination> LETTERS = Stream.concat(DIGITS.stream(), ALPHABET.stream())
            .toList();

    private Keys() {}

    /** Keys by themselves. */
    public static List<KeyCombination> plain(KeyCode... codes) {
        return with(codes);
    }

    /** Keys with the one that the platform uses for shortcuts. */
    public static List<KeyCombination> shortcut(KeyCode... codes) {
        return with(codes, KeyCombination.SHORTCUT_DOWN);
    }

    /** Keys with the one for shortcuts and the shift key. */
    public static List<KeyCombination> shifted(KeyCode... codes) {
        return with(codes, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
    }

    private static List<KeyCombination> with(KeyCode[] codes, KeyCombination.Modifier... modifiers) {
        return Arrays.stream(codes).<KeyCombination>map(c -> new KeyCodeCombination(c, modifiers)).toList();
    }

    /** A key by itself as the platform writes it. */
    public static String shown(KeyCode code) {
        return code.getName();
    }

    /** As the platform writes it, such as Ctrl+K. */
    public static String shown(KeyCombination key) {
        return key instanceof KeyCodeCombination plain && key.equals(plain(plain.getCode()).getFirst())
                ? shown(plain.getCode())
                : key.getDisplayText();
    }
}
