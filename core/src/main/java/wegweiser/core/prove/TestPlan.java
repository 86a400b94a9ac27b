package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.signals.Pin;
import wegweiser.core.trace.Fixture;
import wegweiser.core.trace.Isolation;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

/**
 * The tests that prove a finished cable: isolation in the order of danger, then every join, then every part.
 * With bare probes each pair of nets is a touch, k(k-1)/2 of them; where contacts can be ganged,
 * {@link Isolation} proves all pairs in ceil(log2 k).
 */
public final class TestPlan {
    /** Share by which a part may miss its value, besides the meter's own ohm. */
    static final double TOLERANCE = 0.1;

    private final Job job;
    private final Nets nets;
    private final List<List<Terminal>> all;
    private final Map<Terminal, Pin> pins = new HashMap<>();
    private final Map<Terminal, Integer> netOf = new HashMap<>();

    private TestPlan(Job job) {
        this.job = job;
        this.nets = Nets.planned(job);
        this.all = nets.all();
        Pin.of(job).forEach(p -> pins.put(p.terminal(), p));
        for (int k = 0; k < all.size(); k++) {
            for (Terminal terminal : all.get(k)) {
                netOf.put(terminal, k);
            }
        }
    }

    /** All tests in the order in which to make them. */
    public static List<Test> of(Job job, Fixture fixture) {
        TestPlan plan = new TestPlan(job);
        List<Test> tests = new ArrayList<>(fixture.canGang() ? plan.ganged() : plan.single());
        tests.addAll(plan.cuts());
        tests.addAll(plan.joins());
        tests.addAll(plan.parts());
        return List.copyOf(tests);
    }

    private boolean partBetween(int a, int b) {
        return job.links().stream().anyMatch(l -> isPart(l) && (in(l.from(), a) && in(l.to().orElseThrow(), b)
                || in(l.from(), b) && in(l.to().orElseThrow(), a)));
    }

    private static boolean isPart(Link link) {
        return link.to().isPresent() && link.part().map(Part::kind).filter(k -> k == PartKind.RESISTOR
                || k == PartKind.DIODE || k == PartKind.CAPACITOR).isPresent();
    }

    /** Whether a planned part hangs on a net; only between two such nets can a planned resistance be read. */
    private boolean endsAPart(int net) {
        return job.links().stream()
                .anyMatch(l -> isPart(l) && (in(l.from(), net) || in(l.to().orElseThrow(), net)));
    }

    private boolean in(Terminal terminal, int net) {
        return netOf.getOrDefault(terminal, -1) == net;
    }

    private List<Test> single() {
        List<Test> tests = new ArrayList<>();
        for (int a = 0; a < all.size(); a++) {
            for (int b = a + 1; b < all.size(); b++) {
                Touch touch = closest(a, b);
                boolean part = partBetween(a, b);
                if (!part) {
                    // a buzzer does not hear a leak, so resistance is read wherever no planned part explains one
                    boolean buzzer = endsAPart(a) && endsAPart(b);
                    tests.add(new Test(Test.Kind.APART, touch, buzzer ? Mode.CONTINUITY : Mode.OHMS,
                            Words.say(buzzer ? "prove.expect.silent" : "prove.expect.open"), danger(a, b),
                            Test.Window.NONE));
                }
            }
        }
        tests.sort(Comparator.comparing(Test::danger));
        return tests;
    }

