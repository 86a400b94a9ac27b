package wegweiser.core.advice;

import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.TerminalIndex;

/** What is still to be done until the goal: touches, as far as belief foresees them, and seconds by this person's hand. */
record Remaining(TerminalIndex index, Fixture fixture, Goal goal, CostModel cost, Depth depth,
        Closing closing) {
    /** Bits that a touch tells in the mean while a wiring is sought. */
    private static final double BITS_A_TOUCH = 0.8;
    /** The share of the touches for learning that are no joins or gangs that would be made anyway. */
    private static final double EXTRA = 0.6;

    /** Touches until the goal, at least one. */
    int touches(Evidence evidence, Belief belief) {
        Belief.Leader leader = belief.leader();
        double learn = leader.probability() >= Identifying.WHOLE ? 0 : belief.entropyBits() / BITS_A_TOUCH;
        if (goal == Goal.IDENTIFY) {
            Belief.Leader across = belief.leader(true);
            int open = closing.touches(Identified.of(evidence.supposed(), across),
                    across.hypothesis().isPresent());
            return (int) Math.max(1, Math.max(Math.ceil(learn), open));
        }
        int joins = evidence.partition().count() - leader.partition().count();
        int isolation = fixture.canGang() ? isolation(evidence, leader) : depth.open(evidence).size();
        return (int) Math.max(1, Math.ceil(EXTRA * learn) + Math.max(0, joins) + isolation);
    }

    /** Before the joins are known, as many touches as the nets that are believed will take. */
    private static int isolation(Evidence evidence, Belief.Leader leader) {
        int believed = leader.partition().count();
        return evidence.partition().count() > believed
                ? Isolation.bothWays(believed).size()
                : new Clearing(evidence).left();
    }

    /** Touches until no reading stands alone: each join once more, and as many gangs as set the believed nets apart. */
    int secondRound(Belief belief) {
        if (goal != Goal.PROVE || !fixture.canGang()) {
            return 0;
        }
        int nets = belief.leader().partition().count();
        return index.size() - nets + Isolation.bothWays(nets).size();
    }

    /** What so many touches of a usual session come to, in seconds. */
    int seconds(int touches) {
        double each = switch (fixture) {
            case PROBES -> 1.3 * cost.moveProbe();
            case CLIP -> cost.moveProbe() + cost.reclip() / 6;
            case COMB -> cost.moveProbe() + 1.7 * cost.gang() + cost.readValue();
        };
        return (int) Math.round(touches * each);
    }
}
