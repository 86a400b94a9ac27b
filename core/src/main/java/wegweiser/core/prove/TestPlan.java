package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Isolation;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.electrical.Window;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.rules.Mains;
import wegweiser.core.rules.SupplyJoints;
import wegweiser.core.signals.Pin;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

/**
 * The tests that prove a finished cable: isolation in the order of danger, then every join, then every part.
 * With bare probes each pair of nets is a touch, k(k-1)/2 of them; where contacts can be ganged,
 * {@link Isolation} proves all pairs in ceil(log2 k).
 */
public final class TestPlan {
    private static final double LEAST_VOLTS = 0.1;
    /** Loose wires are held as far apart as is handy. */
    private static final double LOOSE_MM = 100;
    /** Below this pitch the tip of a probe touches two contacts at once. */
    private static final double TIP_MM = 1;
    private static final double FINE_MM = 1000;

    private final Job job;
    private final Assembly assembly;
    private final Foreseen foreseen;
    private final SupplyJoints supplies;
    private final Nets nets;
    private final List<List<Terminal>> all;
    private final Map<Terminal, Pin> pins = new HashMap<>();
    private final Map<Terminal, Integer> netOf = new HashMap<>();

    private TestPlan(Derived derived) {
        this.job = derived.job();
        this.assembly = Assembly.of(derived);
        this.foreseen = derived.foreseen();
        this.supplies = SupplyJoints.of(derived);
        this.nets = foreseen.nets();
        this.all = nets.all();
        derived.pins().forEach(p -> pins.put(p.terminal(), p));
        for (int k = 0; k < all.size(); k++) {
            for (Terminal terminal : all.get(k)) {
                netOf.put(terminal, k);
            }
        }
    }

    /** All tests in the order in which to make them. */
    public static List<Test> of(Job job, Fixture fixture) {
        return of(Derived.of(job), fixture);
    }

    /** The same for a job from which something follows already; none where nothing is planned. */
    public static List<Test> of(Derived derived, Fixture fixture) {
        return derived.plan().once(List.of(TestPlan.class, fixture), () -> plan(derived.plan(), fixture));
    }

    private static List<Test> plan(Derived derived, Fixture fixture) {
        if (Mains.isIn(derived)) {
            return List.of();
        }
        TestPlan plan = new TestPlan(derived);
        // what was cut on purpose is the point of that work, and is looked at first
        List<Test> tests = new ArrayList<>(plan.cuts());
        List<Test> apart = fixture.canGang() ? plan.ganged() : plan.single();
        apart.stream().filter(t -> tests.stream().noneMatch(cut -> isSame(cut.touch(), t.touch()))).toList()
                .forEach(tests::add);
        tests.addAll(plan.joins());
        tests.addAll(plan.parts());
        return List.copyOf(tests);
    }

    private static boolean isSame(Touch one, Touch other) {
        return one.equals(other)
                || one.red().equals(other.black()) && one.black().equals(other.red());
    }

    private List<Test> single() {
        List<Test> tests = new ArrayList<>();
        for (int a = 0; a < all.size(); a++) {
            Superseded.check();
            for (int b = a + 1; b < all.size(); b++) {
                if (foreseen.parts(all.get(a).getFirst(), all.get(b).getFirst()).isEmpty()) {
                    tests.add(apart(closest(a, b), danger(a, b)));
                }
            }
        }
        tests.sort(Comparator.comparing(Test::danger));
        return tests;
    }

    /** Nothing lies between; or, where planned resistors lead from one to the other, what they make together. */
    private Test apart(Touch touch, Test.Danger danger) {
        Window window = foreseen.window(touch);
        return new Test(Test.Kind.APART, touch, Mode.OHMS,
                window.isGiven() ? expect(window) : Words.say("prove.expect.open"), danger, window);
    }

    private static String expect(Window window) {
        return Words.say("prove.expect.window", Words.number(window.from()), Words.number(window.to()));
    }

    /**
     * The touch between two nets with both probes on one connector: where contacts lie far enough apart that a tip touches one
     * alone, and among those where they come closest.
     */
    private Touch closest(int a, int b) {
        Touch best = Touch.of(all.get(a).getFirst(), all.get(b).getFirst());
        double least = Double.MAX_VALUE;
        for (Terminal one : all.get(a)) {
            for (Terminal other : all.get(b)) {
                if (!one.end().equals(other.end())) {
                    continue;
                }
                double distance = effort(one, other);
                if (distance < least) {
                    least = distance;
                    best = Touch.of(one, other);
                }
            }
        }
        return best;
    }

