package wegweiser.core.model;

import java.util.Map;

/** A piece that was cut off an end so that its connector could be put on anew. */
public record CutOff(String end, double mm, Map<String, Object> extra) {
    public CutOff {
        extra = Extra.kept(extra);
    }

    public static CutOff of(String end, double mm) {
        return new CutOff(end, mm, Extra.NONE);
    }
}
