package wegweiser.core.model;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SequencedMap;

/**
 * Values that were read with a ladder plug and did not become readings yet.
 *
 * @param connector of the end at which the plug was
 * @param resistors of the plug, in ohms
 * @param ohms by terminal, in the order in which they were read; over range is infinite
 */
public record LadderValues(String connector, List<Double> resistors, SequencedMap<Terminal, Double> ohms,
        Map<String, Object> extra) {
    public LadderValues {
        resistors = List.copyOf(resistors);
        ohms = Collections.unmodifiableSequencedMap(new LinkedHashMap<>(ohms));
        extra = Extra.kept(extra);
    }
}
