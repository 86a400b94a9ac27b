package wegweiser.core.model;

import java.util.Collections;
import java.util.Map;
import java.util.TreeMap;

/**
 * Members of a file that this version does not know, by name, as plain values: map, list, text, number, boolean or null.
 * They travel with the value they were found in, so that writing the job again loses nothing.
 */
public final class Extra {
    /** Nothing unknown. */
    public static final Map<String, Object> NONE = Map.of();

    private Extra() {}

    /** A copy that does not change, in the order of the names; a value may be null, which {@link Map#copyOf} would refuse. */
    static Map<String, Object> kept(Map<String, Object> members) {
        return members == null || members.isEmpty()
                ? NONE
                : Collections.unmodifiableMap(new TreeMap<>(members));
    }
}
