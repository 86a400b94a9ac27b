package wegweiser.app.trace;

import java.util.Optional;
import wegweiser.core.advice.Identified;
import wegweiser.core.advice.Proposal;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Census;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;

/**
 * Everything that Trace shows of a job, computed off the interface thread.
 *
 * @param simulated what a simulated cable would answer to the proposal
 * @param said what the readings say of the wiring, while that is what is asked
 */
record Traced(Job job, Evidence evidence, Belief belief, Optional<Proposal> proposal, Proof proof,
        Census census,
        Optional<Outcome> simulated, Identified said) {
    /** Whether there is nothing to touch: where no pair of contacts is, none is proved. */
    boolean isBlank() {
        return job.ends().size() < 2 || evidence.index().size() < 2;
    }
}
