package wegweiser.app.actions;

import static wegweiser.app.texts.Texts.t;

import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import java.util.function.Supplier;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/**
 * Something that can be done.
 *
 * @param id by which the text bundle knows it, under {@code do.}
 * @param keys each of which does it; empty where it has none
 * @param shown how the keys are written
 * @param words what it does, as it is now
 * @param enabled whether it can be done now
 * @param does does it, told the key where there was one; false when nothing was done, so that the key is free for others
 * @param isFound whether it can be done without a key, from a list
 */
public record Action(String id, List<KeyCombination> keys, String shown, Supplier<String> words,
        BooleanSupplier enabled, Predicate<KeyEvent> does, boolean isFound) {
    /** Done by keys of which the first is shown, or from a list. */
    public static Action of(String id, List<KeyCombination> keys, Runnable run) {
        return new Action(id, keys, keys.isEmpty() ? "" : Keys.shown(keys.getFirst()), () -> t("do." + id),
                () -> true, _ -> {
                    run.run();
                    return true;
                }, true);
    }

    /** Done by keys alone, since what it does depends on the key, such as moving. */
    public static Action byKey(String id, List<KeyCombination> keys, String shown, Predicate<KeyEvent> does) {
        return new Action(id, keys, shown, () -> t("do." + id), () -> true, does, false);
    }

    /** The same, possible only sometimes. */
    public Action when(BooleanSupplier possible) {
        return new Action(id, keys, shown, words, possible, does, isFound);
    }

    /** The same, in words that change. */
    public Action named(Supplier<String> saying) {
        return new Action(id, keys, shown, saying, enabled, does, isFound);
    }

    /** Does it where a key is one of its own and it can be done. */
    public boolean answers(KeyEvent event) {
        return keys.stream().anyMatch(k -> k.match(event)) && enabled.getAsBoolean() && does.test(event);
    }

    /** Does it without a key; false when it cannot be done. */
    public boolean run() {
        return enabled.getAsBoolean() && does.test(null);
    }
}
