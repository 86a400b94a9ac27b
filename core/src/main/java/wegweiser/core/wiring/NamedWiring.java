package wegweiser.core.wiring;

import java.util.List;

/**
 * A wiring with a name.
 *
 * @param fromFamily connector family of the near end, without gender
 * @param weight how common it is, relative to the others; not a probability
 */
public record NamedWiring(String id, String fromFamily, String toFamily, String title, Wiring wiring,
        double weight) {
    /** Whether the two ends are of one family and the wiring is the same from both. */
    public boolean isSymmetric() {
        return fromFamily.equals(toFamily) && wiring.equals(wiring.inverse());
    }

    /** Every named wiring. */
    public static List<NamedWiring> all() {
        return NamedWirings.ALL;
    }
}
