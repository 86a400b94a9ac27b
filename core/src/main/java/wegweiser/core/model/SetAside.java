package wegweiser.core.model;

import java.util.List;
import java.util.Map;

/** Readings that no longer describe the cable in hand, kept with the reason why. */
public record SetAside(String why, List<Reading> readings, Map<String, Object> extra) {
    public SetAside {
        readings = List.copyOf(readings);
        extra = Extra.kept(extra);
    }

    public SetAside(String why, List<Reading> readings) {
        this(why, readings, Extra.NONE);
    }
}
