package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.electrical.Window;
import wegweiser.core.faults.FaultChances;
import wegweiser.core.faults.FaultKind;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/**
 * Tests a cable until it is sure enough: the next touch is the one that takes away most of the chance that a fault is left
 * per second, harm counting more, with a walk that keeps one probe where it is. Greedy, as covering a set is
 * (Chvátal 1979, within ln n of the best). O(tests x faults) once, and as much a touch.
 *
 * @see <a href="https://doi.org/10.1287/moor.4.3.233">A greedy heuristic for the set-covering problem</a>
 */
public final class Sureness {
    private static final double JOINT_OHMS = 0.3;
    /** To look up, and to note what was read. */
    private static final double READ_SECONDS = 1;

    private final Fixture fixture;
    private final CostModel cost;
    private final List<Test> tests;
    /** Joints that a beep is asked of, and the same in ohms. */
    private final BitSet beeped = new BitSet();
    private final BitSet inOhms = new BitSet();
    private final List<Reading> good;
    private final FaultChances chances;
    private final int[][] shown;
    private final Predicate<Touch> isOfNeighbours;

    /** The tests of a plan; worked out once for all readings of it. */
    public static Sureness of(Derived derived, Testing testing) {
        Derived plan = derived.plan();
        return plan.once(List.of(Sureness.class, testing.fixture(), testing.cost()),
                () -> new Sureness(plan, testing.fixture(), testing.cost()));
    }

    /**
     * The test to make next for somebody who wants to be so sure; empty when that is so, when it passed, or when no test takes
     * anything away. Where a cable is to be proved, those are all tests of the plan in their order, each twice.
     */
    public static Optional<Test> next(Derived derived, Testing testing) {
        Verdict verdict = Verdict.of(derived, testing.fixture());
        if (testing.enough() == Enough.PROVED || verdict.isPassed()) {
            return verdict.nextOfTwo();
        }
        return of(derived, testing).next(derived.job().readings(), testing.enough().most());
    }

    /** All tests that are still to be made, if each shows what a good cable shows; at most so many. */
    public static List<Test> toCome(Derived derived, Testing testing, int limit) {
        Verdict verdict = Verdict.of(derived, testing.fixture());
        return testing.enough() == Enough.PROVED || verdict.isPassed()
                ? verdict.unanswered()
                : of(derived, testing).ahead(derived.job().readings(), testing.enough().most(), limit)
                        .stream()
                        .map(Ahead::test).toList();
    }

    private Sureness(Derived derived, Fixture fixture, CostModel cost) {
        this.fixture = fixture;
        this.cost = cost;
        Foreseen foreseen = derived.foreseen();
        Set<Test> plan = new LinkedHashSet<>(TestPlan.of(derived, Fixture.PROBES));
        plan.addAll(TestPlan.of(derived, fixture));
        List<Test> all = new ArrayList<>();
        for (Test test : plan) {
            if (test.kind() == Test.Kind.JOINED && test.mode() == Mode.CONTINUITY) {
                inOhms.set(all.size());
                all.add(test.inOhms());
                beeped.set(all.size());
            }
            all.add(test);
        }
        this.tests = List.copyOf(all);
        this.good = tests.stream().map(t -> Reading.of(t.mode(), t.touch(), expected(t, foreseen))).toList();
        this.chances = FaultChances.of(derived);
        this.isOfNeighbours = touch -> isOfNeighbours(derived, touch);
        this.shown = good.stream().map(chances::against).toArray(int[][]::new);
    }

    /** Whether both contacts of a touch lie side by side on one connector. */
    private static boolean isOfNeighbours(Derived derived, Touch touch) {
        Terminal one = touch.red().getFirst();
        Terminal other = touch.black().getFirst();
        return touch.isSingle() && one.end().equals(other.end()) && derived.connector(one.end())
                .filter(t -> t.has(one.contact()) && t.neighbours(one.contact()).contains(other.contact()))
                .isPresent();
    }

    /** What a good cable shows at a test. */
    private static Outcome expected(Test test, Foreseen foreseen) {
        if (foreseen.isJoined(test.touch())) {
            return test.mode() == Mode.OHMS ? new Outcome.Resistance(JOINT_OHMS) : Outcome.BEEP;
        }
        Window window = test.mode() == Mode.DIODE
                ? foreseen.volts(test.touch())
                : foreseen.window(test.touch());
        if (!window.isGiven()) {
            return Outcome.OPEN;
        }
        double middle = Double.isInfinite(window.to()) ? window.from() : (window.from() + window.to()) / 2;
        return test.mode() == Mode.DIODE ? new Outcome.Voltage(middle) : new Outcome.Resistance(middle);
    }

    /** A test to come, and the chance that a fault is left once it showed what a good cable shows. */
    public record Ahead(Test test, double chance) {}

    /**
     * The tests to come, if each shows what a good cable shows, until it is sure enough. O(tests x faults) a test.
     *
     * @param limit at most so many are looked ahead
     */
    public List<Ahead> ahead(List<Reading> readings, double most, int limit) {
        List<Reading> all = new ArrayList<>(readings);
        List<Ahead> ahead = new ArrayList<>();
        Optional<Test> next = next(all, most);
        while (next.isPresent() && ahead.size() < limit) {
            Superseded.check();
            all.add(good.get(tests.indexOf(next.get())));
            ahead.add(new Ahead(next.get(), chances.after(all).chance()));
            next = next(all, most);
        }
        return ahead;
    }

    /** The chance that a fault is left after the first reading, after the first two, and so on. */
    public List<Double> soFar(List<Reading> readings) {
        return chances.falling(readings);
    }

    /**
     * The same for somebody who beeps all joins and then all pairs of neighbours, as is done by hand.
     *
     * @param limit so many touches at most
     */
    public List<Double> byHand(int limit) {
        List<Reading> all = new ArrayList<>();
        for (int k = 0; k < tests.size(); k++) {
            if (tests.get(k).kind() == Test.Kind.JOINED && !inOhms.get(k)) {
                all.add(Reading.of(Mode.CONTINUITY, tests.get(k).touch(), Outcome.BEEP));
            }
        }
        for (Test test : tests) {
            if (test.kind() == Test.Kind.APART && isOfNeighbours.test(test.touch())) {
                all.add(Reading.of(Mode.CONTINUITY, test.touch(), Outcome.SILENT));
            }
        }
        return chances.falling(all.subList(0, Math.min(limit, all.size())));
    }

    /** The test to make next; empty when it is sure enough, or no test takes anything away. */
    public Optional<Test> next(List<Reading> readings, double most) {
        FaultChances.Left left = chances.after(readings);
        if (left.isEnough(most)) {
            return Optional.empty();
        }
        Optional<Touch> last = readings.isEmpty()
                ? Optional.empty()
                : Optional.of(readings.getLast().touch());
        // a joint is asked in ohms where what a beep hides is more than half of what may be left
        boolean ohms = chances.before(FaultKind.COLD_JOINT) > most / 2;
        double[] weights = left.weights(most);
        double best = 0;
        int chosen = -1;
        for (int k = 0; k < tests.size(); k++) {
            if (ohms ? beeped.get(k) : inOhms.get(k)) {
                continue;
            }
            double gain = 0;
            for (int fault : shown[k]) {
                gain += weights[fault];
            }
            double worth = gain * left.taken(good.get(k))
                    / (READ_SECONDS + cost.seconds(last, tests.get(k).touch(), fixture, tests.get(k).mode()));
            if (worth > best) {
                best = worth;
                chosen = k;
            }
        }
        return chosen < 0 ? Optional.empty() : Optional.of(tests.get(chosen));
    }
}
