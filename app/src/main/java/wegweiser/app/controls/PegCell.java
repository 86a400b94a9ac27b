package wegweiser.app.controls;

import wegweiser.core.model.HasId;

/** What a cell of the pegboard shows. Each differs from the others in shape, not in colour alone. */
public enum PegCell implements HasId {
    /** Not known, or nothing planned. */
    EMPTY,
    /** Joined, measured. */
    JOINED,
    /** Joined, follows from other readings. */
    JOINED_FOLLOWS,
    /** Joined as long as no part lies in the cable. */
    JOINED_ASSUMED,
    /** Apart, measured. */
    APART,
    /** Apart, follows from other readings. */
    APART_FOLLOWS,
    /** Apart if every conductor goes to one contact at each end, or if no part lies in the cable. */
    ASSUMED,
    /** Planned and not yet proved. */
    PLANNED,
    /** Planned, and not so in the way it is held against. */
    PLANNED_ONLY,
    /** Not planned, but so in the way the plan is held against. */
    OFFERED,
    /** Planned and proved. */
    PLANNED_PROVED,
    /** Planned, but measured apart. */
    MISSING,
    /** Measured joined, but not planned. */
    UNPLANNED,
    /** A part lies between them. */
    PART,
    /** A conductor that is cut on purpose. */
    CUT;

    /** Key of the words for this cell. */
    public String key() {
        return "cell." + id();
    }
}
