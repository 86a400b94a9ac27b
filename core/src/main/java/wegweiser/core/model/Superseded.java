package wegweiser.core.model;

import java.util.concurrent.CancellationException;

/** Lets a long computation end when nobody waits for its result any more. */
public final class Superseded {
    private Superseded() {}

    /**
     * To be called every few milliseconds of a computation.
     *
     * @throws CancellationException when the thread was interrupted
     */
    public static void check() {
        if (Thread.currentThread().isInterrupted()) {
            throw new CancellationException("a newer question was asked");
        }
    }
}
