package wegweiser.core.evidence;

import java.util.List;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Touch;

/**
 * A touch whose readings differ, and that is not settled for sure.
 *
 * @param readings their numbers, from 1
 * @param steady whether it matters that the contact holds while the cable is bent: they differ about copper
 */
public record Dispute(Touch touch, Mode mode, List<Integer> readings, boolean steady) {
    /** The dispute of some readings, by their numbers from 0. */
    static Dispute of(List<Reading> readings, List<Integer> numbers, boolean steady) {
        Reading last = readings.get(numbers.getLast());
        return new Dispute(last.touch(), last.mode(), numbers.stream().map(i -> i + 1).toList(), steady);
    }
}
