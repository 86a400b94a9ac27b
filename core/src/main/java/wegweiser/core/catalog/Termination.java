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
    /** Cups in a connector that is cast: strength fibres and sheath are held by resin. */
    POTTED,
    /** The wires behind a connector that is there already are joined with those of the cable. */
    SPLICE,
    BARE;

    /** Whether joining closes the wires in, so that from then on only the mating face can be touched. */
    public boolean hidesWires() {
        return this == MODULAR || this == RIBBON || this == CIRCULAR_DISPLACEMENT;
    }

    /** Whether solder and heat are at hand, so that a component can be built in. */
    public boolean isSoldered() {
        return this == SOLDER_CUP || this == JACK_SOLDER || this == POTTED || this == SPLICE;
    }
}
