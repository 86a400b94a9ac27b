package wegweiser.core.catalog;

/** How wires are joined to a connector's contacts. */
public enum Termination {
    SOLDER_CUP, CRIMP, RIBBON, MODULAR, JACK_SOLDER, SCREW, CIRCULAR_DISPLACEMENT, BARE
}
