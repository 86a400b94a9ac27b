package wegweiser.app.shell;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;

/** Computes off the interface thread and shows only the newest result. */
public final class Background {
    private static final ExecutorService WORKERS = Executors.newFixedThreadPool(2,
            r -> Session.daemon(r, "computation"));

    private final AtomicInteger generation = new AtomicInteger();
    private final ReadOnlyBooleanWrapper running = new ReadOnlyBooleanWrapper(false);
    private Future<?> last;

    /** True while a result is awaited. */
    public ReadOnlyBooleanProperty runningProperty() {
        return running.getReadOnlyProperty();
    }

    /** Starts a computation; an earlier one that is still running is dropped. */
    public <T> void run(Supplier<T> work, Consumer<T> show) {
        int mine = generation.incrementAndGet();
        stopLast();
        running.set(true);
        last = WORKERS.submit(() -> {
            if (mine != generation.get()) {
                return;
            }
            try {
                T result = work.get();
                Platform.runLater(() -> finished(mine, result, show));
            } catch (RuntimeException e) {
                Platform.runLater(() -> running.set(false));
                Thread.currentThread().getUncaughtExceptionHandler().uncaughtException(Thread.currentThread(),
                        e);
            }
        });
    }

    private <T> void finished(int mine, T result, Consumer<T> show) {
        if (mine == generation.get()) {
            running.set(false);
            show.accept(result);
        }
    }

    /** Gives up what is being computed. */
    public void stop() {
        generation.incrementAndGet();
        stopLast();
        running.set(false);
    }

    private void stopLast() {
        if (last != null) {
            last.cancel(false);
        }
    }
}