    /** How hard it is to touch two contacts of one end: how far they are apart, in mm, and much more where they are fine. */
    private double effort(Terminal one, Terminal other) {
        Optional<ConnectorType> type = assembly.at(one.end()).type();
        double distance = type.flatMap(t -> t.contact(one.contact())
                .flatMap(c -> t.contact(other.contact()).map(c::distanceMm))).orElse(LOOSE_MM);
        return distance + (type.filter(t -> t.pitchMm() < TIP_MM).isPresent() ? FINE_MM : 0);
    }

    private Test.Danger danger(int a, int b) {
        boolean supplyA = has(a, Pin::isSupply);
        boolean supplyB = has(b, Pin::isSupply);
        if (supplyA && isGround(b) || supplyB && isGround(a)) {
            return Test.Danger.SUPPLY_TO_GROUND;
        }
        if (supplyA || supplyB) {
            return Test.Danger.SUPPLY_TO_SIGNAL;
        }
        return neighbours(a, b) ? Test.Danger.NEIGHBOURS : Test.Danger.REST;
    }

    private boolean has(int net, java.util.function.Predicate<Pin> what) {
        return all.get(net).stream().map(pins::get).anyMatch(p -> p != null && what.test(p));
    }

    private boolean isGround(int net) {
        return has(net, p -> p.is(Direction.GROUND) || p.is(Direction.SHIELD))
                || all.get(net).stream().anyMatch(t -> t.contact().equals("shell"));
    }

    private boolean neighbours(int a, int b) {
        for (Terminal one : all.get(a)) {
            Optional<ConnectorType> type = assembly.at(one.end()).type();
            for (Terminal other : all.get(b)) {
                if (one.end().equals(other.end())
                        && type.map(t -> t.has(one.contact())
                                && t.neighbours(one.contact()).contains(other.contact())).orElse(false)) {
                    return true;
                }
            }
        }
        return false;
    }

    /**
     * Nets with planned parts between them stay on one side of every gang, so that no planned part hides a leak: every
     * gang is to show nothing. Among themselves they are asked pair by pair.
     */
    private List<Test> ganged() {
        List<List<Integer>> groups = groups();
        List<Test> tests = new ArrayList<>();
        for (Isolation.Cut cut : Isolation.cuts(groups.size(), (a, b) -> a != b)) {
            List<Integer> red = members(groups, cut.red());
            List<Integer> black = members(groups, cut.black());
            tests.add(apart(new Touch(firsts(red), firsts(black)), worst(red, black)));
        }
        for (List<Integer> group : groups) {
            for (int a : group) {
                for (int b : group) {
                    if (a < b && foreseen.parts(all.get(a).getFirst(), all.get(b).getFirst()).isEmpty()) {
                        tests.add(apart(closest(a, b), danger(a, b)));
                    }
                }
            }
        }
        tests.sort(Comparator.comparing(Test::danger));
        return tests;
    }

    private static List<Integer> members(List<List<Integer>> groups, int[] some) {
        return Arrays.stream(some).mapToObj(groups::get).flatMap(List::stream).toList();
    }

    private List<Terminal> firsts(List<Integer> some) {
        return some.stream().map(k -> all.get(k).getFirst()).toList();
    }

    /** Nets by number, those together between which parts lead. */
    private List<List<Integer>> groups() {
        List<List<Integer>> groups = new ArrayList<>();
        for (int k = 0; k < all.size(); k++) {
            Terminal here = all.get(k).getFirst();
            int number = k;
            groups.stream().filter(g -> foreseen.isNear(all.get(g.getFirst()).getFirst(), here)).findFirst()
                    .ifPresentOrElse(g -> g.add(number), () -> groups.add(new ArrayList<>(List.of(number))));
        }
        return groups;
    }

    private Test.Danger worst(List<Integer> red, List<Integer> black) {
        Test.Danger worst = Test.Danger.REST;
        for (int a : red) {
            for (int b : black) {
                Test.Danger danger = danger(a, b);
                worst = danger.compareTo(worst) < 0 ? danger : worst;
            }
        }
        return worst;
    }

