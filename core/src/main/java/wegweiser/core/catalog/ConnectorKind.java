package wegweiser.core.catalog;

import java.util.List;
import java.util.Optional;
import wegweiser.core.model.HasId;

/**
 * The kinds of connector, a row each: how their ids begin, how the body closes, what slides on before, which contact takes the
 * screen as its return, whether contacts sit in a body, whether it is sold with wires moulded on, what the line's standard does
 * with the screen, whether a bus goes on behind it, and the ways in which wires are joined to it, the usual one first. Whoever
 * adds a kind says all of it here.
 */
public enum ConnectorKind implements HasId {
    DSUB("dsub", Closing.HOOD, List.of(Fitting.HOOD), "", Body.HOUSED, Sold.MOULDED_TOO, Screen.CHOSEN,
            Bus.ENDS,
            Termination.SOLDER_CUP, Termination.CRIMP, Termination.RIBBON),
    BOX_HEADER("box-header", Closing.NONE, List.of(), "", Body.HOUSED, Sold.LOOSE, Screen.CHOSEN, Bus.ENDS,
            Termination.RIBBON),
    MICRO_RIBBON("micro-ribbon", Closing.HOOD, List.of(Fitting.HOOD), "", Body.HOUSED, Sold.LOOSE,
            Screen.CHOSEN,
            Bus.ENDS, Termination.SOLDER_CUP, Termination.RIBBON),
    MODULAR("modular", Closing.NONE, List.of(), "", Body.HOUSED, Sold.MOULDED_TOO, Screen.CHOSEN, Bus.ENDS,
            Termination.MODULAR, Termination.PUNCH_DOWN),
    JACK("jack", Closing.BARREL, List.of(Fitting.INSULATING_TUBE, Fitting.BARREL), "sleeve", Body.HOUSED,
            Sold.MOULDED_TOO, Screen.CHOSEN, Bus.ENDS, Termination.JACK_SOLDER),
    PHONO("phono", Closing.BARREL, List.of(Fitting.INSULATING_TUBE, Fitting.BARREL), "outer", Body.HOUSED,
            Sold.MOULDED_TOO, Screen.CHOSEN, Bus.ENDS, Termination.JACK_SOLDER),
    BARREL("barrel", Closing.BARREL, List.of(Fitting.INSULATING_TUBE, Fitting.BARREL), "", Body.HOUSED,
            Sold.MOULDED_TOO, Screen.CHOSEN, Bus.ENDS, Termination.JACK_SOLDER, Termination.SCREW),
    COAX("coax", Closing.TAIL_NUT, List.of(Fitting.NUT), "outer", Body.HOUSED, Sold.MOULDED_TOO,
            Screen.CHOSEN,
            Bus.ENDS, Termination.CRIMP, Termination.SOLDER_CUP),
    XLR("xlr", Closing.TAIL_NUT, List.of(Fitting.GRIP_RING, Fitting.NUT), "1", Body.HOUSED, Sold.MOULDED_TOO,
            Screen.CHOSEN, Bus.ENDS, Termination.SOLDER_CUP),
    USB("usb", Closing.HOOD, List.of(Fitting.HOOD), "", Body.HOUSED, Sold.MOULDED_TOO, Screen.THROUGH,
            Bus.ENDS,
            Termination.SOLDER_CUP),
    HDMI("hdmi", Closing.HOOD, List.of(Fitting.HOOD), "", Body.HOUSED, Sold.MOULDED_TOO, Screen.THROUGH,
            Bus.ENDS,
            Termination.SOLDER_CUP),
    M12("m12", Closing.TAIL_NUT, List.of(Fitting.BACK_SHELL, Fitting.SEAL, Fitting.NUT), "", Body.HOUSED,
            Sold.MOULDED_TOO, Screen.CHOSEN, Bus.ENDS, Termination.CIRCULAR_DISPLACEMENT, Termination.SCREW,
            Termination.SOLDER_CUP, Termination.CRIMP),
    M8("m8", Closing.TAIL_NUT, List.of(Fitting.BACK_SHELL, Fitting.SEAL, Fitting.NUT), "", Body.HOUSED,
            Sold.MOULDED_TOO, Screen.CHOSEN, Bus.ENDS, Termination.CIRCULAR_DISPLACEMENT,
            Termination.SOLDER_CUP),
    DIN("din", Closing.BARREL, List.of(Fitting.BARREL, Fitting.BOOT), "", Body.HOUSED, Sold.MOULDED_TOO,
            Screen.CHOSEN, Bus.ENDS, Termination.SOLDER_CUP),
    MINI_DIN("mini-din", Closing.BARREL, List.of(Fitting.BARREL, Fitting.BOOT), "", Body.HOUSED,
            Sold.MOULDED_TOO,
            Screen.CHOSEN, Bus.ENDS, Termination.SOLDER_CUP),
    VEHICLE("vehicle", Closing.HOOD, List.of(Fitting.HOOD), "", Body.HOUSED, Sold.MOULDED_TOO, Screen.CHOSEN,
            Bus.GOES_ON, Termination.CRIMP, Termination.SOLDER_CUP),
    TRAILER("trailer", Closing.TAIL_NUT, List.of(Fitting.BACK_SHELL, Fitting.SEAL, Fitting.NUT), "",
            Body.HOUSED,
            Sold.MOULDED_TOO, Screen.CHOSEN, Bus.ENDS, Termination.SCREW),
    ROW("row", Closing.NONE, List.of(), "", Body.HOUSED, Sold.MOULDED_TOO, Screen.CHOSEN, Bus.ENDS,
            Termination.CRIMP),
    PLUGGABLE("pluggable", Closing.NONE, List.of(), "", Body.HOUSED, Sold.LOOSE, Screen.CHOSEN, Bus.ENDS,
            Termination.SCREW, Termination.SOLDER_CUP),
    TERMINAL("terminal", Closing.NONE, List.of(), "", Body.HOUSED, Sold.LOOSE, Screen.CHOSEN, Bus.ENDS,
            Termination.SCREW),
    BANANA("banana", Closing.NONE, List.of(), "", Body.ITSELF, Sold.MOULDED_TOO, Screen.CHOSEN, Bus.ENDS,
            Termination.SCREW, Termination.SOLDER_CUP),
    BLADE("blade", Closing.NONE, List.of(), "", Body.ITSELF, Sold.LOOSE, Screen.CHOSEN, Bus.ENDS,
            Termination.CRIMP),
    BULLET("bullet", Closing.NONE, List.of(), "", Body.ITSELF, Sold.LOOSE, Screen.CHOSEN, Bus.ENDS,
            Termination.CRIMP, Termination.SOLDER_CUP),
    /** Turrets, tag strips and the tags of switches and sockets. */
    TAG("tag", Closing.NONE, List.of(), "", Body.ITSELF, Sold.LOOSE, Screen.CHOSEN, Bus.ENDS,
            Termination.JACK_SOLDER),
    LUG("ring", Closing.NONE, List.of(), "", Body.ITSELF, Sold.LOOSE, Screen.CHOSEN, Bus.ENDS,
            Termination.CRIMP,
            Termination.SOLDER_CUP),
    SPADE("spade", Closing.NONE, List.of(), "", Body.ITSELF, Sold.LOOSE, Screen.CHOSEN, Bus.ENDS,
            Termination.CRIMP, Termination.SOLDER_CUP),
    CROCODILE("crocodile", Closing.NONE, List.of(), "", Body.ITSELF, Sold.MOULDED_TOO, Screen.CHOSEN,
            Bus.ENDS,
            Termination.SCREW, Termination.SOLDER_CUP),
    CIRCULAR("circular", Closing.TAIL_NUT, List.of(Fitting.BACK_SHELL, Fitting.SEAL, Fitting.NUT), "",
            Body.HOUSED,
            Sold.MOULDED_TOO, Screen.CHOSEN, Bus.ENDS, Termination.SOLDER_CUP, Termination.CRIMP,
            Termination.POTTED),
    OWN("", Closing.HOOD, List.of(Fitting.HOOD), "", Body.HOUSED, Sold.MOULDED_TOO, Screen.CHOSEN, Bus.ENDS,
            Termination.SOLDER_CUP, Termination.CRIMP, Termination.POTTED);

