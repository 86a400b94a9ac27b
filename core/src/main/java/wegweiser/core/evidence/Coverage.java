package wegweiser.core.evidence;

import wegweiser.core.model.HasId;

/** How far readings reach, as the greatest set of pairs that is covered whole. */
public enum Coverage implements HasId {
    /** Every pair of terminals is known to be joined or apart. */
    ALL,
    /** Every pair of terminals of different ends, and neighbours on each connector. */
    ROWS,
    /** Neighbours on each connector, and supply against everything at its end. */
    NEIGHBOURS,
    /** What was touched, and nothing as a whole. */
    JOINS;
}
