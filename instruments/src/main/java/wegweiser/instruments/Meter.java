package wegweiser.instruments;

import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Touch;

/** Something that answers a touch. */
public interface Meter {
    /**
     * What the meter shows.
     *
     * @throws IllegalArgumentException when it has no such mode
     */
    Outcome measure(Touch touch, Mode mode);
}
