package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import javafx.application.Platform;
import wegweiser.core.model.History;
import wegweiser.core.model.Job;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;

/** The open job as it is on the disk, and the one thread that changes it there. */
final class JobOnDisk {
    private final ExecutorService writer = Executors
            .newSingleThreadExecutor(Thread.ofPlatform().daemon().name("writer").factory());
    /** The writer's alone, so that every change is made to what the one before it left there. */
    private State state;

    /**
     * What is there.
     *
     * @param digest of the file as it was last read or written
     */
    record State(Optional<Path> file, History<Job> history, String digest) {
        static final State NOWHERE = new State(Optional.empty(),
                History.of(Job.of("", List.of(), List.of(), List.of())), "");
    }

    /** What a step through the history makes of it, told whether somebody else changed the job since; empty for nothing. */
    interface Step {
        Optional<History<Job>> take(History<Job> now, boolean changedElsewhere);
    }

    /**
     * How a change ended.
     *
     * @param said what the person should know; empty for nothing
     * @param isFailed whether the disk is as it was before
     */
    record Written(State after, String said, boolean isFailed) {}

    JobOnDisk(State first) {
        state = first;
    }

    boolean isClosed() {
        return writer.isShutdown();
    }

    /** Makes a change when its turn has come; the interface thread is told how it ended. */
    void change(Step step, boolean quietly, Consumer<Written> told) {
        writer.execute(() -> {
            Written written = write(step, quietly);
            Platform.runLater(() -> told.accept(written));
        });
    }

    /** Turns to another job, after the changes of the one before, which are on their way. */
    void turnTo(State there) {
        writer.execute(() -> state = there);
    }

    /** On the writer's thread: one change, made to what is on the disk, and written there before it is shown. */
    private Written write(Step step, boolean quietly) {
        State before = state;
        Path where = before.file().orElseThrow();
        String said = "";
        boolean failed = false;
        AtomicBoolean elsewhere = new AtomicBoolean();
        try {
            AtomicReference<History<Job>> made = new AtomicReference<>(before.history());
            JobFile.Stored stored = JobFile.update(where,
                    new JobFile.Stored(before.history().present(), before.digest()), (fresh, changed) -> {
                        elsewhere.set(changed);
                        History<Job> now = changed ? History.of(fresh) : before.history();
                        made.set(step.take(now, changed).orElse(now));
                        return made.get().present();
                    });
            state = new State(before.file(), made.get(), stored.digest());
            said = elsewhere.get() && !quietly ? t("notice.elsewhere") : "";
        } catch (IOException | BadFile e) {
            failed = true;
            said = t("notice.not-saved", where.getFileName(),
                    String.valueOf(Session.reason(e)).replaceFirst("\\.$", ""));
        } catch (RuntimeException | Error e) {
            failed = true;
            said = t("notice.not-made", Background.reason(e));
        }
        return new Written(state, said, failed);
    }

    /** Waits until everything is on the disk. */
    void close() {
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
