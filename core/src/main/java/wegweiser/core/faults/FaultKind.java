package wegweiser.core.faults;

import wegweiser.core.model.HasId;

/** What goes wrong at the bench; the ids are the words of the job format. */
public enum FaultKind implements HasId {
    OPEN,
    COLD_JOINT,
    WRONG_CONTACT,
    WRONG_CONDUCTOR,
    SWAPPED,
    SHORT,
    /** A strand of the screen. */
    STRAND,
    /** Insulation cut through between two wires. */
    PINCHED,
    MIRRORED,
    SHIFTED,
    ROWS_SWAPPED,
    RIBBON_FOR_NUMBER,
    COLOUR_STANDARD,
    TWIST,
    /** Each of two plugs on the branch of the other. */
    PLUGS_EXCHANGED,
    PART_MISSING,
    PART_BRIDGED,
    PART_REVERSED,
    PART_WRONG,
    STRAND_LEFT,
    WRONG_CUT
}
