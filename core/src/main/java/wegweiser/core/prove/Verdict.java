package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import wegweiser.core.advice.Fixture;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Foreseen;
import wegweiser.core.electrical.Window;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.make.HiddenJoints;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

/**
 * What the readings of a finished cable say of its plan. It passes only when every test of the plan is answered by a
 * reading or follows from readings, and every reading there is, of whatever mode and gang, is one that a cable built as
 * planned may show. What is only assumed counts neither way.
 *
 * @param once the tests that were not read twice at their own touch, so that one wrong reading may answer them
 * @param isDoubtful whether readings contradict each other, or one touch was read in different ways
 * @param hidden the joints that no touch of the finished cable shows and nobody beeped while it was open; as long as there
 *        are any, it does not pass
 * @param blind what readings that fit the plan cannot exclude, in sentences
 */
public record Verdict(Result result, List<Fault> faults, List<Test> plan, List<State> states, int open,
        List<Test> once, boolean isDoubtful, List<Terminal> hidden, List<String> blind) {
    /** How a cable stands. */
    public enum Result implements HasId {
        PASS,
        FAIL,
        INCOMPLETE;
    }

    /** How a single test stands. */
    public enum State implements HasId {
        OPEN,
        PASSED,
        FAILED
    }

    public static Verdict of(Job job, Fixture fixture) {
        return of(Derived.of(job), fixture);
    }

    /** The same for a job from which something follows already. */
    public static Verdict of(Derived derived, Fixture fixture) {
        return derived.once(List.of(Verdict.class, fixture),
                () -> of(derived, derived.evidence(), TestPlan.of(derived, fixture)));
    }

    /** The verdict of readings that were already weighed, against a plan that was already made. */
    public static Verdict of(Job job, Evidence evidence, List<Test> plan) {
        return of(Derived.of(job), evidence, plan);
    }

    private static Verdict of(Derived derived, Evidence evidence, List<Test> plan) {
        Job job = derived.job();
        Foreseen foreseen = derived.foreseen();
        List<Reading> against = against(evidence, foreseen);
        List<Fault> faults = new ArrayList<>(faults(job, evidence, foreseen));
        if (faults.isEmpty()) {
            plan.stream().filter(t -> t.kind() == Test.Kind.JOINED && isTooHigh(evidence, t))
                    .map(t -> new Fault(Fault.Kind.OPEN, List.of(t.red().getFirst(), t.black().getFirst())))
                    .forEach(faults::add);
        }
        if (faults.isEmpty()) {
            against.stream().map(r -> fault(r, foreseen)).distinct().forEach(faults::add);
        }
        List<State> states = plan.stream().map(t -> state(evidence, against, t)).toList();
        boolean doubtful = !evidence.contradictions().isEmpty() || !evidence.intermittent().isEmpty();
        boolean failed = !faults.isEmpty() || !against.isEmpty() || states.contains(State.FAILED);
        int open = (int) states.stream().filter(s -> s == State.OPEN).count();
        // where there is nothing to test, nothing was proved safe
        List<Terminal> hidden = HiddenJoints.unseen(derived);
        boolean incomplete = plan.isEmpty() || open > 0 || doubtful || !hidden.isEmpty();
        Result result = failed ? Result.FAIL : incomplete ? Result.INCOMPLETE : Result.PASS;
        List<Test> once = plan.stream().filter(t -> times(evidence, t) < 2).toList();
        List<String> blind = new ArrayList<>(Blind.of(derived, evidence, hidden));
        if (!once.isEmpty()) {
            blind.add(Words.say("blind.once", once.size(), plan.size()));
        }
        return new Verdict(result, List.copyOf(faults), plan, states, open, once, doubtful, hidden,
                List.copyOf(blind));
    }

    /** How often a test was read at its own touch. */
    private static long times(Evidence evidence, Test test) {
        return evidence.readings().stream()
                .filter(r -> !r.isAssumed() && r.mode() == test.mode()
                        && (r.touch().equals(test.touch()) || r.mode() != Mode.DIODE && isTurned(r, test)))
                .count();
    }

    /** The readings that a cable built as planned does not show. */
    private static List<Reading> against(Evidence evidence, Foreseen foreseen) {
        return evidence.sound().stream().filter(r -> !foreseen.fits(r)).toList();
    }

    /** What a reading shows that no fault between single terminals accounts for. */
    private static Fault fault(Reading reading, Foreseen foreseen) {
        List<Terminal> terminals = new ArrayList<>(reading.red());
        terminals.addAll(reading.black());
        boolean copper = foreseen.isJoined(reading.touch());
        Window window = foreseen.window(reading.touch());
        Fault.Kind kind = switch (reading.outcome()) {
            case Outcome.Beep() -> Fault.Kind.SHORT;
            case Outcome.Resistance(double ohms) when copper -> Fault.Kind.OPEN;
            case Outcome.Resistance(double ohms) when window.isGiven() -> Fault.Kind.PART_WRONG;
            case Outcome.Resistance(double ohms) when ohms <= Foreseen.COPPER_OHMS -> Fault.Kind.SHORT;
            case Outcome.Voltage(double volts) when copper -> Fault.Kind.OPEN;
            case Outcome.Silent() -> Fault.Kind.OPEN;
            case Outcome.Open() when copper -> Fault.Kind.OPEN;
            case Outcome.Open() -> Fault.Kind.PART_MISSING;
            default -> Fault.Kind.PART_UNPLANNED;
        };
        return new Fault(kind, terminals);
    }

    /** Whether the cable passed, and one wrong reading could not have passed it. */
    public boolean isPassed() {
        return result == Result.PASS && once.isEmpty();
    }

    /** The first test that is not answered yet. */
    public Optional<Test> next() {
        return unanswered().stream().findFirst();
    }

    /** The tests that are not answered yet, in their order. */
    public List<Test> unanswered() {
        return IntStream.range(0, plan.size()).filter(k -> states.get(k) == State.OPEN).mapToObj(plan::get)
                .toList();
    }

    /** The same; when all are answered and each is wanted twice, the first that was not read twice. */
    public Optional<Test> nextOfTwo() {
        return next().or(() -> result == Result.PASS ? once.stream().findFirst() : Optional.empty());
    }

    /** The worst danger that no test has ruled out yet; empty when only the rest is left or nothing. */
    public Optional<Test.Danger> untestedDanger() {
        Test.Danger worst = Test.Danger.REST;
        for (int k = 0; k < plan.size(); k++) {
            if (states.get(k) == State.OPEN && plan.get(k).danger().compareTo(worst) < 0) {
                worst = plan.get(k).danger();
            }
        }
        return worst == Test.Danger.REST ? Optional.empty() : Optional.of(worst);
    }

    /** How a test stands, by all that is known and not only by its own touch. */
    static State state(Job job, Evidence evidence, Test test) {
        return state(evidence, against(evidence, Foreseen.of(job)), test);
    }

    private static State state(Evidence evidence, List<Reading> against, Test test) {
        return switch (test.kind()) {
            case JOINED -> {
                var state = evidence.state(test.red().getFirst(), test.black().getFirst());
                yield state.isApart() || isTooHigh(evidence, test)
                        ? State.FAILED
                        : state.isJoined() && !onlyHeard(evidence, test) ? State.PASSED : State.OPEN;
            }
            case APART -> apart(evidence, against, test);
            case PART -> part(evidence, test);
        };
    }

    /** Whether a joint that has a limit in ohms was read above it. */
    private static boolean isTooHigh(Evidence evidence, Test test) {
        return evidence.readings().stream().filter(r -> !r.isAssumed())
                .filter(r -> r.touch().equals(test.touch()) || isTurned(r, test))
                .anyMatch(r -> isTooHigh(r.outcome(), test));
    }

    /** Whether an outcome is above the limit of a joint that has one. */
    static boolean isTooHigh(Outcome outcome, Test test) {
        return test.window().isGiven() && outcome instanceof Outcome.Resistance(double ohms)
                && ohms > test.window().to();
    }

    /** Whether a joint that has a limit in ohms was only ever heard. */
    private static boolean onlyHeard(Evidence evidence, Test test) {
        return test.window().isGiven() && evidence.isHeardOnly(
                evidence.index().of(test.red().getFirst()), evidence.index().of(test.black().getFirst()));
    }

    private static State apart(Evidence evidence, List<Reading> against, Test test) {
        if (against.stream().anyMatch(r -> r.touch().equals(test.touch()) || isTurned(r, test))) {
            return State.FAILED;
        }
        boolean all = true;
        for (Terminal red : test.red()) {
            for (Terminal black : test.black()) {
                var state = evidence.state(red, black);
                boolean copper = !evidence.isHeardOnly(evidence.index().of(red), evidence.index().of(black));
                if (state.isJoined() && (copper || !test.window().isGiven())) {
                    return State.FAILED;
                }
                all &= state.isApart();
            }
        }
        return all ? State.PASSED : State.OPEN;
    }

    private static boolean isTurned(Reading reading, Test test) {
        return reading.red().equals(test.black()) && reading.black().equals(test.red());
    }

    /** Only what was read between the nets of a part says that it is there. */
    private static State part(Evidence evidence, Test test) {
        State state = State.OPEN;
        for (Reading reading : evidence.readings()) {
            boolean here = reading.touch().isSingle() && reading.mode() == test.mode() && !reading.isAssumed()
                    && (joins(evidence, reading.red(), test.red())
                            && joins(evidence, reading.black(), test.black())
                            || test.mode() == Mode.OHMS && joins(evidence, reading.red(), test.black())
                                    && joins(evidence, reading.black(), test.red()));
            if (!here) {
                continue;
            }
            boolean right = switch (reading.outcome()) {
                case Outcome.Resistance(double ohms) -> test.window().contains(ohms);
                case Outcome.Voltage(double volts) -> test.window().contains(volts);
                case Outcome.Open() -> !test.window().isGiven() || Double.isInfinite(test.window().to());
                default -> false;
            };
            state = right && state != State.FAILED ? State.PASSED : State.FAILED;
        }
        return state;
    }

    private static boolean joins(Evidence evidence, List<Terminal> one, List<Terminal> other) {
        return one.equals(other) || evidence.state(one.getFirst(), other.getFirst()).isJoined();
    }

    private static List<Fault> faults(Job job, Evidence evidence, Foreseen foreseen) {
        List<Fault> faults = new ArrayList<>();
        Nets planned = foreseen.nets();
        for (List<Terminal> net : planned.joinedNets()) {
            for (int k = 1; k < net.size(); k++) {
                if (evidence.state(net.getFirst(), net.get(k)).isApart()) {
                    faults.add(new Fault(Fault.Kind.OPEN, List.of(net.getFirst(), net.get(k))));
                }
            }
        }
        for (List<Terminal> net : evidence.nets().joinedNets()) {
            Terminal first = net.getFirst();
            List<Terminal> foreign = new ArrayList<>();
            for (Terminal other : net) {
                boolean seen = foreign.stream().anyMatch(f -> planned.joined(f, other));
                if (!planned.joined(first, other) && !seen && !mayBeep(evidence, foreseen, first, other)) {
                    foreign.add(other);
                    faults.add(new Fault(
                            wasCut(job, planned, first, other) ? Fault.Kind.STRAND_LEFT : Fault.Kind.SHORT,
                            List.of(first, other)));
                }
            }
        }
        partFaults(job, evidence, foreseen, faults);
        return List.copyOf(faults);
    }

    /**
     * Whether a meter takes what is planned for copper: resistors of so few ohms that it cannot tell, whatever they were
     * read in, or of some more as long as only a buzzer was asked.
     */
    private static boolean mayBeep(Evidence evidence, Foreseen foreseen, Terminal a, Terminal b) {
        Window window = foreseen.window(Touch.of(a, b));
        return window.isGiven() && window.from() <= Foreseen.COPPER_OHMS
                || evidence.isHeardOnly(evidence.index().of(a), evidence.index().of(b))
                        && foreseen.fits(Reading.of(Mode.CONTINUITY, Touch.of(a, b), Outcome.BEEP));
    }

    private static boolean wasCut(Job job, Nets planned, Terminal a, Terminal b) {
        return job.links().stream().filter(l -> l.is(PartKind.CUT) && l.to().isPresent()).anyMatch(l -> {
            Terminal to = l.to().orElseThrow();
            return planned.joined(l.from(), a) && planned.joined(to, b)
                    || planned.joined(l.from(), b) && planned.joined(to, a);
        });
    }

    /** What parts are there against the plan: readings that fit it are no fault, however few they are. */
    private static void partFaults(Job job, Evidence evidence, Foreseen foreseen, List<Fault> faults) {
        Nets planned = foreseen.nets();
        for (Link link : job.links()) {
            PartKind kind = link.part().map(Part::kind).orElse(PartKind.JUMPER);
            if (link.to().isEmpty() || kind != PartKind.RESISTOR && kind != PartKind.DIODE) {
                continue;
            }
            List<Terminal> pair = List.of(link.from(), link.to().orElseThrow());
            boolean found = evidence.parts().stream().anyMatch(p -> lies(evidence, planned, p, pair, false));
            if (!found && measuredOpen(evidence, foreseen, link, kind)) {
                faults.add(new Fault(Fault.Kind.PART_MISSING, pair));
            }
        }
        for (MeasuredPart part : evidence.parts()) {
            boolean fits = part.because().stream()
                    .allMatch(n -> foreseen.fits(evidence.readings().get(n - 1)));
            // ohms where the plan has copper are told as the joint that is not one
            if (!fits && !planned.joined(part.a(), part.b())) {
                faults.add(partFault(evidence, foreseen, part));
            }
        }
    }

    private static Fault partFault(Evidence evidence, Foreseen foreseen, MeasuredPart part) {
        Nets planned = foreseen.nets();
        for (Link link : foreseen.parts(part.a(), part.b())) {
            List<Terminal> pair = List.of(link.from(), link.to().orElseThrow());
            if (part.kind() == PartKind.DIODE && link.is(PartKind.DIODE)
                    && !lies(evidence, planned, part, pair, true)) {
                return new Fault(Fault.Kind.PART_REVERSED, pair);
            }
        }
        return foreseen.parts(part.a(), part.b()).stream().findFirst()
                .map(l -> new Fault(Fault.Kind.PART_WRONG, List.of(l.from(), l.to().orElseThrow())))
                .orElse(new Fault(Fault.Kind.PART_UNPLANNED, List.of(part.a(), part.b())));
    }

    private static boolean measuredOpen(Evidence evidence, Foreseen foreseen, Link link, PartKind kind) {
        if (kind == PartKind.DIODE
                && Double.isInfinite(foreseen.volts(Touch.of(link.from(), link.to().orElseThrow())).to())) {
            return false;
        }
        return evidence.readings().stream().anyMatch(r -> r.outcome() instanceof Outcome.Open
                && !r.isAssumed() && r.touch().isSingle()
                && link.joins(r.red().getFirst(), r.black().getFirst())
                && (kind == PartKind.RESISTOR
                        ? r.mode() == Mode.OHMS
                        : r.mode() == Mode.DIODE && r.red().getFirst().equals(link.from())));
    }

    private static boolean lies(Evidence evidence, Nets planned, MeasuredPart part, List<Terminal> pair,
            boolean directed) {
        boolean there = near(evidence, planned, part.a(), pair.get(0))
                && near(evidence, planned, part.b(), pair.get(1));
        boolean back = near(evidence, planned, part.a(), pair.get(1))
                && near(evidence, planned, part.b(), pair.get(0));
        return there || !directed && back;
    }

    private static boolean near(Evidence evidence, Nets planned, Terminal a, Terminal b) {
        return a.equals(b) || planned.joined(a, b) || evidence.state(a, b).isJoined();
    }
}
