package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import wegweiser.core.derived.Derived;
import wegweiser.core.library.Library;
import wegweiser.core.model.Basis;
import wegweiser.core.model.History;
import wegweiser.core.model.Job;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;
import wegweiser.files.library.LibraryFolder;
import wegweiser.files.log.Logbook;
import wegweiser.files.workshop.ShelfFile;
import wegweiser.files.workshop.Workshop;

/**
 * The open job with its history. Every change is written to the disk, off the interface thread, before it is
 * shown: what the screen acknowledges has been saved. Where no job is open there is an empty one that nothing changes.
 */
public final class Session {
    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private final Workshop workshop;
    private final JobOnDisk disk;
    private final ReadOnlyObjectWrapper<History<Job>> history;
    private final ReadOnlyObjectWrapper<Job> job;
    private Derived derived;
    private final ReadOnlyBooleanWrapper busy = new ReadOnlyBooleanWrapper(false);
    private final StringProperty saved = new SimpleStringProperty("");
    private final Notices notices = new Notices();
    private Library library = Library.NONE;
    private Optional<Path> file;
    private String unsaved = "";
    private int writing;
    private int logged;

    /** A session for a job that is in a file already, as it was read from there. */
    public Session(Workshop workshop, Path file, JobFile.Stored first) {
        this(workshop, new JobOnDisk.State(Optional.of(file), History.of(first.job()), first.digest()));
        readOnlyNotice(first.job());
        readLibrary();
    }

    /** A session in which no job is open yet. */
    public Session(Workshop workshop) {
        this(workshop, JobOnDisk.State.NOWHERE);
        readLibrary();
    }

    private Session(Workshop workshop, JobOnDisk.State first) {
        this.workshop = workshop;
        this.file = first.file();
        this.disk = new JobOnDisk(first);
        this.history = new ReadOnlyObjectWrapper<>(first.history());
        this.job = new ReadOnlyObjectWrapper<>(first.history().present());
        this.derived = Derived.of(job.get());
    }