    private List<Test> cuts() {
        return job.links().stream()
                .filter(l -> l.is(PartKind.CUT) && l.to().isPresent())
                .map(l -> Touch.of(l.from(), l.to().orElseThrow())).distinct()
                .map(touch -> new Test(Test.Kind.APART, touch, Mode.OHMS, Words.say("prove.expect.cut"),
                        Test.Danger.NEIGHBOURS, foreseen.window(touch)))
                .toList();
    }

    private List<Test> joins() {
        Map<String, Test> tests = new LinkedHashMap<>();
        for (List<Terminal> net : nets.joinedNets()) {
            for (int k = 1; k < net.size(); k++) {
                Touch touch = Touch.of(net.getFirst(), net.get(k));
                OptionalDouble most = supplies.most(net.getFirst());
                if (most.isPresent()) {
                    tests.put(touch.toString(), supply(touch, most.getAsDouble()));
                    continue;
                }
                // through a small planned resistor a wire that belongs to its other side beeps as well
                boolean ohms = foreseen.beepsElsewhere(net.getFirst());
                Test heard = new Test(Test.Kind.JOINED, touch, Mode.CONTINUITY,
                        Words.say("prove.expect.beep"),
                        Test.Danger.REST, Window.NONE);
                tests.put(touch.toString(), ohms ? heard.inOhms() : heard);
            }
        }
        return List.copyOf(tests.values());
    }

    /** A joint that carries supply is asked in ohms: a beeper takes 70 of them for copper. */
    private static Test supply(Touch touch, double most) {
        return new Test(Test.Kind.JOINED, touch, Mode.OHMS,
                Words.say("prove.expect.supply", Words.number(most)),
                Test.Danger.REST, new Window(0, Math.min(Foreseen.COPPER_OHMS, most)));
    }

    private List<Test> parts() {
        List<Test> tests = new ArrayList<>();
        for (Link link : job.links()) {
            if (!Foreseen.isPart(link) || nets.joined(link.from(), link.to().orElseThrow())) {
                continue;
            }
            Touch touch = Touch.of(link.from(), link.to().orElseThrow());
            Touch turned = new Touch(touch.black(), touch.red());
            switch (link.part().orElseThrow().kind()) {
                case RESISTOR -> tests.add(part(touch, Mode.OHMS, foreseen.window(touch),
                        expect(foreseen.window(touch))));
                case DIODE -> {
                    // beside a small resistor diode mode shows next to nothing, diode or none
                    if (foreseen.volts(touch).from() >= LEAST_VOLTS) {
                        tests.add(part(touch, Mode.DIODE, foreseen.volts(touch), expectDiode(touch)));
                    }
                    // beside another part that conducts the way back is that part's
                    if (!foreseen.volts(turned).isGiven()) {
                        tests.add(part(turned, Mode.DIODE, Window.NONE,
                                Words.say("prove.expect.diode-back")));
                    }
                    if (!foreseen.window(turned).isGiven() && isFirst(link)) {
                        // in diode mode a leak of some kilohms is over range already
                        tests.add(apart(turned, danger(netOf.get(link.from()), netOf.get(link.to().get()))));
                    }
                }
                default -> tests.add(new Test(Test.Kind.APART, touch, Mode.OHMS,
                        foreseen.window(touch).isGiven()
                                ? expect(foreseen.window(touch))
                                : Words.say("prove.expect.capacitor"),
                        Test.Danger.REST, foreseen.window(touch)));
            }
        }
        return tests.stream().distinct().toList();
    }

    /** Whether no diode before this one lies between the same two nets. */
    private boolean isFirst(Link link) {
        return foreseen.parts(link.from(), link.to().orElseThrow()).stream().filter(l -> l.is(PartKind.DIODE))
                .findFirst().filter(l -> l.equals(link)).isPresent();
    }

    private String expectDiode(Touch touch) {
        Window window = foreseen.volts(touch);
        String key = Double.isInfinite(window.to())
                ? "prove.expect.diode-light"
                : foreseen.window(touch).isGiven() ? "prove.expect.diode-beside" : "prove.expect.diode";
        return Words.say(key, Words.number(window.from()), Words.number(window.to()));
    }

    private static Test part(Touch touch, Mode mode, Window window, String expect) {
        return new Test(Test.Kind.PART, touch, mode, expect, Test.Danger.REST, window);
    }
}
