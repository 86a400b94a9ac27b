package wegweiser.app.shell;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import wegweiser.core.model.History;
import wegweiser.core.library.Library;
import wegweiser.core.model.Job;
import wegweiser.files.job.BadFile;
import wegweiser.files.job.JobFile;
import wegweiser.files.library.LibraryFolder;
import wegweiser.files.workshop.Workshop;

/**
 * The open job with its history. Every change is written to the disk, off the interface thread, before it is
 * shown: what the screen acknowledges has been saved.
 */
public final class Session {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private final Workshop workshop;
    private final ExecutorService writer = Executors.newSingleThreadExecutor(r -> daemon(r, "writer"));
    private final ReadOnlyObjectWrapper<History<Job>> history;
    private final ReadOnlyObjectWrapper<Job> job;
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper(false);
    private final StringProperty saved = new SimpleStringProperty("");
    private final StringProperty notice = new SimpleStringProperty("");
    private Library library = Library.NONE;
    private Path file;
    private History<Job> latest;
    private int writing;
    private int logged;

    /** A session for a job that is in a file already. */
    public Session(Workshop workshop, Path file, Job first) {
        this.workshop = workshop;
        this.file = file;
        this.latest = History.of(first);
        this.history = new ReadOnlyObjectWrapper<>(latest);
        this.job = new ReadOnlyObjectWrapper<>(first);
        readOnlyNotice(first);
        readLibrary();
    }

    /** The person's own connectors, cables, pinouts and wirings. */
    public Library library() {
        return library;
    }

    /** How often a unit was added to the logbook from here; changes with every one. */
    public int logged() {
        return logged;
    }

    /** Notes that a unit was added to the logbook. */
    public void unitLogged() {
        logged++;
    }

    /** Reads the person's library again; the notice names what could not be used. */
    public void readLibrary() {
        LibraryFolder.Loaded loaded = workshop.library().load();
        library = loaded.library();
        if (!loaded.refused().isEmpty()) {
            notice.set(t("notice.library", String.join(" ", loaded.refused())));
        }
    }

    static Thread daemon(Runnable work, String name) {
        Thread thread = new Thread(work, name);
        thread.setDaemon(true);
        return thread;
    }

    public Workshop workshop() {
        return workshop;
    }

    public Path file() {
        return file;
    }

    /** The job as it stands on the disk and on the screen. */
    public ReadOnlyObjectProperty<Job> jobProperty() {
        return job.getReadOnlyProperty();
    }

    public Job job() {
        return job.get();
    }

    /** True while a change is on its way to the disk. */
    public ReadOnlyBooleanProperty busyProperty() {
        return busy.getReadOnlyProperty();
    }

    /** When the job was last saved, in words. */
    public StringProperty savedProperty() {
        return saved;
    }

    /** Something the person should know, such as a file that could not be read; empty for nothing. */
    public StringProperty noticeProperty() {
        return notice;
    }

    /** Changes the job. */
    public void edit(UnaryOperator<Job> edit) {
        change(latest.edit(edit));
    }

    public void undo() {
        latest.undo().ifPresent(this::change);
    }

    public void redo() {
        latest.redo().ifPresent(this::change);
    }

    public boolean canUndo() {
        return !latest.past().isEmpty();
    }

    public boolean canRedo() {
        return !latest.future().isEmpty();
    }

    private void change(History<Job> next) {
        if (next == latest) {
            return;
        }
        if (next.present().isReadOnly()) {
            notice.set(t("notice.read-only"));
            return;
        }
        latest = next;
        writing++;
        busy.set(true);
        Path target = file;
        writer.execute(() -> write(target, next));
    }

    private void write(Path target, History<Job> next) {
        Optional<String> failure = Optional.empty();
        try {
            JobFile.write(target, next.present());
        } catch (IOException e) {
            failure = Optional.of(t("notice.not-saved", target.getFileName(), reason(e)));
        }
        Optional<String> said = failure;
        Platform.runLater(() -> written(target, next, said));
    }

    private static String reason(IOException e) {
        return e instanceof java.nio.file.AccessDeniedException
                ? t("reason.access")
                : e instanceof java.nio.file.NoSuchFileException ? t("reason.folder") : e.getMessage();
    }

    private void written(Path target, History<Job> next, Optional<String> failure) {
        writing--;
        busy.set(writing > 0);
        if (!target.equals(file)) {
            return;
        }
        if (failure.isPresent()) {
            latest = history.get();
            notice.set(failure.get());
            return;
        }
        history.set(next);
        job.set(next.present());
        saved.set(t("saved.at", LocalTime.now().format(CLOCK)));
    }

    /**
     * Opens another job. When it cannot be read the open job stays, and the notice says why.
     *
     * @return whether it was opened
     */
    public boolean open(Path other) {
        try {
            Job read = JobFile.read(other);
            file = other;
            latest = History.of(read);
            history.set(latest);
            job.set(read);
            saved.set("");
            notice.set("");
            readOnlyNotice(read);
            workshop.remember(java.util.Map.of("job", other.toString()));
            return true;
        } catch (BadFile e) {
            notice.set(t("notice.kept", e.getMessage()));
            return false;
        } catch (IOException e) {
            notice.set(t("notice.settings", e.getMessage()));
            return true;
        }
    }

    private void readOnlyNotice(Job read) {
        if (read.isReadOnly()) {
            notice.set(t("notice.read-only"));
        }
    }

    /** Waits until everything is on the disk. */
    public void close() {
        writer.shutdown();
        try {
            if (!writer.awaitTermination(10, TimeUnit.SECONDS)) {
                writer.shutdownNow();
            }
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
    }
}