    /** Whether a job is open. */
    public boolean isOpen() {
        return file.isPresent();
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

    /**
     * The label of the unit that was recorded of a job as it is now. Reads the logbook, so not on the interface thread; where
     * that cannot be read none is named.
     */
    public Optional<String> recorded(Job some) {
        if (some.readings().isEmpty() || !Files.exists(workshop.logbook())) {
            return Optional.empty();
        }
        try (Logbook log = Logbook.look(workshop.logbook())) {
            return log.recorded(some);
        } catch (IOException _) {
            // the log itself says what is wrong with it
            return Optional.empty();
        }
    }

    /** Reads the person's library again; the notice names what could not be used. */
    public void readLibrary() {
        LibraryFolder.Loaded loaded = workshop.library().load();
        library = loaded.library();
        if (!loaded.refused().isEmpty()) {
            notices.warn(t("notice.library", String.join(" ", loaded.refused())));
        }
    }

    /** What lies on the workshop's shelf. */
    public ShelfFile shelf() {
        return workshop.shelf(library);
    }

    public Workshop workshop() {
        return workshop;
    }

    /** The file of the open job; empty where none is open. */
    public Optional<Path> file() {
        return file;
    }

    /** The job as it stands on the disk and on the screen. */
    public ReadOnlyObjectProperty<Job> jobProperty() {
        return job.getReadOnlyProperty();
    }

    public Job job() {
        return job.get();
    }

    /** What follows from a job: one and the same for all who ask about the job that is open. On the interface thread. */
    public Derived derived(Job some) {
        if (derived.job() != some) {
            derived = Derived.of(some, derived);
        }
        return derived;
    }

    /** Works out anew what follows from the open job, since its words changed. */
    public void sayAnew() {
        derived = Derived.of(job.get());
    }

    /** True while a change is on its way to the disk. */
    public ReadOnlyBooleanProperty busyProperty() {
        return busy.getReadOnlyProperty();
    }

    /** When the job was last saved, in words. */
    public StringProperty savedProperty() {
        return saved;
    }

    /** What the person should know, such as a file that could not be read. */
    public Notices notices() {
        return notices;
    }

    /** Changes the job: as it is on the disk when the change's turn has come, which may be after someone else's. */
    public void edit(UnaryOperator<Job> edit) {
        if (writing == 0 && edit.apply(job.get()).equals(job.get())) {
            return;
        }
        change((now, _) -> Optional.of(now.edit(before -> Basis.marked(before, edit.apply(before)))));
    }

    /** Takes the last change back. What somebody else did since is not taken back with it, so then nothing is. */
    public void undo() {
        change((now, elsewhere) -> elsewhere ? Optional.empty() : now.undo());
    }

    public void redo() {
        change((now, elsewhere) -> elsewhere ? Optional.empty() : now.redo());
    }

    /** Takes in what somebody else wrote into the file meanwhile; where it was removed nothing is written, and that is said. */
    public void lookAgain() {
        if (file.isEmpty() || Files.exists(file.get())) {
            change((_, _) -> Optional.empty());
        } else {
            notices.warn(t("notice.removed", job.get().title()));
        }
    }

    /** Takes in what this window itself wrote into the file by another way; nothing is said of it. */
    public void takeIn() {
        if (file.filter(Files::exists).isPresent()) {
            change((_, _) -> Optional.empty(), true);
        }
    }

    /** What taking back would take back, in words; empty at the beginning. */
    public Optional<String> undoes() {
        History<Job> now = history.get();
        return now.past().isEmpty()
                ? Optional.empty()
                : Optional.of(Changed.words(now.past().getLast(), now.present()));
    }

    /** What doing again would do, in words; empty when nothing was taken back. */
    public Optional<String> redoes() {
        History<Job> now = history.get();
        return now.future().isEmpty()
                ? Optional.empty()
                : Optional.of(Changed.words(now.present(), now.future().getFirst()));
    }

    private void change(JobOnDisk.Step step) {
        change(step, false);
    }

    private void change(JobOnDisk.Step step, boolean quietly) {
        if (disk.isClosed() || file.isEmpty()) {
            return;
        }
        if (job.get().isReadOnly()) {
            notices.warn(t("notice.read-only"));
            return;
        }
        writing++;
        busy.set(true);
        disk.change(step, quietly, this::written);
    }

    /** Why the disk refused, in words. */
    public static String reason(Exception e) {
        return e instanceof java.nio.file.AccessDeniedException
                ? t("reason.access")
                : e instanceof java.nio.file.NoSuchFileException
                        ? t("reason.folder")
                        : e instanceof java.nio.file.FileSystemException f && f.getReason() != null
                                ? f.getReason()
                                : e.getMessage();
    }

    private void written(JobOnDisk.Written written) {
        JobOnDisk.State after = written.after();
        String said = written.said();
        boolean failed = written.isFailed();
        writing--;
        busy.set(writing > 0);
        if (!after.file().equals(file)) {
            return;
        }
        if (failed) {
            notices.warn(said);
        } else {
            // the disk takes changes again
            notices.clear(unsaved);
            notices.say(said);
        }
        unsaved = failed ? said : "";
        if (failed) {
            return;
        }
        boolean changed = after.history() != history.get();
        history.set(after.history());
        job.set(after.history().present());
        if (changed) {
            saved.set(t("saved.at", LocalTime.now().format(CLOCK)));
        }
    }

    /**
     * Opens another job. When it cannot be read the open job stays, and the notice says why.
     *
     * @return whether it was opened
     */
    public boolean open(Path other) {
        try {
            JobFile.Stored read = JobFile.load(other);
            JobOnDisk.State there = new JobOnDisk.State(Optional.of(other), History.of(read.job()),
                    read.digest());
            turnTo(there);
            readOnlyNotice(read.job());
            workshop.remember(java.util.Map.of("job", other.toAbsolutePath().toString()));
            return true;
        } catch (BadFile e) {
            notices.warn(t("notice.kept", e.getMessage()));
            return false;
        } catch (IOException e) {
            notices.warn(t("notice.settings", reason(e)));
            return true;
        }
    }

    /** Closes the open job, whose changes are still written. */
    public void leave() {
        turnTo(JobOnDisk.State.NOWHERE);
    }

    private void turnTo(JobOnDisk.State there) {
        disk.turnTo(there);
        file = there.file();
        history.set(there.history());
        job.set(there.history().present());
        saved.set("");
        notices.clear();
    }

    private void readOnlyNotice(Job read) {
        if (read.isReadOnly()) {
            notices.warn(t("notice.read-only"));
        }
    }

    /** Waits until everything is on the disk. */
    public void close() {
        disk.close();
    }
}
