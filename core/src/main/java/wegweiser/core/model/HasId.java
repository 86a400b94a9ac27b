package wegweiser.core.model;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A constant of an enum, with the word by which files, results and bundles know it. */
public interface HasId {
    String name();

    /** The name in lower case, with hyphens. */
    default String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The constant with this word, or empty when there is none. */
    static <E extends Enum<E> & HasId> Optional<E> find(Class<E> type, String id) {
        return Arrays.stream(type.getEnumConstants()).filter(e -> e.id().equals(id)).findFirst();
    }
}
