package wegweiser.core.readings;

import java.util.List;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;

/**
 * How often probes were placed for some readings. Another mode at the same place is no new touch, and what follows from
 * one value at a ladder plug was measured at once; probes that change places are a new touch.
 */
public final class TouchCount {
    private TouchCount() {}

    /** Touches behind readings in the order in which they were made. */
    public static int of(List<Reading> readings) {
        int touches = 0;
        for (int i = 0; i < readings.size(); i++) {
            touches += i > 0 && isSame(readings.get(i - 1), readings.get(i)) ? 0 : 1;
        }
        return touches;
    }

    private static boolean isSame(Reading before, Reading now) {
        if (now.how() instanceof Provenance.ByLadder(double ohms, boolean _)) {
            return before.red().equals(now.red())
                    && before.how() instanceof Provenance.ByLadder(double same, boolean _) && same == ohms;
        }
        return before.touch().equals(now.touch()) && before.mode() != now.mode();
    }
}
