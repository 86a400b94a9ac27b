package wegweiser.core.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Side;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Terminal;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/** The steps at one end: stripping, parts in line, a joint for each contact, the screen, a test before it is closed. */
final class EndSteps {
    /** Wires of a modular plug are laid out long and trimmed to length when they lie in order. */
    private static final int MODULAR_STRIP_MM = 30;
    private static final int MODULAR_TRIM_MM = 12;
    /** How far a ribbon is split into its wires where they are not pressed. */
    private static final int RIBBON_SPLIT_MM = 30;

    private final Derived derived;
    private final End end;
    private final boolean rightHanded;
    private final StepsSoFar steps;
    private final CableStock cable;
    private final Map<String, List<String>> wires;

    EndSteps(Derived derived, End end, boolean rightHanded, StepsSoFar steps) {
        this.derived = derived;
        this.end = end;
        this.rightHanded = rightHanded;
        this.steps = steps;
        this.cable = derived.cable().orElse(null);
        this.wires = EndWires.of(derived.job(), end);
    }

    void write() {
        ConnectorType type = derived.connector(end.name()).orElse(null);
        if (type == null) {
            wires.forEach(
                    (contact, _) -> steps.plain("mark:" + contact, end.name(), "mark", end.name(), contact));
            return;
        }
        if (type.numbersToCheck() && type.hasPrintedNumbers()) {
            steps.plain("numbers", end.name(), "numbers", type.title());
        }
        switch (type.termination()) {
            case SOLDER_CUP, JACK_SOLDER, BARE -> soldered(type);
            case MODULAR -> modular(type);
            case RIBBON -> ribbon(type);
            case CRIMP -> perContact(type, "crimp", true);
            case SCREW -> perContact(type, "screw", true);
            case CIRCULAR_DISPLACEMENT -> perContact(type, "displace", false);
            case PUNCH_DOWN -> perContact(type, "punch", false);
        }
        test(type);
    }

    private static boolean isSoldered(ConnectorType type) {
        return type.termination() == Termination.SOLDER_CUP || type.termination() == Termination.JACK_SOLDER;
    }

    private void soldered(ConnectorType type) {
        open(type, CutList.sheathMm(type));
        List<String> order = order(type);
        steps.careful("tin", end.name(), "tin", "iron", order.size(), Words.number(type.ratings().stripMm()));
        boolean cups = type.termination() == Termination.SOLDER_CUP;
        boolean feeds = derived.job().schools().cups().filter(c -> c == Schools.Cups.FEED).isPresent();
        if (!cups || !feeds) {
            steps.plain("fill", end.name(), cups ? "fill" : "fill-lugs", Words.list(order));
        }
        for (String contact : order) {
            partInLine(contact);
            joint(contact, !cups ? "solder-lug" : feeds ? "solder-feed" : "solder", "heat");
        }
        joinJumpers(type, cups ? "bridge" : "bridge-lugs");
    }

    private void perContact(ConnectorType type, String how, boolean bared) {
        open(type, CutList.sheathMm(type));
        List<String> order = order(type);
        if (bared && !order.isEmpty() && type.ratings().stripMm() > 0) {
            steps.careful("bare", end.name(), "bare", "blade", order.size(),
                    Words.number(type.ratings().stripMm()));
        }
        for (String contact : order) {
            partInLine(contact);
            joint(contact, how, "");
        }
        joinJumpers(type, "splice");
    }

    private void modular(ConnectorType type) {
        boolean flat = cable != null && cable.flat();
        open(type, flat ? MODULAR_TRIM_MM : MODULAR_STRIP_MM);
        List<String> places = new ArrayList<>();
        for (String contact : type.pinIds()) {
            List<String> wire = wires.getOrDefault(contact, List.of());
            if (wires.containsKey(contact)) {
                partInLine(contact);
                places.add(
                        contact + " " + (wire.isEmpty() ? Words.say("step.wire") : String.join("+", wire)));
            }
        }
        List<Terminal> lit = wires.keySet().stream().filter(type::has).map(end::terminal).toList();
        steps.add("order", end.name(), "order", new Object[]{String.join(", ", places)}, "", lit,
                Optional.empty(), 0);
        if (!flat) {
            steps.careful("trim", end.name(), "trim", "blade", MODULAR_TRIM_MM);
        }
        steps.add("push", end.name(), "push", new Object[]{}, "", lit, Optional.empty(), 0);
        steps.add("crimp", end.name(), "press", new Object[]{type.title()}, "", lit, Optional.empty(), 0);
        joinJumpers(type, "splice");
    }

    private void ribbon(ConnectorType type) {
        wires.keySet().forEach(this::partInLine);
        List<TurnedOver> turned = TurnedOver.at(derived, end, type, cable);
        for (TurnedOver run : turned) {
            steps.add("turn:" + run.first(), end.name(), "turn",
                    new Object[]{run.first(), run.last(), run.contact()}, "blade",
                    run.contacts().stream().map(end::terminal).toList(), Optional.empty(), 0);
        }
        if (turned.isEmpty()) {
            steps.careful("square", end.name(), "square", "blade");
        }
        steps.add("edge", end.name(), "edge",
                new Object[]{type.ribbonOrder().isEmpty() ? "1" : type.ribbonOrder().getFirst()}, "",
                List.of(end.terminal(type.ids().getFirst())), Optional.empty(), 0);
        steps.plain("press", end.name(), "close", type.title());
        if (!turned.isEmpty()) {
            // the turned wires are shorter now, so the ends are even only behind the connector
            steps.careful("square", end.name(), "square-after", "blade");
        }
        joinJumpers(type, "splice");
    }

