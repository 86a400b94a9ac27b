package wegweiser.core.make;

import java.util.List;
import java.util.Optional;
import wegweiser.core.model.Terminal;

/**
 * One step at the bench.
 *
 * @param key stable within a job's design; what a tick refers to
 * @param end name of the end, empty for the cable as a whole
 * @param text what to do, short
 * @param spoken the same in whole words, for reading from afar
 * @param detail how, one sentence; may be empty
 * @param check when it is right; may be empty
 * @param waitSeconds how long to wait before the next step, 0 for none
 * @param caution what may hurt, where it applies; may be empty
 * @param lit contacts to show
 * @param conductor the wire in the hand
 */
public record Step(int n, String key, String end, String text, String spoken, String detail, String check,
        int waitSeconds,
        String caution, List<Terminal> lit, Optional<String> conductor) {
    public Step {
        lit = List.copyOf(lit);
    }
}
