package wegweiser.core.advice;

import java.util.Arrays;
import java.util.Optional;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/** Touches of several contacts at once with a comb, weighed by what they tell and, to prove, by what they set apart. */
record Gangs(Job job, TerminalIndex index, Fixture fixture, Goal goal, CostModel cost, Singles singles) {
    /** What a touch saved later is worth against a bit learned now. */
    private static final double PROGRESS = 1.2;
    /** The same while the cable is none that has a name, and what joins it is still to be found. */
    private static final double PROGRESS_UNKNOWN = 0.2;
    /** What a touch takes whatever its size, and for each conductor of a gang; to prove, fewer touches count most. */
    private static final double TOUCH_SECONDS = 4;
    private static final double CONDUCTOR_SECONDS = 0.1;

    /**
     * A touch and how likely it is to beep.
     *
     * @param touch the numbers of the red terminals and of the black ones
     */
    record Choice(int[][] touch, double beep) {}

    /**
     * The touch worth most per second of those that {@link Candidates} names, if it is worth more than {@code atLeast}, in
     * bits a second. To identify, single contacts and those of one end are left out. O(candidates x hypotheses x gang size).
     */
    Optional<Choice> best(Evidence evidence, Belief belief, Repeats repeats, Belief.Leader leader,
            double atLeast) {
        Hands hands = Hands.of(evidence);
        Optional<Touch> last = hands.last();
        int unproved = evidence.countUnknown();
        double progress = PROGRESS + (PROGRESS_UNKNOWN - PROGRESS) * belief.other();
        double most = atLeast;
        Optional<Choice> best = Optional.empty();
        for (int[][] candidate : Candidates.of(job, evidence, belief, leader)) {
            Superseded.check();
            boolean single = candidate[0].length == 1 && candidate[1].length == 1;
            if (repeats.isEnough(candidate[0], candidate[1])
                    || goal == Goal.IDENTIFY && (single || !isAcross(candidate))) {
                continue;
            }
            double p = single
                    ? belief.joined(candidate[0][0], candidate[1][0])
                    : belief.joined(candidate[0], candidate[1]);
            double gain = Foresight.entropy(p) + (goal.isWhole()
                    ? progress * Candidates.progress(evidence, candidate, p, unproved)
                    : 0);
            double score = gain / price(last, candidate)
                    + (gain > 1e-3 ? 1e-4 * hands.nearness(evidence, singles.depth(), candidate) : 0);
            if (score > most) {
                most = score;
                best = Optional.of(new Choice(candidate, p));
            }
        }
        return best;
    }

    /** Whether no contact faces one of its own end: what is joined within an end does not matter to identify a cable. */
    private boolean isAcross(int[][] candidate) {
        return Arrays.stream(candidate[0]).noneMatch(r -> Arrays.stream(candidate[1])
                .anyMatch(b -> index.get(r).end().equals(index.get(b).end())));
    }

    private double price(Optional<Touch> last, int[][] candidate) {
        return goal.isWhole()
                ? TOUCH_SECONDS + CONDUCTOR_SECONDS * (candidate[0].length + candidate[1].length)
                : Math.max(1, cost.seconds(last, index.touch(candidate[0], candidate[1]),
                        fixture, Mode.OHMS));
    }
}
