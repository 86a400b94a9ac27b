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
        List<Reading> readings = evidence.readings();
        Optional<Touch> last = readings.isEmpty()
                ? Optional.empty()
                : Optional.of(readings.getLast().touch());
        double seconds = Math.max(1, cost.seconds(last, touch, fixture));
        double p = belief.joined(i, j);
        double bits = Foresight.entropy(p);
        return Words.say("why-not.worth", Math.round(100 * p), Words.number(bits), Words.number(seconds),
                Words.number(Math.max(1, cost.seconds(last, proposal.get().touch(), fixture))));
    }
}
