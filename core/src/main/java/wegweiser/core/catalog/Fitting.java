package wegweiser.core.catalog;

/** What belongs to a connector and slides on to the cable before the end is made. */
public enum Fitting {
    HOOD,
    GRIP_RING,
    NUT,
    BARREL,
    BOOT,
    INSULATING_TUBE,
    BACK_SHELL,
    SEAL
}
