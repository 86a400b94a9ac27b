package wegweiser.app.bench;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.application.Platform;
import wegweiser.files.workshop.BenchJob;
import wegweiser.files.workshop.JobIndex;

/**
 * Works out cards off the interface thread, the one that was asked for last first, so that those in sight come before those
 * that were scrolled past. A card is worked out again when its job is another.
 */
final class Cards {
    /** More than this many are not in sight at once; older requests are dropped. */
    private static final int IN_SIGHT = 24;

    private final JobIndex index;
    private final Function<BenchJob, Card> how;
    private final Consumer<Card> ready;
    private final Map<Path, Card> known = new ConcurrentHashMap<>();
    private final Deque<Path> wanted = new ArrayDeque<>();
    private boolean working;

    /**
     * @param how works out a card; may take long
     * @param ready is told each card on the interface thread
     */
    Cards(JobIndex index, Function<BenchJob, Card> how, Consumer<Card> ready) {
        this.index = index;
        this.how = how;
        this.ready = ready;
    }

    /** The card as it was last worked out. */
    Optional<Card> known(Path file) {
        return Optional.ofNullable(known.get(file));
    }

    /** Forgets all that was worked out, since something else changed on which it stands. */
    void forget() {
        known.clear();
    }

    /** Asks for the card of a file. */
    synchronized void want(Path file) {
        wanted.remove(file);
        wanted.push(file);
        if (wanted.size() > IN_SIGHT) {
            wanted.removeLast();
        }
        if (!working) {
            working = true;
            // a thread of its own: stages do not wait behind cards
            Thread.ofPlatform().daemon().name("cards").start(this::work);
        }
    }

    private synchronized Optional<Path> take() {
        working = !wanted.isEmpty();
        return Optional.ofNullable(wanted.poll());
    }

    private void work() {
        for (Optional<Path> file = take(); file.isPresent(); file = take()) {
            BenchJob job = index.read(file.get());
            Card before = known.get(job.file());
            Card card = before != null && before.job().equals(job) ? before : worked(job);
            known.put(job.file(), card);
            Platform.runLater(() -> ready.accept(card));
        }
    }

    private Card worked(BenchJob job) {
        try {
            return how.apply(job);
        } catch (RuntimeException _) {
            // the card then shows the job itself; opening it says what is wrong
            return Card.plain(job);
        }
    }
}
