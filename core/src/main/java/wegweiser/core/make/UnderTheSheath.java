package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.CableStock.Inside;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.rules.PortBrings;
import wegweiser.core.words.Words;

/** The sheath of an end opened, and what is done with all under it that is no wire to be joined: spare wires, the screen, fibres. */
final class UnderTheSheath {
    /** How far a ribbon is split into its wires where they are not pressed. */
    private static final int RIBBON_SPLIT_MM = 30;
    /** How much is left of strength fibres. */
    private static final int FIBRES_MM = 6;
    /** All wires go in at once, with the end of the sheath: a screen is gripped with it, and there is no room for more. */
    static final Set<Termination> PUSHED_IN = Set.of(Termination.MODULAR,
            Termination.CIRCULAR_DISPLACEMENT);

    private final AtEnd at;

    UnderTheSheath(AtEnd at) {
        this.at = at;
    }

    private void add(String key, Deed deed, String textKey, String caution, Object... args) {
        at.list.add(key, deed, textKey, caution, args);
    }

    /** The sheath off so many mm, or the ribbon split. */
    void open(double sheathMm) {
        if (at.cable != null && !at.isFlat() && at.cable.conductors().size() == 1
                && !at.cable.isScreened()) {
            // a single wire has no sheath
            return;
        }
        if (at.assembly.isOfSingleWires()) {
            return;
        }
        boolean ribbon = at.isFlat() && (at.type == null || at.type.termination() != Termination.MODULAR);
        add("strip", new Deed.Open(at.name()), ribbon ? "split" : "strip", "blade",
                Words.number(ribbon ? RIBBON_SPLIT_MM : sheathMm), at.name());
        if (!at.isFlat()) {
            inside();
        }
    }

    /** What lies under the sheath and is no conductor: resin and clamps hold fibres, all else is in the way. */
    private void inside() {
        Termination way = at.type == null ? Termination.BARE : at.type.termination();
        if (lies(Inside.FIBRES, way)) {
            add("fibres", new Deed.Ready(at.name(), List.of(), 90), fibres(way), "blade", FIBRES_MM);
        }
        if (lies(Inside.INNER_SHEATH, way)) {
            add("inner", new Deed.Ready(at.name(), List.of(), 60), "inner", "blade");
        }
        if (at.has(Inside.CROSS) && way != Termination.MODULAR) {
            add("cross", new Deed.Ready(at.name(), List.of(), 20), "cross", "blade");
        }
        if (at.has(Inside.CONDUCTIVE_LAYER)) {
            add("layer", new Deed.Ready(at.name(), List.of(), 40), "layer", "blade");
        }
        if (at.has(Inside.STAR_QUAD)) {
            add("quad", new Deed.Ready(at.name(), List.of(), 20), "quad", "");
        }
        if (at.has(Inside.ENAMEL) && way != Termination.RIBBON) {
            add("enamel", new Deed.Ready(at.name(), List.of(), 60), "enamel", "iron");
        }
    }

    /** What takes the pull off the wires. */
    private String fibres(Termination way) {
        boolean clamped = at.type != null && SlipOn.of(at).stream()
                .anyMatch(t -> t.kind().holdsSheath());
        return switch (way) {
            case POTTED -> "fibres";
            case MODULAR -> "fibres-bar";
            default -> clamped ? "fibres-clamp" : "fibres-knot";
        };
    }

    /** What is cast has to be looked for under a sheath that is not known; elsewhere it would be in nobody's way. */
    private boolean lies(Inside thing, Termination way) {
        return way == Termination.POTTED ? at.mayHave(thing) : at.has(thing);
    }

    /** What is not needed here is folded back, not cut. */
    void spares() {
        List<String> spare = new ArrayList<>(at.spare());
        PortBrings.live(at.derived).forEach((wire, contact) -> {
            if (spare.remove(wire)) {
                add("cap:" + wire, new Deed.PutBack(at.name(), List.of(wire)), "cap-live", "hot-air", wire,
                        at.name(), contact);
            }
        });
        if (!spare.isEmpty()) {
            boolean room = at.type == null || !PUSHED_IN.contains(at.type.termination());
            add("spares", new Deed.PutBack(at.name(), spare), room ? "spares" : "spares-off",
                    room ? "" : "ends-fly", Words.list(spare), at.name());
        }
        for (Link link : at.job.links()) {
            boolean here = link.is(PartKind.CUT) && link.conductor().isPresent() && !link.isOnScreen()
                    && (link.from().end().equals(at.name())
                            || link.to().map(t -> t.end().equals(at.name())).orElse(false));
            String wire = link.conductor().orElse("");
            if (here && !at.used().contains(wire) && !spare.contains(wire)) {
                add("cut-off:" + wire, new Deed.PutBack(at.name(), List.of(wire)), "cut-off", "", wire,
                        at.name());
            }
        }
    }

    /** The screen goes to the contact that the plan gives it, or is cut back and covered. */
    void screen() {
        if (at.cable == null || !at.cable.isScreened() || at.type == null && !at.place.isWired()) {
            return;
        }
        List<String> to = screenContacts();
        if (to.isEmpty()) {
            add("screen", new Deed.Screen(at.name(), Optional.empty()), "screen-back", "blade", at.name());
            return;
        }
        String contact = to.getFirst();
        List<String> beside = at.place.joint(contact).orElseThrow().wires();
        Deed deed = new Deed.Screen(at.name(), Optional.of(at.at(contact)));
        if (at.type != null && at.type.kind() == ConnectorKind.COAX) {
            add("screen", deed, "screen-coax", "", at.name());
        } else if (contact.equals(Contact.SHELL)) {
            add("screen", deed, switch (at.type.termination()) {
                case MODULAR -> "screen-plug";
                case CIRCULAR_DISPLACEMENT -> "screen-ring";
                default -> "screen";
            }, "", at.name());
        } else if (!beside.isEmpty() && at.type != null && at.type.termination().isSoldered()) {
            add("screen", deed, "screen-round", "iron", at.name(), contact, Words.list(beside));
        } else {
            add("screen", deed, "screen-to", "", at.name(), contact);
        }
    }

    private List<String> screenContacts() {
        return at.place.joints().entrySet().stream()
                .filter(e -> e.getKey().equals(Contact.SHELL) || e.getValue().screen())
                .map(Map.Entry::getKey).toList();
    }
}
