package wegweiser.app.bench;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.UnaryOperator;
import wegweiser.app.stage.Background;
import wegweiser.app.stage.Notices;
import wegweiser.app.stage.Session;
import wegweiser.core.shelf.Shelf;
import wegweiser.files.io.BadFile;
import wegweiser.files.workshop.JobFolder;
import wegweiser.files.workshop.ShelfFile;

/**
 * What was done to whole jobs and to the shelf, each with its way back. Everything touches the disk and so is done off the interface thread,
 * one after another; what fails is said and is not remembered as done. On the interface thread but for that.
 */
final class Deeds {
    private final JobFolder folder;
    private final Notices notices;
    private final Runnable changed;
    private final Deque<Deed> done = new ArrayDeque<>();
    private final Deque<Deed> undone = new ArrayDeque<>();
    private boolean busy;

    private interface Doing {
        void now() throws IOException, BadFile;
    }

    /** Something done, in words, how it is done again and how it is undone. */
    private record Deed(String words, Doing again, Doing back) {}

    /**
     * @param notices where it is said what was done, and what could not be
     * @param changed called whenever something was done
     */
    Deeds(JobFolder folder, Notices notices, Runnable changed) {
        this.folder = folder;
        this.notices = notices;
        this.changed = changed;
    }

    void rename(Path file, String before, String title) {
        start(new Deed(t("deed.rename", before), () -> folder.rename(file, title),
                () -> folder.rename(file, before)));
    }

    void duplicate(Path file, String title) {
        AtomicReference<Path> copy = new AtomicReference<>();
        AtomicReference<Path> removed = new AtomicReference<>();
        start(new Deed(t("deed.duplicate", title), () -> copy.set(removed.get() == null
                ? folder.duplicate(file, t("bench.copy", title))
                : folder.putBack(removed.get(), copy.get())), () -> removed.set(folder.remove(copy.get()))));
    }

    void putAway(Path file, String title, boolean away) {
        start(new Deed(t(away ? "deed.away" : "deed.out", title), () -> folder.putAway(file, away),
                () -> folder.putAway(file, !away)));
    }

    void remove(Path file, String title) {
        AtomicReference<Path> at = new AtomicReference<>(file);
        AtomicReference<Path> removed = new AtomicReference<>();
        start(new Deed(t("deed.remove", title), () -> removed.set(folder.remove(at.get())),
                () -> at.set(folder.putBack(removed.get(), at.get()))));
    }

    /** Changes what lies on the shelf. */
    void shelf(String words, UnaryOperator<Shelf> edit, ShelfFile shelf) {
        AtomicReference<ShelfFile.Change> change = new AtomicReference<>();
        start(new Deed(words, () -> change.set(shelf.change(edit)), () -> shelf.putBack(change.get())));
    }

    /** What undoing would undo, in words. */
    Optional<String> undoes() {
        return Optional.ofNullable(done.peek()).map(Deed::words);
    }

    /** What redoing would do again, in words. */
    Optional<String> redoes() {
        return Optional.ofNullable(undone.peek()).map(Deed::words);
    }

    void undo() {
        if (!busy && !done.isEmpty()) {
            Deed last = done.peek();
            run(last.back(), () -> undone.push(done.pop()));
        }
    }

    void redo() {
        if (!busy && !undone.isEmpty()) {
            Deed last = undone.peek();
            run(last.again(), () -> done.push(undone.pop()));
        }
    }

    private void start(Deed deed) {
        if (busy) {
            return;
        }
        run(deed.again(), () -> {
            done.push(deed);
            undone.clear();
            notices.say(t("deed.done", deed.words()), new Notices.Way(t("do.undo"), this::undo));
        });
    }

    private void run(Doing doing, Runnable then) {
        busy = true;
        Background.errand(() -> {
            try {
                doing.now();
                return "";
            } catch (IOException | BadFile e) {
                return Session.reason(e);
            } catch (RuntimeException e) {
                return Background.reason(e);
            }
        }, trouble -> {
            busy = false;
            if (trouble.isEmpty()) {
                then.run();
            } else {
                notices.warn(t("deed.failed", trouble));
            }
            changed.run();
        });
    }
}
