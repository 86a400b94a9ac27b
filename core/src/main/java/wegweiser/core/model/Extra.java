package wegweiser.core.model;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Members of a file that this version does not know. They travel with the value they were found in, so that
 * writing the job again loses nothing.
 *
 * @param members name to plain value: map, list, text, number, boolean or null
 */
public record Extra(Map<String, Object> members) {
    /** Nothing unknown. */
    public static final Extra NONE = new Extra(Map.of());

    public Extra {
        // null is a legal member value, so Map.copyOf would refuse it
        members = Collections.unmodifiableMap(new LinkedHashMap<>(members));
    }
}
