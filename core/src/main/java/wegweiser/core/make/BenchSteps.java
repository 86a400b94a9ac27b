package wegweiser.core.make;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Joint;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Gender;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.rules.LethalDevice;
import wegweiser.core.rules.Mains;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Volts;
import wegweiser.core.words.Words;

/**
 * The ordered steps at the bench, from the design and from how each connector is terminated: the cable cut, what has to be
 * on it before a joint bars the way, then end by end, tested before it is closed and again afterwards. An end that is kept
 * has none but its tests.
 */
public final class BenchSteps {
    /** A bundle is tied every so many mm, about a hand's breadth. */
    static final int TIE_MM = 100;

    /** Of more wires nobody finds two by trying pairs. */
    private static final int FEW_WIRES = 4;

    /** Lines over which devices are given new programs and settings. */
    private static final Set<Level> WRITTEN_OVER = Set.of(Level.RS232, Level.TTL_5V, Level.CMOS_5V,
            Level.CMOS_3V3, Level.CMOS_1V8, Level.USB2, Level.USB3);

    private BenchSteps() {}

    /** The steps for a right-handed or left-handed person; empty when nothing is planned. */
    public static List<Step> of(Job job, boolean rightHanded) {
        return of(Derived.of(job), rightHanded);
    }

    /** The same for a job from which something follows already. */
    public static List<Step> of(Derived derived, boolean rightHanded) {
        return derived.once(List.of(BenchSteps.class, rightHanded), () -> steps(derived, rightHanded));
    }

    /** Keys of the steps by which the wires at an end come to light. */
    private static final Set<String> OPENED = Set.of("strip", "fibres", "inner", "cross", "filler");

    /** The steps that cannot be done, or prove nothing, without one of them, in order. */
    public static List<Step> dependents(List<Step> steps, String key) {
        return Needs.dependents(steps, key);
    }

    private static List<Step> steps(Derived derived, boolean rightHanded) {
        Job job = derived.job();
        if (job.links().isEmpty() || Mains.isIn(derived)) {
            return List.of();
        }
        Worklist list = new Worklist();
        List<End> made = inOrder(derived, Assembly.of(derived).made().stream().map(Place::end).toList());
        prepare(derived, made, list);
        LoomSteps.write(derived, list);
        Set<String> finished = new HashSet<>(job.kept());
        for (End end : made) {
            EndSteps.first(at(derived, end, rightHanded, list, finished));
        }
        for (End end : made) {
            if (Assembly.of(derived).isLoom() && end.equals(made.getLast())) {
                // afterwards no opening is left for what goes round the whole bundle
                list.add("bundle", new Deed.Slide("", List.of(Thing.of(Thing.Kind.BUNDLE_SLEEVE))), "bundle",
                        "",
                        end.name());
            }
            EndSteps.write(at(derived, end, rightHanded, list, finished));
            if (end.equals(made.getFirst())) {
                // only where the sheath is off can its wires be touched
                list.moveBehind(s -> job.keeps(s.end()) && s.key().equals(s.end() + ":find"),
                        s -> s.end().equals(end.name())
                                && OPENED.contains(s.key().substring(end.name().length() + 1)));
            }
            finished.add(end.name());
        }
        BetweenEnds.write(derived, list);
        for (End end : job.ends().stream().filter(end -> job.keeps(end.name())).toList()) {
            AtEnd at = at(derived, end, rightHanded, list, finished);
            // of two ends the other one's last test was of the same touches
            boolean again = job.ends().size() == 2 && (!made.isEmpty() || end.equals(job.ends().getFirst()));
            if (at.type != null && at.place.isWired() && !again) {
                list.add("test-kept", new Deed.Test(end.name(), at.contacts()), "beep-kept", "", end.name());
            }
        }
        finish(derived, list);
        return list.all();
    }

    /**
     * The ends as they are made: the socket before the plug that it will hold while that is soldered, else in the order of the
     * job.
     */
    private static List<End> inOrder(Derived derived, List<End> made) {
        List<End> order = new ArrayList<>(made);
        for (End plug : made) {
            ConnectorType type = derived.connector(plug.name()).orElse(null);
            boolean held = type != null && type.gender() == Gender.PLUG
                    && CommonSteps.IN_PLASTIC.contains(type.kind())
                    && type.termination() == Termination.SOLDER_CUP;
            Optional<End> socket = made.stream()
                    .filter(e -> held && derived.connector(e.name()).filter(type::matesWith).isPresent())
                    .findFirst();
            if (socket.isPresent() && order.indexOf(socket.get()) > order.indexOf(plug)) {
                order.remove(plug);
                order.add(order.indexOf(socket.get()) + 1, plug);
            }
        }
        return order;
    }

    private static AtEnd at(Derived derived, End end, boolean rightHanded, Worklist list,
            Set<String> finished) {
        return new AtEnd(derived, end, derived.connector(end.name()).orElse(null), rightHanded, list,
                finished);
    }

