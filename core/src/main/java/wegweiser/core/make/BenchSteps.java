package wegweiser.core.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Side;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/**
 * The ordered steps at the bench, from the design and from how each connector is terminated: what must be on the
 * cable before the first joint, then end by end, closed only after a test, and tested again.
 */
public final class BenchSteps {
    private final Job job;
    private final boolean rightHanded;
    private final Catalogue catalogue;
    private final CableStock cable;
    private final List<Step> steps = new ArrayList<>();

    private BenchSteps(Derived derived, boolean rightHanded) {
        this.job = derived.job();
        this.rightHanded = rightHanded;
        this.catalogue = derived.catalogue();
        this.cable = Cables.of(job).orElse(null);
    }

    /** The steps for a right-handed or left-handed person; empty when nothing is planned. */
    public static List<Step> of(Job job, boolean rightHanded) {
        return of(Derived.of(job), rightHanded);
    }

    /** The same for a job from which something follows already. */
    public static List<Step> of(Derived derived, boolean rightHanded) {
        return derived.once(List.of(BenchSteps.class, rightHanded), () -> steps(derived, rightHanded));
    }

    private static List<Step> steps(Derived derived, boolean rightHanded) {
        Job job = derived.job();
        if (job.links().isEmpty()) {
            return List.of();
        }
        BenchSteps bench = new BenchSteps(derived, rightHanded);
        bench.prepare();
        job.ends().forEach(bench::end);
        bench.finish();
        return List.copyOf(bench.steps);
    }

    private void add(String key, String end, String textKey, Object[] args, String caution,
            List<Terminal> lit,
            Optional<String> conductor, int wait) {
        String text = Words.say("step." + textKey, args);
        steps.add(new Step(steps.size() + 1, end + ":" + key, end, text,
                Words.sayIfThere("step." + textKey + ".spoken", args).orElse(text),
                detail(textKey, ".detail", args),
                detail(textKey, ".check", args), wait,
                caution.isEmpty() ? "" : Words.say("caution." + caution), lit, conductor));
    }

    private static String detail(String textKey, String suffix, Object[] args) {
        return Words.sayIfThere("step." + textKey + suffix, args).orElse("");
    }

    private void plain(String key, String end, String textKey, Object... args) {
        add(key, end, textKey, args, "", List.of(), Optional.empty(), 0);
    }

    private void careful(String key, String end, String textKey, String caution, Object... args) {
        add(key, end, textKey, args, caution, List.of(), Optional.empty(), 0);
    }

    private void prepare() {
        CutList.of(job)
                .ifPresent(cut -> careful("cut", "", "cut", "blade", Words.number(cut.totalMm() / 1000),
                        cable == null ? Words.say("step.cable") : cable.title()));
        for (End end : job.ends()) {
            termination(end).ifPresent(t -> {
                String parts = Words.say("step.slide." + name(t));
                if (!parts.isEmpty()) {
                    plain("slide", end.name(), "slide", parts, end.name());
                }
            });
        }
    }

    private static String name(Termination termination) {
        return termination.id();
    }

    private Optional<Termination> termination(End end) {
        return catalogue.of(end).map(ConnectorType::termination);
    }

    private void end(End end) {
        ConnectorType type = catalogue.of(end).orElse(null);
        Map<String, List<String>> wires = wires(end);
        List<Link> jumpers = job.links().stream()
                .filter(l -> l.isWithinOneEnd() && l.from().end().equals(end.name()) && !l.is(PartKind.CUT))
                .toList();
        if (type == null) {
            wires.forEach((contact, conductors) -> plain("mark:" + contact, end.name(), "mark", end.name(),
                    contact));
            return;
        }
        if (type.numbersToCheck()) {
            plain("numbers", end.name(), "numbers", type.title());
        }
        switch (type.termination()) {
            case SOLDER_CUP, JACK_SOLDER, BARE -> soldered(end, type, wires, jumpers);
            case MODULAR -> modular(end, type, wires);
            case RIBBON -> ribbon(end, type);
            case CRIMP -> perContact(end, type, wires, "crimp", "tool");
            case SCREW -> perContact(end, type, wires, "screw", "");
            case CIRCULAR_DISPLACEMENT -> perContact(end, type, wires, "displace", "");
        }
        if (type.termination() != Termination.SOLDER_CUP && type.termination() != Termination.JACK_SOLDER) {
            joinJumpers(end, jumpers, "splice");
        }
        test(end, type, wires);
    }

    private void soldered(End end, ConnectorType type, Map<String, List<String>> wires, List<Link> jumpers) {
        careful("strip", end.name(), "strip", "blade", Words.number(CutList.sheathMm(type)), end.name());
        spares(end, wires);
        if (wires.containsKey(Contact.SHELL)) {
            plain("screen", end.name(), "screen", end.name());
        }
        long count = wires.keySet().stream().filter(c -> !c.equals(Contact.SHELL)).count();
        careful("tin", end.name(), "tin", "iron", count, Words.number(type.ratings().stripMm()));
        List<String> order = order(type, wires.keySet());
        plain("fill", end.name(), "fill", Words.list(order));
        for (String contact : order) {
            joint(end, contact, wires.get(contact), "solder", "heat");
        }
        joinJumpers(end, jumpers, "bridge");
    }

    private void joint(End end, String contact, List<String> conductors, String how, String caution) {
        List<Terminal> lit = List.of(end.terminal(contact));
        String wire = conductors.isEmpty()
                ? Words.say("step.wire")
                : Words.list(conductors.stream().map(ColourCode::words).toList());
        String code = conductors.isEmpty() ? Words.say("step.wire") : String.join(" + ", conductors);
        add("joint:" + contact, end.name(), how, new Object[]{capital(wire), contact, code}, caution, lit,
                conductors.stream().findFirst(), 0);
    }

