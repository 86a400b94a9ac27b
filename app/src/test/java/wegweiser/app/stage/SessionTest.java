package wegweiser.app.stage;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;
import wegweiser.core.model.End;
import wegweiser.core.model.History;
import wegweiser.core.model.Job;
import wegweiser.files.io.FileTurn;
import wegweiser.files.job.JobFile;
import wegweiser.files.workshop.Workshop;

/** The session against a plain history: edits, undo, a slow disk, one that refuses, and somebody else at the same job. */
class SessionTest extends ApplicationTest {
    private static final int ROUNDS = Integer.getInteger("session.rounds", 40);

    @TempDir
    private Path folder;
    private Session session;
    private Path file;

    @Override
    public void start(Stage stage) {
        // only the interface thread is needed
    }

    @AfterEach
    void end() {
        session.close();
    }

    private void begin(int round) throws Exception {
        file = folder.resolve("job-" + round + JobFile.ENDING);
        JobFile.write(file, Job.of("", List.of(End.of("A", "", End.LEADS, List.of())), List.of(), List.of()));
        session = new Session(new Workshop(folder), file, JobFile.load(file));
    }

    private void onWindow(Runnable action) {
        WaitForAsyncUtils.waitForAsyncFx(20_000, () -> {
            action.run();
            return null;
        });
    }

    private void settle() {
        BooleanSupplier idle = () -> !session.busyProperty().get();
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        while (!WaitForAsyncUtils.waitForAsyncFx(20_000, idle::getAsBoolean) && System.nanoTime() < until) {
            sleep(1);
        }
    }

    /** Keeps the disk to itself until it is let go, so that everything queues behind it. */
    private CountDownLatch hold() throws InterruptedException {
        CountDownLatch held = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        Thread.ofPlatform().daemon().start(() -> {
            try {
                FileTurn.<Object, InterruptedException>take(file, () -> {
                    held.countDown();
                    return go.await(20, TimeUnit.SECONDS);
                });
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        held.await();
        return go;
    }

    @Test
    void whateverTheOrderNothingKeptIsLostAndNothingTakenBackReturns() throws Exception {
        SplittableRandom random = new SplittableRandom(12);
        for (int round = 0; round < ROUNDS; round++) {
            begin(round);
            History<Job> model = History.of(session.job());
            for (int step = 0; step < 8; step++) {
                int kind = random.nextInt(6);
                if (kind == 0) {
                    // the disk refuses: a folder lies where the file was
                    Path aside = folder.resolve("aside");
                    Files.move(file, aside);
                    Files.createDirectory(file);
                    onWindow(() -> session.edit(j -> j.withTitle(j.title() + "!")));
                    settle();
                    assertThat(session.notices().words().get()).contains("could not be saved");
                    Files.delete(file);
                    Files.move(aside, file);
                } else if (kind == 1) {
                    JobFile.update(file, JobFile.load(file), (j, _) -> j.withTitle(j.title() + "t"));
                    onWindow(session::lookAgain);
                    settle();
                    model = History.of(model.present().withTitle(model.present().title() + "t"));
                } else {
                    CountDownLatch go = hold();
                    List<Integer> queue = new ArrayList<>();
                    for (int k = 1 + random.nextInt(4); k > 0; k--) {
                        queue.add(random.nextInt(4));
                    }
                    for (int what : queue) {
                        switch (what) {
                            case 0 -> {
                                onWindow(session::undo);
                                model = model.undo().orElse(model);
                            }
                            case 1 -> {
                                onWindow(session::redo);
                                model = model.redo().orElse(model);
                            }
                            default -> {
                                onWindow(() -> session.edit(j -> j.withTitle(j.title() + what)));
                                model = model.edit(j -> j.withTitle(j.title() + what));
                            }
                        }
                    }
                    go.countDown();
                }
                settle();
                assertThat(session.job()).as("round %d, step %d", round, step).isEqualTo(model.present());
                assertThat(JobFile.read(file)).isEqualTo(model.present());
                assertThat(session.undoes().isPresent()).isEqualTo(!model.past().isEmpty());
                assertThat(session.redoes().isPresent()).isEqualTo(!model.future().isEmpty());
            }
            session.close();
        }
        begin(ROUNDS);
    }

    @Test
    void aChangeThatBreaksIsToldAndTheNextOneIsMade() throws Exception {
        begin(0);
        onWindow(() -> session.edit(j -> {
            if (Platform.isFxApplicationThread()) {
                return j.withTitle("view it");
            }
            throw new IllegalStateException("a rule that cannot be applied");
        }));
        settle();
        assertThat(session.notices().words().get()).contains("a rule that cannot be applied");
        onWindow(() -> session.edit(j -> j.withTitle("next")));
        settle();
        assertThat(JobFile.read(file).title()).isEqualTo("next");
    }
}