    private static void prepare(Derived derived, List<End> made, Worklist list) {
        Job job = derived.job();
        List<End> lethal = LethalDevice.ticked(job);
        if (!lethal.isEmpty()) {
            list.add("dead", new Deed.Look("", List.of(), 300), "dead", "lethal", Words.list(lethal.stream()
                    .map(e -> e.device().isBlank() ? Words.say("lethal.end", e.name()) : e.device())
                    .toList()));
        }
        boolean cast = made.stream().flatMap(e -> derived.connector(e.name()).stream())
                .anyMatch(t -> Set.of(Termination.POTTED, Termination.SPLICE).contains(t.termination()));
        if (cast) {
            list.add("lay-out", new Deed.Look("", List.of(), 120), "lay-out", "");
        }
        Assembly assembly = Assembly.of(derived);
        CutList.of(job).ifPresent(cut -> cut(derived, assembly, cut, list));
        List<String> off = assembly.peeled();
        if (!off.isEmpty()) {
            List<String> all = derived.cable().orElseThrow().conductors();
            list.add("peel", new Deed.Peel("", off), "peel", "blade", off.size(), off.getFirst(),
                    off.getLast(),
                    all.get(all.size() - off.size() - 1));
        }
        job.ends().stream().filter(e -> job.keeps(e.name()) && !made.isEmpty())
                .forEach(e -> findWires(derived, e, list));
        if (!job.kept().isEmpty()) {
            made.forEach(e -> list.add("back", new Deed.Cut(e.name()), "cut-back", "blade", e.name()));
        }
    }

    private static void cut(Derived derived, Assembly assembly, CutList cut, Worklist list) {
        if (!cut.wires().isEmpty()) {
            list.add("cut", new Deed.Cut(""), "cut-loom", "blade", cut.wires().size(),
                    alike(cut.wires()), Words.fixed(cut.totalMm() / 1000, 2));
            return;
        }
        // which wires they are may not be said yet
        String wires = assembly.isOfSingleWires() ? byGauge(assembly, derived.cable().orElseThrow()) : "";
        list.add("cut", new Deed.Cut(""),
                !assembly.isOfSingleWires() ? "cut" : wires.isEmpty() ? "cut-unnamed" : "cut-wires", "blade",
                Words.number(cut.totalMm() / 1000),
                assembly.isOfSingleWires()
                        ? wires
                        : derived.cable().map(CableStock::title).orElse(Words.say("step.cable")));
    }

    /** Wires to be cut, those of one gauge and length together. */
    private static String alike(List<CutList.Wire> wires) {
        Map<List<Object>, List<String>> found = new LinkedHashMap<>();
        wires.forEach(w -> found.computeIfAbsent(List.of(w.awg(), w.mm()), _ -> new ArrayList<>())
                .add(w.wire()));
        return found.entrySet().stream()
                .map(e -> Words.say("step.cut-loom.wire", Words.list(e.getValue()), e.getKey().getFirst(),
                        Words.fixed((double) e.getKey().getLast() / 1000, 2)))
                .collect(Collectors.joining("; "));
    }

    /** The wires that are used, each gauge with its own. */
    private static String byGauge(Assembly assembly, CableStock cable) {
        Map<Integer, List<String>> found = new TreeMap<>();
        assembly.used().forEach(w -> found.computeIfAbsent(cable.awgOf(w), _ -> new ArrayList<>()).add(w));
        return found.entrySet().stream()
                .map(e -> Words.say("step.cut-wires.gauge", Words.list(e.getValue()), e.getKey()))
                .collect(Collectors.joining("; "));
    }

    /** Behind a connector that stays the wires have to be found, as far as they were not measured. */
    private static void findWires(Derived derived, End end, Worklist list) {
        List<Terminal> unknown = Assembly.of(derived).at(end.name()).joints().values().stream()
                .filter(joint -> !joint.screen()).map(Joint::at)
                .filter(t -> derived.looseLeads().at(t).isEmpty()).toList();
        int count = derived.cable().map(c -> c.conductors().size()).orElse(unknown.size());
        if (!unknown.isEmpty() && count > 1) {
            // of all pairs of wires one answers, and that is known when all others did not
            List<String> more = count > FEW_WIRES
                    ? List.of()
                    : List.of(Words.say("step.find-kept.by-reaction", count, count * (count - 1) / 2 - 1));
            list.detailed("find", new Deed.Look(end.name(), unknown, 20 + 10 * unknown.size()), "find-kept",
                    "",
                    more, end.name());
        }
    }

    private static void finish(Derived derived, Worklist list) {
        if (Assembly.of(derived).isLoom()) {
            list.add("ties", new Deed.Close(""), "ties", "hot-air", Words.number(TIE_MM));
        }
        list.add("look", new Deed.Look("", List.of(), 60), "look", "");
        List<String> more = new ArrayList<>();
        boolean supply = derived.pins().stream().anyMatch(p -> p.row().direction()
                .filter(d -> d == Direction.SUPPLY_OUT || d == Direction.SUPPLY_IN).isPresent());
        if (supply) {
            more.add(Words.say("step.prove.supply"));
        }
        if (derived.job().links().stream().anyMatch(l -> l.is(PartKind.RESISTOR))) {
            more.add(Words.say("step.prove.resistor"));
        }
        if (derived.pins().stream().flatMap(p -> p.volts().stream())
                .anyMatch(v -> v.size() > Volts.TOUCHABLE)) {
            more.add(Words.say("step.prove.dangerous", Words.number(Volts.TOUCHABLE)));
        }
        // a caution that is always there is not read
        list.detailed("prove", new Deed.Look("", List.of(), 300), "prove",
                supply || derived.pins().isEmpty() ? "first-power" : "", more);
        Optional<String> number = derived.job().cable().label();
        list.add("label", new Deed.Look("", List.of(), 60), number.isPresent() ? "label-stays" : "label",
                derived.pins().stream().anyMatch(p -> p.level().filter(WRITTEN_OVER::contains).isPresent())
                        ? "writing"
                        : "",
                number.orElse(""));
    }
}