    private static String capital(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private void joinJumpers(End end, List<Link> jumpers, String how) {
        for (Link link : jumpers) {
            Terminal to = link.to().orElseThrow();
            String part = link.part().map(p -> switch (p.kind()) {
                case RESISTOR ->
                    Words.say("step.part.resistor", Quantity.words(p.ohms().orElse(0), Unit.OHM));
                case DIODE -> Words.say("step.part.diode", link.from().contact());
                case CAPACITOR -> Words.say("step.part.capacitor");
                case JUMPER, CUT -> Words.say("step.part.jumper");
            }).orElse(Words.say("step.part.jumper"));
            add("jumper:" + link.from().contact() + "-" + to.contact(), end.name(), how,
                    new Object[]{capital(part), link.from().contact(), to.contact()}, "heat",
                    List.of(link.from(), to),
                    Optional.empty(), 0);
        }
    }

    private void modular(End end, ConnectorType type, Map<String, List<String>> wires) {
        careful("strip", end.name(), "strip", "blade", Words.number(CutList.sheathMm(type)), end.name());
        spares(end, wires);
        List<String> places = new ArrayList<>();
        for (String contact : type.pinIds()) {
            List<String> wire = wires.getOrDefault(contact, List.of());
            if (wires.containsKey(contact)) {
                places.add(
                        contact + " " + (wire.isEmpty() ? Words.say("step.wire") : String.join("+", wire)));
            }
        }
        List<Terminal> lit = wires.keySet().stream().filter(type::has).map(end::terminal).toList();
        add("order", end.name(), "order", new Object[]{String.join(", ", places)}, "", lit, Optional.empty(),
                0);
        plain("trim", end.name(), "trim", Words.number(CutList.sheathMm(type)));
        add("push", end.name(), "push", new Object[]{}, "", lit, Optional.empty(), 0);
        add("crimp", end.name(), "press", new Object[]{type.title()}, "", lit, Optional.empty(), 0);
    }

    private void ribbon(End end, ConnectorType type) {
        plain("square", end.name(), "square");
        add("edge", end.name(), "edge",
                new Object[]{type.ribbonOrder().isEmpty() ? "1" : type.ribbonOrder().getFirst()}, "",
                List.of(end.terminal(type.ids().getFirst())), Optional.empty(), 0);
        plain("press", end.name(), "close", type.title());
    }

    private void perContact(End end, ConnectorType type, Map<String, List<String>> wires, String how,
            String caution) {
        careful("strip", end.name(), "strip", "blade", Words.number(CutList.sheathMm(type)), end.name());
        spares(end, wires);
        for (String contact : order(type, wires.keySet())) {
            joint(end, contact, wires.get(contact), how, caution.equals("tool") ? "" : caution);
        }
    }

    private void spares(End end, Map<String, List<String>> wires) {
        if (cable == null
                || cable.conductors().stream().allMatch(c -> c.chars().allMatch(Character::isDigit))) {
            return;
        }
        List<String> used = wires.values().stream().flatMap(List::stream).toList();
        List<String> spare = cable.conductors().stream().filter(c -> !used.contains(c)).toList();
        if (!spare.isEmpty() && !used.isEmpty()) {
            plain("spares", end.name(), "spares", Words.list(spare));
        }
    }

    /**
     * Contacts in the order in which no wire lies over the next cup: the lower row first, then along the row
     * from the left for a right-handed person, seen from the wiring side.
     */
    private List<String> order(ConnectorType type, java.util.Collection<String> used) {
        return type.seenFrom(Side.WIRING).stream()
                .filter(c -> used.contains(c.id()) && !c.isShell())
                .sorted(Comparator.comparingInt(Contact::row).reversed()
                        .thenComparing(c -> rightHanded ? c.xMm() : -c.xMm()))
                .map(Contact::id)
                .toList();
    }

    /** For each contact of an end that a wire goes to, the conductors that go there. */
    private Map<String, List<String>> wires(End end) {
        Map<String, List<String>> found = new LinkedHashMap<>();
        for (Link link : job.links()) {
            if (link.isWithinOneEnd() || link.is(PartKind.CUT)) {
                continue;
            }
            for (Terminal terminal : link.to().map(t -> List.of(link.from(), t))
                    .orElse(List.of(link.from()))) {
                if (terminal.end().equals(end.name())) {
                    List<String> list = found.computeIfAbsent(terminal.contact(), _ -> new ArrayList<>());
                    link.conductor().filter(c -> !list.contains(c)).ifPresent(list::add);
                }
            }
        }
        return found;
    }

    private void test(End end, ConnectorType type, Map<String, List<String>> wires) {
        add("test", end.name(), "beep", new Object[]{end.name()}, "",
                wires.keySet().stream().filter(type::has).map(end::terminal).toList(), Optional.empty(), 0);
        switch (type.termination()) {
            case SOLDER_CUP, JACK_SOLDER -> {
                careful("sleeves", end.name(), "sleeves", "hot-air");
                add("cool", end.name(), "cool", new Object[]{}, "heat", List.of(), Optional.empty(), 60);
                plain("hood", end.name(), "hood", type.title());
            }
            case MODULAR, RIBBON, CRIMP, SCREW, CIRCULAR_DISPLACEMENT, BARE -> {
            }
        }
    }

    private void finish() {
        plain("look", "", "look");
        careful("prove", "", "prove", "first-power");
        plain("label", "", "label");
    }
}
