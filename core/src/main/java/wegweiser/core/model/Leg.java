package wegweiser.core.model;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * A stretch of the way that a cable takes.
 *
 * @param mm its length
 * @param to what it leads to, in a person's words; may be empty
 * @param at what the cable does there
 * @param branch the end that this stretch alone leads to, where it leaves the bundle
 */
public record Leg(double mm, String to, At at, Optional<String> branch, Map<String, Object> extra) {
    /** What a cable does at a point of its way. */
    public enum At implements HasId {
        POINT,
        BEND,
        TIE,
        DEVICE
    }

    public Leg {
        to = Objects.requireNonNullElse(to, "");
        at = Objects.requireNonNullElse(at, At.POINT);
        extra = Extra.kept(extra);
    }

    public static Leg of(double mm, String to, At at, Optional<String> branch) {
        return new Leg(mm, to, at, branch, Extra.NONE);
    }
}
