package wegweiser.core.model;

import java.util.Map;

/** A bench step that was left out, and why. */
public record Skipped(String step, String reason, Map<String, Object> extra) {
    public Skipped {
        extra = Extra.kept(extra);
    }

    public static Skipped of(String step, String reason) {
        return new Skipped(step, reason, Extra.NONE);
    }
}