    /** The touch between two nets at the end where they come closest, so that both probes stay on one connector. */
    private Touch closest(int a, int b) {
        Touch best = Touch.of(all.get(a).getFirst(), all.get(b).getFirst());
        double least = Double.MAX_VALUE;
        Catalogue catalogue = Catalogue.of(job);
        for (Terminal one : all.get(a)) {
            for (Terminal other : all.get(b)) {
                if (!one.end().equals(other.end())) {
                    continue;
                }
                double distance = job.end(one.end()).flatMap(catalogue::of)
                        .flatMap(t -> t.contact(one.contact())
                                .flatMap(c -> t.contact(other.contact()).map(c::distanceMm)))
                        .orElse(100.0);
                if (distance < least) {
                    least = distance;
                    best = Touch.of(one, other);
                }
            }
        }
        return best;
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
        Catalogue catalogue = Catalogue.of(job);
        for (Terminal one : all.get(a)) {
            Optional<ConnectorType> type = job.end(one.end()).flatMap(catalogue::of);
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

    private List<Test> ganged() {
        int[] order = partnersTogether();
        List<Test> tests = new ArrayList<>();
        for (Isolation.Cut cut : Isolation.cuts(order.length, (a, b) -> a != b)) {
            List<Terminal> red = java.util.Arrays.stream(cut.red())
                    .mapToObj(k -> all.get(order[k]).getFirst()).toList();
            List<Terminal> black = java.util.Arrays.stream(cut.black())
                    .mapToObj(k -> all.get(order[k]).getFirst()).toList();
            Test.Window window = between(cut, order);
            tests.add(new Test(Test.Kind.APART, new Touch(red, black), Mode.OHMS,
                    window.isGiven()
                            ? Words.say("prove.expect.window", Words.number(window.from()),
                                    Words.number(window.to()))
                            : Words.say("prove.expect.open"),
                    worst(cut, order), window));
        }
        tests.sort(Comparator.comparing(Test::danger));
        return tests;
    }

    /** Nets in an order that puts those with a part between them side by side, so that few touches see the part. */
    private int[] partnersTogether() {
        List<Integer> order = new ArrayList<>();
        for (Link link : job.links()) {
            if (isPart(link)) {
                for (Terminal t : List.of(link.from(), link.to().orElseThrow())) {
                    if (!order.contains(netOf.get(t))) {
                        order.add(netOf.get(t));
                    }
                }
            }
        }
        for (int k = 0; k < all.size(); k++) {
            if (!order.contains(k)) {
                order.add(k);
            }
        }
        return order.stream().mapToInt(Integer::intValue).toArray();
    }

    /** What planned resistors make of a ganged touch: their parallel value, give or take. */
    private Test.Window between(Isolation.Cut cut, int[] order) {
        double siemens = 0;
        for (Link link : job.links()) {
            if (isPart(link) && link.is(PartKind.RESISTOR)) {
                boolean fromRed = contains(cut.red(), order, link.from());
                boolean toRed = contains(cut.red(), order, link.to().orElseThrow());
                if (fromRed != toRed) {
                    siemens += 1 / link.part().orElseThrow().ohms().orElse(Double.MAX_VALUE);
                }
            }
        }
        return siemens == 0 ? Test.Window.NONE : window(1 / siemens);
    }

    private boolean contains(int[] side, int[] order, Terminal terminal) {
        return java.util.Arrays.stream(side).anyMatch(k -> order[k] == netOf.get(terminal));
    }

    static Test.Window window(double ohms) {
        return new Test.Window(ohms * (1 - TOLERANCE) - 1, ohms * (1 + TOLERANCE) + 1);
    }

    private Test.Danger worst(Isolation.Cut cut, int[] order) {
        Test.Danger worst = Test.Danger.REST;
        for (int a : cut.red()) {
            for (int b : cut.black()) {
                Test.Danger danger = danger(order[a], order[b]);
                worst = danger.compareTo(worst) < 0 ? danger : worst;
            }
        }
        return worst;
    }

    private List<Test> cuts() {
        return job.links().stream()
                .filter(l -> l.is(PartKind.CUT) && l.to().isPresent())
                .map(l -> new Test(Test.Kind.APART, Touch.of(l.from(), l.to().orElseThrow()), Mode.CONTINUITY,
                        Words.say("prove.expect.cut"), Test.Danger.NEIGHBOURS, Test.Window.NONE))
                .distinct()
                .toList();
    }

    private List<Test> joins() {
        Map<String, Test> tests = new LinkedHashMap<>();
        for (List<Terminal> net : nets.joinedNets()) {
            for (int k = 1; k < net.size(); k++) {
                Touch touch = Touch.of(net.getFirst(), net.get(k));
                tests.put(touch.toString(),
                        new Test(Test.Kind.JOINED, touch, Mode.CONTINUITY, Words.say("prove.expect.beep"),
                                Test.Danger.REST, Test.Window.NONE));
            }
        }
        return List.copyOf(tests.values());
    }

    private List<Test> parts() {
        List<Test> tests = new ArrayList<>();
        for (Link link : job.links()) {
            if (!isPart(link)) {
                continue;
            }
            Touch touch = Touch.of(link.from(), link.to().orElseThrow());
            switch (link.part().orElseThrow().kind()) {
                case RESISTOR -> {
                    Test.Window window = window(link.part().orElseThrow().ohms().orElse(0));
                    tests.add(new Test(Test.Kind.PART, touch, Mode.OHMS, Words.say("prove.expect.window",
                            Words.number(window.from()), Words.number(window.to())), Test.Danger.REST,
                            window));
                }
                case DIODE -> {
                    tests.add(new Test(Test.Kind.PART, touch, Mode.DIODE, Words.say("prove.expect.diode"),
                            Test.Danger.REST,
                            new Test.Window(0.15, 0.8)));
                    tests.add(new Test(Test.Kind.PART, new Touch(touch.black(), touch.red()), Mode.DIODE,
                            Words.say("prove.expect.diode-back"), Test.Danger.REST, Test.Window.NONE));
                }
                default -> tests.add(
                        new Test(Test.Kind.APART, touch, Mode.CONTINUITY, Words.say("prove.expect.capacitor"),
                                Test.Danger.REST, Test.Window.NONE));
            }
        }
        return tests;
    }
}
