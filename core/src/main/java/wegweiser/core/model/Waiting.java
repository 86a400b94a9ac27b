package wegweiser.core.model;

import java.time.Instant;
import java.util.Map;

/** A bench step that only time does: when it began, and when it is over. */
public record Waiting(String step, Instant since, Instant until, Map<String, Object> extra) {
    public Waiting {
        extra = Extra.kept(extra);
    }

    public static Waiting of(String step, Instant since, long seconds) {
        return new Waiting(step, since, since.plusSeconds(seconds), Extra.NONE);
    }

    /** Whether the time has passed. */
    public boolean isOver(Instant now) {
        return !now.isBefore(until);
    }

    /** Seconds that are left, rounded up; 0 when it is over. */
    public long secondsLeft(Instant now) {
        return isOver(now) ? 0 : (until.toEpochMilli() - now.toEpochMilli() + 999) / 1000;
    }
}