    /** What closes the body over soldered joints. */
    public enum Closing implements HasId {
        NONE,
        HOOD,
        TAIL_NUT,
        BARREL
    }

    private enum Body {
        HOUSED,
        /** Lugs, clips and single plugs are contacts themselves. */
        ITSELF
    }

    private enum Sold {
        LOOSE,
        MOULDED_TOO
    }

    private enum Screen {
        CHOSEN,
        THROUGH
    }

    private enum Bus {
        ENDS,
        GOES_ON
    }

    private static final List<ConnectorKind> ALL = List.of(values());

    private final String stem;
    private final Closing closing;
    private final List<Fitting> fittings;
    private final String returns;
    private final Body body;
    private final Sold sold;
    private final Screen screen;
    private final Bus bus;
    private final List<Termination> methods;

    ConnectorKind(String stem, Closing closing, List<Fitting> fittings, String returns, Body body, Sold sold,
            Screen screen, Bus bus, Termination... methods) {
        this.stem = stem;
        this.closing = closing;
        this.fittings = List.copyOf(fittings);
        this.returns = returns;
        this.body = body;
        this.sold = sold;
        this.screen = screen;
        this.bus = bus;
        this.methods = List.of(methods);
    }

    /** What closes its body over soldered joints. */
    public Closing closing() {
        return closing;
    }

    /** What slides on to the cable before its end is made, where wires are not pressed in. */
    public List<Fitting> fittings() {
        return fittings;
    }

    /** The contact that takes the screen and is the return of the signal, if it has one. */
    public Optional<String> returnContact() {
        return Optional.of(returns).filter(c -> !c.isEmpty());
    }

    /** How the ids of this kind begin; empty for a person's own connectors. */
    public String stem() {
        return stem;
    }

    /** Whether a bus goes on behind the socket of a device, and is closed there: in a vehicle. */
    public boolean busGoesOn() {
        return bus == Bus.GOES_ON;
    }

    /** Whether the standard of the line joins the screen to the shells of both plugs: USB and HDMI. */
    public boolean isScreenedThrough() {
        return screen == Screen.THROUGH;
    }

    /** Whether contacts sit in a housing or under a hood; lugs, clips and single plugs are contacts themselves. */
    public boolean isHoused() {
        return body == Body.HOUSED;
    }

    /** Whether it is also sold with wires moulded on. */
    public boolean isMoulded() {
        return sold == Sold.MOULDED_TOO;
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
