package wegweiser.app.stage;

import static wegweiser.app.texts.Texts.t;

import java.time.Duration;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;

/**
 * Computes off the interface thread and shows only the newest result. A computation that was overtaken is interrupted;
 * one that fails is told in a sentence, and its part of the screen is to be emptied, so that no picture stays up that no
 * longer holds.
 */
public final class Background {
    private static final ExecutorService WORKERS = Executors.newFixedThreadPool(2,
            Thread.ofPlatform().daemon().name("computation").factory());
    private static volatile Consumer<String> told = said -> System.err.println("wegweiser: " + said);

    /** What is being computed, since when in ns, and what takes its part of the picture away. */
    private static final Map<Background, Running> RUNNING = new ConcurrentHashMap<>();

    private record Running(int generation, long since, Runnable failed) {}

    private final AtomicInteger generation = new AtomicInteger();
    private Future<?> last;

    /** Where failures are told, for all computations of the window. */
    public static void tell(Consumer<String> whom) {
        told = whom;
    }

    /** What went wrong, for a sentence: its own words, or its kind where it has none. */
    public static String reason(Throwable e) {
        return e.getMessage() == null || e.getMessage().isBlank()
                ? e.getClass().getSimpleName()
                : e.getClass().getSimpleName() + ": " + e.getMessage();
    }

    /** Runs an errand, such as writing a file, that is neither given up nor overtaken. */
    public static <T> void errand(Supplier<T> work, Consumer<T> show) {
        WORKERS.submit(() -> {
            try {
                T result = work.get();
                Platform.runLater(() -> show.accept(result));
            } catch (RuntimeException | Error e) {
                Platform.runLater(() -> told.accept(t("notice.failed", reason(e))));
            }
        });
    }

    /** Starts a computation that changes no picture when it fails. */
    public <T> void run(Supplier<T> work, Consumer<T> show) {
        run(work, show, () -> {});
    }

    /**
     * Starts a computation; an earlier one that is still running is given up.
     *
     * @param failed takes away what was shown before, on the interface thread, when the computation or the showing fails
     */
    public <T> void run(Supplier<T> work, Consumer<T> show, Runnable failed) {
        int mine = generation.incrementAndGet();
        stopLast();
        RUNNING.put(this, new Running(mine, System.nanoTime(), failed));
        last = WORKERS.submit(() -> {
            if (mine != generation.get()) {
                return;
            }
            try {
                T result = work.get();
                Platform.runLater(() -> finished(mine, result, show, failed));
            } catch (CancellationException _) {
                // somebody newer is at work
                return;
            } catch (RuntimeException | Error e) {
                Platform.runLater(() -> failed(mine, e, failed));
            }
        });
    }

    private <T> void finished(int mine, T result, Consumer<T> show, Runnable failed) {
        if (mine != generation.get()) {
            return;
        }
        RUNNING.remove(this);
        try {
            show.accept(result);
        } catch (RuntimeException | Error e) {
            failed(mine, e, failed);
        }
    }

    private void failed(int mine, Throwable e, Runnable failed) {
        if (mine == generation.get()) {
            RUNNING.remove(this);
            failed.run();
            told.accept(t("notice.failed", reason(e)));
        }
    }

    /** Gives up what is being computed. */
    public void stop() {
        generation.incrementAndGet();
        RUNNING.remove(this);
        stopLast();
    }

    /** How long the computation has taken that was begun first of those that are not ended; zero where there is none. */
    public static Duration longest() {
        long now = System.nanoTime();
        return Duration.ofNanos(RUNNING.values().stream().mapToLong(r -> now - r.since()).max().orElse(0));
    }

    /** Gives up all that is being computed, at a person's wish: what was to be shown is not. On the interface thread. */
    public static void stopAll() {
        RUNNING.forEach((background, running) -> {
            background.stop();
            running.failed().run();
        });
    }

    private void stopLast() {
        if (last != null) {
            last.cancel(true);
        }
    }
}
