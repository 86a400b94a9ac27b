package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.PairState;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/**
 * The quick sweep that Wegweiser is measured against: for each contact of the first end in order, the not yet
 * found contacts of the second in order until one beeps.
 */
public record Sweep(int touches, double seconds) {
    /** The sweep of a cable whose truth is known, between its first two ends. */
    public static Sweep of(Job job, Nets truth, CostModel cost, Fixture fixture) {
        if (job.ends().size() < 2) {
            return new Sweep(0, 0);
        }
        List<Terminal> near = Terminals.of(job, job.ends().get(0));
        List<Terminal> left = new ArrayList<>(Terminals.of(job, job.ends().get(1)));
        int touches = 0;
        double seconds = 0;
        Optional<Touch> last = Optional.empty();
        Fixture hands = fixture == Fixture.CLIP ? Fixture.CLIP : Fixture.PROBES;
        for (Terminal a : near) {
            for (Terminal b : List.copyOf(left)) {
                Touch touch = Touch.of(a, b);
                touches++;
                seconds += cost.seconds(last, touch, hands);
                last = Optional.of(touch);
                if (truth.joined(a, b)) {
                    left.remove(b);
                    break;
                }
            }
        }
        return new Sweep(touches, seconds);
    }

    /**
     * About how many touches a sweep would still take: to identify, half of the open cells between any two ends; to prove,
     * every pair that is not proved yet.
     */
    static int left(Evidence evidence, Goal goal) {
        if (goal.isWhole()) {
            return evidence.countUnknown();
        }
        int open = 0;
        for (int a = 0; a < evidence.index().size(); a++) {
            for (int b = a + 1; b < evidence.index().size(); b++) {
                if (!evidence.isSameEnd(a, b) && evidence.state(a, b) == PairState.UNKNOWN) {
                    open++;
                }
            }
        }
        return (open + 1) / 2;
    }
}
