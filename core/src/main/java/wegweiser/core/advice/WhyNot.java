package wegweiser.core.advice;

import java.util.List;
import java.util.Optional;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.words.Words;

/** Says why a touch is not the one that was proposed. */
public final class WhyNot {
    private WhyNot() {}

    /** One sentence about touching two contacts now. */
    public static String words(Evidence evidence, Belief belief, Optional<Proposal> proposal, CostModel cost,
            Fixture fixture, Terminal a, Terminal b) {
        if (a.equals(b)) {
            return Words.say("why-not.same");
        }
        Touch touch = Touch.of(a, b);
        if (proposal.isPresent()
                && (proposal.get().touch().equals(touch) || proposal.get().touch().equals(Touch.of(b, a)))) {
            return Words.say("why-not.proposed", proposal.get().why());
        }
        int i = evidence.index().of(a);
        int j = evidence.index().of(b);
        if (evidence.isJoined(i, j) || evidence.isApart(i, j)) {
            return Words.say("why-not.known");
        }
        if (proposal.isEmpty()) {
            return Words.say("why-not.done");
        }
        double seconds = seconds(evidence, touch, cost, fixture);
        double p = belief.joined(i, j);
        double least = seconds(evidence, proposal.get().touch(), cost, fixture);
        if (bits(evidence, belief, proposal.get()) / least <= Foresight.entropy(p) / seconds) {
            return Words.say("why-not.later", Math.round(100 * p), Words.number(seconds));
        }
        return Words.say("why-not.worth", Math.round(100 * p), Words.number(seconds), Words.number(least));
    }

    private static double seconds(Evidence evidence, Touch touch, CostModel cost, Fixture fixture) {
        List<Reading> readings = evidence.readings();
        return Math.max(1, cost.seconds(readings.isEmpty()
                ? Optional.empty()
                : Optional.of(readings.getLast().touch()), touch, fixture));
    }

    /** What a proposed touch tells about the wiring by itself; nothing where it is made for something else, or of a gang. */
    private static double bits(Evidence evidence, Belief belief, Proposal proposal) {
        Touch touch = proposal.touch();
        return proposal.purpose() == Proposal.Purpose.LEARN && touch.isSingle()
                ? Foresight.entropy(belief.joined(evidence.index().of(touch.red().getFirst()),
                        evidence.index().of(touch.black().getFirst())))
                : 0;
    }
}
