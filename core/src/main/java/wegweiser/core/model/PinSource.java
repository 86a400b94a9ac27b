package wegweiser.core.model;

import java.util.Optional;

/** What one source says about one contact. */
public record PinSource(String source, String name, Optional<String> signal, Optional<String> contact,
        Extra extra) {
    /** The name of the source that outranks every printed one. */
    public static final String MEASURED = "measured";
    /** The name of a person's decision between printed sources. */
    public static final String DECIDED = "decided";
}
