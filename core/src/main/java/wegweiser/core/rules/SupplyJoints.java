package wegweiser.core.rules;

import java.util.HashMap;
import java.util.Map;
import java.util.OptionalDouble;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;

/**
 * How many ohms a joint of a supply, or of its way back, may have: a beeper sounds up to 70 ohm, and at some amps a few ohms
 * take all the volts and heat the joint. The limit is half of what may be lost on the whole way, over the current; no less
 * than a meter tells from its leads, and no more than copper shows anyway. O(nets).
 */
public final class SupplyJoints {
    /** Below this a hand-held meter tells nothing: half an ohm is in its leads and as much in how they are held. */
    private static final double LEAST_OHMS = 1;
    private static final double MOST_OHMS = 2;
    /** Where a load does not say what it needs, so much of the supply may be lost. */
    private static final double SHARE_LOST = 0.05;

    private final Map<Terminal, Double> limits = new HashMap<>();

    private SupplyJoints(Derived derived) {
        for (Feed feed : Feed.of(derived)) {
            feed.pins().forEach(p -> put(derived, p, MOST_OHMS));
            for (String end : feed.sinkEnds()) {
                derived.pins().stream().filter(p -> p.isAt(end) && p.is(Direction.GROUND))
                        .forEach(p -> put(derived, p, MOST_OHMS));
            }
        }
        for (SupplyRun run : SupplyRun.of(derived)) {
            if (run.amps() > 0) {
                double allowed = Math.max(0, run.allowed().orElse(SHARE_LOST * run.given().smallest()));
                double wire = Math.max(finite(run.there()), finite(run.back())) * run.metres();
                double limit = Math.clamp(allowed / 2 / run.amps(), LEAST_OHMS, MOST_OHMS) + wire;
                put(derived, run.sink(), limit);
                Grounds.shared(derived, run.sink().terminal().end()).forEach(g -> put(derived, g, limit));
            }
        }
    }

    private static double finite(double ohms) {
        return Double.isFinite(ohms) ? ohms : 0;
    }

    /** A net has the least limit of what lies on it. */
    private void put(Derived derived, Pin pin, double limit) {
        if (derived.nets().index().contains(pin.terminal())) {
            derived.nets().netOf(pin.terminal()).forEach(t -> limits.merge(t, limit, Math::min));
        }
    }

    public static SupplyJoints of(Derived derived) {
        return derived.once(SupplyJoints.class, () -> new SupplyJoints(derived));
    }

    /** The most ohms along copper at a terminal that carries supply; empty elsewhere. */
    public OptionalDouble most(Terminal terminal) {
        Double limit = limits.get(terminal);
        return limit == null ? OptionalDouble.empty() : OptionalDouble.of(limit);
    }
}
