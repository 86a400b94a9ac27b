package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Touch;

/** Traces a cable from beginning to end with an advisor, for simulation and for proof against a known truth. */
public final class Tracer {
    private Tracer() {}

    /** Whatever answers a touch: a meter on a cable. */
    @FunctionalInterface
    public interface Answers {
        Outcome answer(Touch touch, Mode mode);
    }

    /**
     * What came of it.
     *
     * @param readings all readings, those there were before included
     * @param finished false when the limit of readings ended it
     */
    public record Run(List<Reading> readings, Evidence evidence, Belief belief, int touches, double seconds,
            boolean finished) {}

    /** Follows the advisor until its goal is reached or {@code limit} readings were taken. */
    public static Run run(Job job, Advisor advisor, Fixture fixture, CostModel cost, Answers meter,
            int limit) {
        List<Reading> readings = new ArrayList<>(job.readings());
        Optional<Touch> last = Optional.empty();
        int touches = 0;
        double seconds = 0;
        Evidence evidence = new Evidence(advisor.index(), readings);
        Belief belief = advisor.belief(evidence);
        while (true) {
            Optional<Proposal> next = advisor.next(evidence, belief);
            if (next.isEmpty() || readings.size() - job.readings().size() >= limit) {
                return new Run(List.copyOf(readings), evidence, belief, touches, seconds, next.isEmpty());
            }
            Touch touch = next.get().touch();
            if (!last.map(touch::equals).orElse(false)) {
                touches++;
            }
            seconds += cost.seconds(last, touch, fixture, next.get().mode());
            last = Optional.of(touch);
            Reading reading = Reading.of(next.get().mode(), touch, meter.answer(touch, next.get().mode()));
            readings.add(next.get().steady()
                    ? reading.by(new Provenance.Wiggled(Settling.STEADY_SECONDS))
                    : reading);
            seconds += next.get().steady() ? Settling.STEADY_SECONDS : 0;
            evidence = new Evidence(advisor.index(), readings);
            belief = advisor.belief(evidence, belief);
        }
    }
}
