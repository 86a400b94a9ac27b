package wegweiser.core.model;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What one source says about one contact.
 *
 * @param contact the number in the source, where it counts otherwise than the part
 * @param confidence of what was measured, from 0 to 1
 * @param confirms the sources that a measurement confirms
 * @param chosen the source that a person decided for
 */
public record PinSource(String source, String name, Optional<String> signal, Optional<String> contact,
        OptionalDouble confidence, List<String> confirms, Optional<String> chosen,
        Map<String, Object> extra) {
    /** The name of the source that outranks every printed one. */
    public static final String MEASURED = "measured";
    /** The name of what was typed in before other sources were added. */
    public static final String ENTERED = "as entered";
    /** The name of a person's decision between printed sources. */
    public static final String DECIDED = "decided";

    public PinSource {
        confirms = List.copyOf(confirms);
        extra = Extra.kept(extra);
    }

    /** What a source says of a contact that it numbers as the part does. */
    public static PinSource of(String source, String name, Optional<String> signal) {
        return new PinSource(source, name, signal, Optional.empty(), OptionalDouble.empty(), List.of(),
                Optional.empty(), Extra.NONE);
    }

    /** What was measured, as surely as {@code confidence} says. */
    public static PinSource measured(String name, Optional<String> signal, double confidence) {
        return new PinSource(MEASURED, name, signal, Optional.empty(), OptionalDouble.of(confidence),
                List.of(),
                Optional.empty(), Extra.NONE);
    }

    /** What was measured to see which sources are right. */
    public static PinSource confirming(String signal, List<String> sources) {
        return new PinSource(MEASURED, signal, Optional.of(signal), Optional.empty(), OptionalDouble.empty(),
                sources, Optional.empty(), Extra.NONE);
    }

    /** A person's decision for a source. */
    public static PinSource decided(String name, String signal, String source) {
        return new PinSource(DECIDED, name, Optional.of(signal), Optional.empty(), OptionalDouble.empty(),
                List.of(), Optional.of(source), Extra.NONE);
    }

    public PinSource withContact(String number) {
        return new PinSource(source, name, signal, Optional.of(number), confidence, confirms, chosen, extra);
    }
}
