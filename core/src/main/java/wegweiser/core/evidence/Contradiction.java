package wegweiser.core.evidence;

import java.util.List;
import wegweiser.core.model.Touch;

/**
 * Readings that cannot all be true.
 *
 * @param readings numbers from 1, in order; leaving out any one of them removes this conflict
 * @param settle a touch whose result tells which of them is wrong
 */
public record Contradiction(List<Integer> readings, Touch settle) {
    public Contradiction {
        readings = List.copyOf(readings);
    }
}
