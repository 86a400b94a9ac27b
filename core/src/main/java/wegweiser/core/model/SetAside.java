package wegweiser.core.model;

import java.util.List;

/** Readings that no longer describe the cable in hand, kept with the reason why. */
public record SetAside(String why, List<Reading> readings, Extra extra) {
    public SetAside {
        readings = List.copyOf(readings);
    }

    public SetAside(String why, List<Reading> readings) {
        this(why, readings, Extra.NONE);
    }
}
