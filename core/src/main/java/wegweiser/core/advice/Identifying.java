package wegweiser.core.advice;

import java.util.Optional;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Meaning;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Touch;
import wegweiser.core.words.Words;

/**
 * What to touch to identify a cable: once more where the last reading was not to be expected; then what joins the ends, until
 * a wiring is believed; then every join that is only believed and what is still to be closed; then diodes that names speak
 * for; at last joins within the ends.
 */
record Identifying(Job job, Fixture fixture, Closing closing, Learning learning, Reach reach) {
    /** Belief from which what is only believed is touched in turn, nearest first, instead of what tells most. */
    private static final double NEARLY = 0.97;
    /** Belief in all that is joined from which joins within the ends are no longer looked for. */
    static final double WHOLE = 0.95;

    Optional<Ask> next(Evidence evidence, Belief belief, Repeats repeats) {
        Optional<Ask> once = OnceMore.why(evidence, belief, repeats)
                .map(why -> confirm(evidence.readings().getLast().touch(), why));
        if (once.isPresent()) {
            return once;
        }
        Evidence supposed = evidence.supposed();
        Belief.Leader across = belief.leader(true);
        Identified said = Identified.of(supposed, across);
        boolean nearly = across.probability() >= NEARLY;
        Optional<Ask> close = nearly ? close(said, across, evidence, repeats) : Optional.empty();
        if (close.isEmpty() && across.probability() < Advisor.IDENTIFIED) {
            Optional<Ask> learn = learning.next(supposed, belief, repeats, across);
            if (learn.isPresent()) {
                return learn;
            }
        }
        if (!nearly) {
            // nothing tells more, so what is believed least badly is touched
            close = close(said, across, evidence, repeats);
        }
        if (close.isEmpty() && across.hypothesis().isEmpty()) {
            close = reach.next(closing.lastSilences(said, repeats), said::need, evidence, repeats)
                    .map(t -> confirm(t, Words.say("advisor.last-silence", t.red().getFirst(),
                            t.black().getFirst())));
        }
        return close.or(() -> LikelyDiodes.byName(evidence, job).map(Orientation.Asked::ask))
                .or(() -> belief.leader().probability() >= WHOLE || fixture.canGang()
                        ? Optional.empty()
                        : learning.single(supposed, belief, repeats, true));
    }

    /** The nearest touch that is missing for what is said. */
    private Optional<Ask> close(Identified said, Belief.Leader across, Evidence evidence, Repeats repeats) {
        return reach
                .next(closing.open(said, across.hypothesis().isPresent()), said::need, evidence, repeats)
                .map(t -> confirm(t, closingReason(said, t)));
    }

    /**
     * Whether the joins between the ends are believed and touched, whatever lies within one end. They are not while a gang has
     * beeped in which the believed wiring joins nothing, however likely that wiring is.
     */
    boolean isDone(Evidence evidence, Belief belief) {
        Belief.Leader leader = belief.leader(true);
        Identified said = Identified.of(evidence.supposed(), leader);
        boolean named = leader.hypothesis().isPresent();
        Repeats repeats = new Repeats(evidence);
        return leader.probability() >= Advisor.IDENTIFIED && closing.open(said, named).isEmpty()
                && (named || closing.lastSilences(said, repeats).isEmpty())
                && OnceMore.why(evidence, belief, repeats).isEmpty()
                && Belief.items(evidence).stream()
                        .allMatch(i -> i.meaning() != Meaning.JOINS || i.isBeeping(leader.partition()));
    }

    private static Ask confirm(Touch touch, String why) {
        return new Ask(touch, Mode.CONTINUITY, Proposal.Purpose.CONFIRM, why);
    }

    private String closingReason(Identified said, Touch touch) {
        int red = reach.index().of(touch.red().getFirst());
        int black = reach.index().of(touch.black().getFirst());
        return said.said().isJoined(red, black)
                ? Words.say("advisor.believed")
                : Words.say("advisor.free", touch.red().getFirst(), touch.black().getFirst());
    }
}
