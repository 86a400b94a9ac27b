package wegweiser.core.evidence;

import java.util.Locale;

/** How far readings reach, as the greatest set of pairs that is covered whole. */
public enum Coverage {
    /** Every pair of terminals is known to be joined or apart. */
    ALL,
    /** Every pair of terminals of different ends, and neighbours on each connector. */
    ROWS,
    /** Neighbours on each connector, and supply against everything at its end. */
    NEIGHBOURS,
    /** What was touched, and nothing as a whole. */
    JOINS;

    /** The word used in results. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
