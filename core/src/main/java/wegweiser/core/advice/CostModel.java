package wegweiser.core.advice;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/**
 * How long a touch takes, in seconds.
 *
 * @param moveProbe moving one probe
 * @param reclip moving a clip
 * @param gang putting one more conductor into a gang
 * @param changePlug changing a whole plug
 * @param readValue reading a value off the meter and noting it, beyond hearing a beep
 */
public record CostModel(double moveProbe, double reclip, double gang, double changePlug, double readValue) {
    /** What an unhurried person needs. */
    public static final CostModel USUAL = new CostModel(2, 6, 3, 20, 2);

    /** Seconds from one placement to the next and its reading. */
    public double seconds(Optional<Touch> before, Touch next, Fixture fixture, Mode mode) {
        return seconds(before, next, fixture) + (mode == Mode.CONTINUITY ? 0 : readValue);
    }

    /** Seconds from one placement to the next; from nowhere when there was none before. */
    public double seconds(Optional<Touch> before, Touch next, Fixture fixture) {
        return side(before.map(Touch::red).orElse(List.of()), next.red(), moveRed(fixture))
                + side(before.map(Touch::black).orElse(List.of()), next.black(), moveProbe);
    }

    /** Seconds in which the red probe, or the clip in its place, moves. */
    double moveRed(Fixture fixture) {
        return fixture == Fixture.CLIP ? reclip : moveProbe;
    }

    private double side(List<Terminal> held, List<Terminal> wanted, double move) {
        if (held.equals(wanted)) {
            return 0;
        }
        if (wanted.size() == 1) {
            return move;
        }
        Set<Terminal> more = new HashSet<>(wanted);
        held.forEach(more::remove);
        // taking a contact out of a gang is done while the next one goes in
        return Math.max(1, more.size()) * gang;
    }
}
