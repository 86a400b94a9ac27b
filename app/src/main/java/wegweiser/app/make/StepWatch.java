package wegweiser.app.make;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.function.BiConsumer;
import wegweiser.core.make.Deed;
import wegweiser.core.make.Step;

/** Looks at the clock while somebody works, so that the hands' own times replace the usual ones. */
final class StepWatch {
    private final BiConsumer<Deed, Double> learn;
    private final InstantSource clock;
    private String inHand = "";
    private Instant since = Instant.EPOCH;

    StepWatch(BiConsumer<Deed, Double> learn, InstantSource clock) {
        this.learn = learn;
        this.clock = clock;
    }

    /** A step is shown; its time runs from when it was shown first. */
    void shown(Step step) {
        if (!step.key().equals(inHand)) {
            inHand = step.key();
            since = clock.instant();
        }
    }

    /** The step that was shown is done. */
    void done(Step step) {
        if (step.key().equals(inHand)) {
            double seconds = Duration.between(since, clock.instant()).toMillis() / 1000.0;
            learn.accept(step.deed(), seconds);
            inHand = "";
        }
    }
}
