package wegweiser.app.stage;

import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableStringValue;

/** The one message that a window shows at a time; a new one takes the place of the last. On the interface thread. */
public final class Notices {
    /**
     * A message.
     *
     * @param stays whether it stays until somebody closes it or it no longer holds, since something has to be done
     * @param way what can be done about it at once
     */
    public record Notice(String words, boolean stays, Optional<Way> way) {
        static final Notice NONE = new Notice("", false, Optional.empty());

        /** One that informs. */
        public static Notice of(String words) {
            return new Notice(words, false, Optional.empty());
        }

        /** One that stays. */
        public static Notice warning(String words) {
            return new Notice(words, true, Optional.empty());
        }
    }

    /** Something that can be done, in a word or two. */
    public record Way(String words, Runnable action) {}

    private final ReadOnlyObjectWrapper<Notice> shown = new ReadOnlyObjectWrapper<>(Notice.NONE);
    private final ObservableStringValue words = Bindings.createStringBinding(() -> shown.get().words(),
            shown);

    /** Informs; the message goes by itself. Nothing is said where there are no words. */
    public void say(String said) {
        show(Notice.of(said));
    }

    /** Informs, and offers something to do about it. */
    public void say(String said, Way way) {
        show(new Notice(said, false, Optional.of(way)));
    }

    /** Says that something has to be done or known; the message stays. */
    public void warn(String said) {
        show(Notice.warning(said));
    }

    /** Shows a message, where it has words. */
    public void show(Notice notice) {
        if (!notice.words().isBlank()) {
            shown.set(notice);
        }
    }

    public void clear() {
        shown.set(Notice.NONE);
    }

    /** Takes a message away, where it is the one that is shown. */
    public void clear(String said) {
        if (shown.get().words().equals(said)) {
            clear();
        }
    }

    public ReadOnlyObjectProperty<Notice> shownProperty() {
        return shown.getReadOnlyProperty();
    }

    /** The words of the message; empty where there is none. */
    public ObservableStringValue words() {
        return words;
    }
}
