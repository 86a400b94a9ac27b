package wegweiser.core.model;

/** How a cable lies, by which slack is reckoned. */
public enum Laid implements HasId {
    /** It lies free between two devices: as long as somebody wants it. */
    LEAD,
    /** A run from point to point, which must never be too short. */
    BUILDING,
    /** Within a case: neither loose nor tight. */
    INSIDE
}
