package wegweiser.core.wiring;

import java.util.List;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.data.Entry;

/**
 * A wiring with a name.
 *
 * @param fromFamily connector family of the near end, without gender
 * @param weight how common it is, relative to the others; not a probability
 */
public record NamedWiring(String id, String fromFamily, String toFamily, String title, Wiring wiring,
        double weight) {

    /** The named wirings that come with the program. */
    public static List<NamedWiring> standard() {
        return NamedWirings.STANDARD;
    }

    /**
     * Reads a named wiring from a table.
     *
     * @throws Entry.Senseless when a connector or a contact is unknown
     */
    public static NamedWiring of(Entry entry, Catalogue catalogue) {
        return NamedWirings.of(entry, catalogue);
    }
}