    /** The sheath off or the ribbon split, the screen taken care of, what is not needed folded back. */
    private void open(ConnectorType type, double sheathMm) {
        boolean ribbon = cable != null && cable.flat() && type.termination() != Termination.MODULAR;
        steps.careful("strip", end.name(), ribbon ? "split" : "strip", "blade",
                Words.number(ribbon ? RIBBON_SPLIT_MM : sheathMm), end.name());
        spares();
        screen();
    }

    /** The screen goes to the contact that the plan gives it, or is cut back and covered. */
    private void screen() {
        if (cable == null || !cable.isScreened()) {
            return;
        }
        List<String> at = wires.entrySet().stream()
                .filter(e -> e.getKey().equals(Contact.SHELL) || e.getValue().contains(EndWires.SCREEN))
                .map(Map.Entry::getKey).toList();
        if (at.isEmpty()) {
            steps.careful("screen", end.name(), "screen-back", "blade", end.name());
        } else {
            steps.add("screen", end.name(), at.getFirst().equals(Contact.SHELL) ? "screen" : "screen-to",
                    new Object[]{end.name(), at.getFirst()}, "", List.of(end.terminal(at.getFirst())),
                    Optional.empty(), 0);
        }
    }

    private void spares() {
        if (cable == null
                || cable.conductors().stream().allMatch(c -> c.chars().allMatch(Character::isDigit))) {
            return;
        }
        List<String> used = wires.values().stream().flatMap(List::stream).toList();
        List<String> spare = cable.conductors().stream().filter(c -> !used.contains(c)).toList();
        if (!spare.isEmpty() && !used.isEmpty()) {
            steps.plain("spares", end.name(), "spares", Words.list(spare));
        }
    }

    /** A part between two ends is built in at one of them, where soldering is at hand, in line with its wire. */
    private void partInLine(String contact) {
        for (Link link : derived.job().links()) {
            boolean here = EndWires.isPartInLine(link) && link.touches(end.terminal(contact))
                    && EndWires.buildsIn(derived, link).equals(end.name());
            if (here) {
                boolean anodeHere = link.from().equals(end.terminal(contact));
                boolean diode = link.is(PartKind.DIODE);
                steps.add("part:" + contact + "-" + Words.list(List.of(link.from(), link.to().orElseThrow())),
                        end.name(),
                        diode ? anodeHere ? "inline-anode" : "inline-cathode" : "inline",
                        new Object[]{capital(partWords(link)), contact}, "heat",
                        List.of(end.terminal(contact)),
                        link.conductor(), 0);
            }
        }
    }

    private void joint(String contact, String how, String caution) {
        List<String> conductors = wires.get(contact);
        String wire = conductors.isEmpty()
                ? Words.say("step.wire")
                : Words.list(conductors.stream().map(EndSteps::words).toList());
        String code = conductors.isEmpty() ? Words.say("step.wire") : String.join(" + ", conductors);
        steps.add("joint:" + contact, end.name(), how, new Object[]{capital(wire), contact, code}, caution,
                List.of(end.terminal(contact)), conductors.stream().findFirst(), 0);
    }

    private static String words(String conductor) {
        return conductor.equals(EndWires.SCREEN) ? Words.say("step.the-screen") : ColourCode.words(conductor);
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private void joinJumpers(ConnectorType type, String how) {
        for (Link link : derived.job().links()) {
            if (link.isWithinOneEnd() && link.from().end().equals(end.name()) && !link.is(PartKind.CUT)) {
                Terminal to = link.to().orElseThrow();
                steps.add("jumper:" + link.from().contact() + "-" + to.contact(), end.name(), how,
                        new Object[]{capital(partWords(link)), link.from().contact(), to.contact()},
                        isSoldered(type) ? "heat" : "iron", List.of(link.from(), to), Optional.empty(), 0);
            }
        }
    }

    private static String partWords(Link link) {
        return link.part().map(p -> switch (p.kind()) {
            case RESISTOR -> Words.say("step.part.resistor", Quantity.words(p.ohms().orElse(0), Unit.OHM));
            case DIODE -> link.isWithinOneEnd()
                    ? Words.say("step.part.diode", link.from().contact())
                    : Words.say("step.part.diode-inline");
            case CAPACITOR -> Words.say("step.part.capacitor");
            case FUSE -> Words.say("step.part.fuse");
            case JUMPER, CUT -> Words.say("step.part.jumper");
        }).orElse(Words.say("step.part.jumper"));
    }

    /**
     * Contacts in the order in which no wire lies over the next cup: the lower row first, then along the row
     * from the left for a right-handed person, seen from the wiring side.
     */
    private List<String> order(ConnectorType type) {
        return type.seenFrom(Side.WIRING).stream()
                .filter(c -> wires.containsKey(c.id()) && !c.isShell())
                .sorted(Comparator.comparingInt(Contact::row).reversed()
                        .thenComparing(c -> rightHanded ? c.xMm() : -c.xMm()))
                .map(Contact::id)
                .toList();
    }

    private void test(ConnectorType type) {
        steps.add("test", end.name(), "beep", new Object[]{end.name()}, "",
                wires.keySet().stream().filter(type::has).map(end::terminal).toList(), Optional.empty(), 0);
        if (isSoldered(type)) {
            steps.careful("sleeves", end.name(), "sleeves", "hot-air");
            steps.add("cool", end.name(), "cool", new Object[]{}, "heat", List.of(), Optional.empty(), 60);
            steps.plain("hood", end.name(), type.termination() == Termination.SOLDER_CUP ? "hood" : "barrel",
                    type.title());
        }
    }
}
