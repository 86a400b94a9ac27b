package wegweiser.core.catalog;

import wegweiser.core.model.HasId;

/** How wires are joined to a connector's contacts. */
public enum Termination implements HasId {
    SOLDER_CUP,
    CRIMP,
    RIBBON,
    MODULAR,
    PUNCH_DOWN,
    JACK_SOLDER,
    SCREW,
    CIRCULAR_DISPLACEMENT,
    BARE
}
