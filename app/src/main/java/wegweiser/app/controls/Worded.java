package wegweiser.app.controls;

import java.util.function.Function;
import javafx.util.StringConverter;

/** How the entries of a list that is chosen from, and never typed into, are written. */
public final class Worded<T> extends StringConverter<T> {
    private final Function<T, String> words;

    /** @param words the words of an entry; nothing chosen is written as nothing */
    public Worded(Function<T, String> words) {
        this.words = words;
    }

    @Override
    public String toString(T value) {
        return value == null ? "" : words.apply(value);
    }

    @Override
    public T fromString(String text) {
        throw new IllegalStateException("the list is not typed into");
    }
}
