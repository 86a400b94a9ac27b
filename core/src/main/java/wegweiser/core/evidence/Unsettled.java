package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Touch;

/** The diodes that may be there, beside a resistance that would read the same; which of both depends on the meter's current. */
public final class Unsettled {
    private Unsettled() {}

    /** One for each touch in diode mode that leaves it open, anode first, with the last of its readings. O(readings). */
    public static List<MeasuredPart> in(Evidence evidence) {
        Map<Touch, MeasuredPart> found = new LinkedHashMap<>();
        for (int k = 0; k < evidence.readings().size(); k++) {
            Reading reading = evidence.readings().get(k);
            if (reading.mode() == Mode.DIODE && reading.touch().isSingle()
                    && reading.outcome() instanceof Outcome.Voltage(double volts)
                    && evidence.isUnsettled(evidence.index().of(reading.red())[0],
                            evidence.index().of(reading.black())[0])) {
                MeasuredPart before = found.get(reading.touch());
                List<Integer> because = new ArrayList<>(before == null ? List.of() : before.because());
                because.add(k + 1);
                found.put(reading.touch(),
                        new MeasuredPart(reading.red().getFirst(), reading.black().getFirst(),
                                PartKind.DIODE, Double.NaN, volts, because));
            }
        }
        return List.copyOf(found.values());
    }
}
