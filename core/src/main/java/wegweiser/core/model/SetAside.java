package wegweiser.core.model;

import java.util.List;
import java.util.Map;

/**
 * Readings that no longer describe the cable in hand, kept with the reason why.
 *
 * @param why one of the words below, or what a person says
 */
public record SetAside(String why, List<Reading> readings, Map<String, Object> extra) {
    /** A person said so of one reading. */
    public static final String BY_HAND = "by hand";
    /** Other readings speak against it. */
    public static final String CONTRADICTED = "contradicted";
    /** They were taken from another cable than the planned one. */
    public static final String OTHER_CABLE = "other cable";
    /** They are of the lead that lay on the bench before the cable was built. */
    public static final String BEFORE_BUILDING = "before building";
    /** They are of the loose leads of a cable whose other end stays, and tell which colour belongs where. */
    public static final String LOOSE_LEADS = "loose leads";
    /** They are of another unit of the same plan. */
    public static final String OTHER_UNIT = "other unit";

    /** They are of contacts that were worked on when the cable was put right. */
    public static final String REPAIRED = "repaired";

    public SetAside {
        readings = List.copyOf(readings);
        extra = Extra.kept(extra);
    }

    public SetAside(String why, List<Reading> readings) {
        this(why, readings, Extra.NONE);
    }
}
