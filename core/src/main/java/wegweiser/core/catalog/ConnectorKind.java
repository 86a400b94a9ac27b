package wegweiser.core.catalog;

import java.util.List;
import wegweiser.core.model.HasId;

/** The kinds of connector, each with the ways in which wires are commonly joined to it, the usual one first. */
public enum ConnectorKind implements HasId {
    DSUB("dsub", Termination.SOLDER_CUP, Termination.CRIMP, Termination.RIBBON),
    BOX_HEADER("box-header", Termination.RIBBON),
    MICRO_RIBBON("micro-ribbon", Termination.SOLDER_CUP, Termination.RIBBON),
    MODULAR("modular", Termination.MODULAR, Termination.PUNCH_DOWN),
    JACK("jack", Termination.JACK_SOLDER),
    PHONO("phono", Termination.JACK_SOLDER),
    BARREL("barrel", Termination.JACK_SOLDER, Termination.SCREW),
    COAX("coax", Termination.CRIMP, Termination.SOLDER_CUP),
    XLR("xlr", Termination.SOLDER_CUP),
    USB("usb", Termination.SOLDER_CUP),
    HDMI("hdmi", Termination.SOLDER_CUP),
    M12("m12", Termination.CIRCULAR_DISPLACEMENT, Termination.SCREW, Termination.SOLDER_CUP,
            Termination.CRIMP),
    M8("m8", Termination.CIRCULAR_DISPLACEMENT, Termination.SOLDER_CUP),
    DIN("din", Termination.SOLDER_CUP),
    MINI_DIN("mini-din", Termination.SOLDER_CUP),
    VEHICLE("vehicle", Termination.CRIMP, Termination.SOLDER_CUP),
    TRAILER("trailer", Termination.SCREW),
    ROW("row", Termination.CRIMP),
    PLUGGABLE("pluggable", Termination.SCREW, Termination.SOLDER_CUP),
    TERMINAL("terminal", Termination.SCREW),
    BANANA("banana", Termination.SCREW, Termination.SOLDER_CUP),
    BLADE("blade", Termination.CRIMP),
    LUG("ring", Termination.CRIMP, Termination.SOLDER_CUP),
    SPADE("spade", Termination.CRIMP, Termination.SOLDER_CUP),
    CROCODILE("crocodile", Termination.SCREW, Termination.SOLDER_CUP),
    CIRCULAR("circular", Termination.SOLDER_CUP, Termination.CRIMP, Termination.POTTED),
    OWN("", Termination.SOLDER_CUP, Termination.CRIMP, Termination.POTTED);

    private static final List<ConnectorKind> ALL = List.of(values());

    private final String stem;
    private final List<Termination> methods;

    ConnectorKind(String stem, Termination... methods) {
        this.stem = stem;
        this.methods = List.of(methods);
    }

    /** How the ids of this kind begin; empty for a person's own connectors. */
    public String stem() {
        return stem;
    }

    /** Whether a bus goes on behind the socket of a device, and is closed there: in a vehicle. */
    public boolean busGoesOn() {
        return this == VEHICLE;
    }

    /** Whether the standard of the line joins the screen to the shells of both plugs: USB and HDMI. */
    public boolean isScreenedThrough() {
        return this == USB || this == HDMI;
    }

    /** Whether contacts sit in a housing or under a hood; lugs, clips and single plugs are contacts themselves. */
    public boolean isHoused() {
        return switch (this) {
            case LUG, SPADE, BLADE, CROCODILE, BANANA -> false;
            default -> true;
        };
    }

    /** Whether it is also sold with wires moulded on. */
    public boolean isMoulded() {
        return switch (this) {
            case TERMINAL, PLUGGABLE, LUG, SPADE, BLADE, BOX_HEADER, MICRO_RIBBON -> false;
            default -> true;
        };
    }

    /** Termination methods, the usual one first. */
    public List<Termination> methods() {
        return methods;
    }

    /** The kind of a family id, such as {@code dsub-9}. */
    public static ConnectorKind of(String family) {
        for (ConnectorKind kind : ALL) {
            if (kind != OWN && (kind.begins(family) || kind == USB && family.startsWith("usb3-"))) {
                return kind;
            }
        }
        return OWN;
    }

    /** Whether a family is named by the stem, alone or with more behind a dash. */
    private boolean begins(String family) {
        return family.startsWith(stem)
                && (family.length() == stem.length() || family.charAt(stem.length()) == '-');
    }
}
