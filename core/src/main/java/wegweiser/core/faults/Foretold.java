package wegweiser.core.faults;

import java.util.List;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.model.Link;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/** What a meter shows on a cable of which one thing is not as planned. O(1) a single touch without components. */
final class Foretold {
    private final Nets nets;
    private final Nets planned;
    private final Foreseen good;
    private final Foreseen then;

    Foretold(TerminalIndex index, List<Link> links, Foreseen good) {
        this.planned = good.nets();
        this.good = good;
        this.nets = Nets.of(index, links);
        this.then = new Foreseen(nets, links);
    }

    Nets nets() {
        return nets;
    }

    /** Whether a reading that a good cable gives is none that this one gives. */
    boolean contradicts(Reading reading) {
        return !isAlike(reading.touch()) && !then.fits(reading);
    }

    /** Whether a touch is the same to a meter on both cables, as far as that can be told at a glance. */
    private boolean isAlike(Touch touch) {
        if (!touch.isSingle()) {
            return false;
        }
        Terminal a = touch.red().getFirst();
        Terminal b = touch.black().getFirst();
        boolean joined = nets.joined(a, b);
        return joined == planned.joined(a, b) && (joined || !then.isNear(a, b) && !good.isNear(a, b));
    }
}
