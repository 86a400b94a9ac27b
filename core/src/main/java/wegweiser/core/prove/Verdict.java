package wegweiser.core.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.trace.Evidence;
import wegweiser.core.trace.Fixture;
import wegweiser.core.trace.MeasuredPart;
import wegweiser.core.wiring.Nets;

/**
 * What the readings of a finished cable say of its plan. It passes only when every test of the plan is answered
 * by a reading or follows from readings; anything against the plan fails it.
 */
public record Verdict(Result result, List<Fault> faults, List<Test> plan, List<State> states, int open) {
    /** How a cable stands. */
    public enum Result {
        PASS("pass"), FAIL("fail"), INCOMPLETE("incomplete");

        private final String id;

        Result(String id) {
            this.id = id;
        }

        /** The word used in results. */
        public String id() {
            return id;
        }
    }

    /** How a single test stands. */
    public enum State {
        OPEN, PASSED, FAILED
    }

    public static Verdict of(Job job, Fixture fixture) {
        return of(job, Evidence.of(job), TestPlan.of(job, fixture));
    }

    /** The verdict of readings that were already weighed, against a plan that was already made. */
    public static Verdict of(Job job, Evidence evidence, List<Test> plan) {
        List<Fault> faults = faults(job, evidence);
        List<State> states = plan.stream().map(t -> state(evidence, t)).toList();
        boolean doubtful = !evidence.contradictions().isEmpty() || !evidence.intermittent().isEmpty();
        boolean failed = !faults.isEmpty() || states.contains(State.FAILED);
        int open = (int) states.stream().filter(s -> s == State.OPEN).count();
        // where there is nothing to test, nothing was proved safe
        boolean incomplete = plan.isEmpty() || open > 0 || doubtful;
        Result result = failed ? Result.FAIL : incomplete ? Result.INCOMPLETE : Result.PASS;
        return new Verdict(result, faults, plan, states, open);
    }

    /** The first test that is not answered yet. */
    public Optional<Test> next() {
        for (int k = 0; k < plan.size(); k++) {
            if (states.get(k) == State.OPEN) {
                return Optional.of(plan.get(k));
            }
        }
        return Optional.empty();
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
    static State state(Evidence evidence, Test test) {
        return switch (test.kind()) {
            case JOINED -> {
                var state = evidence.state(test.red().getFirst(), test.black().getFirst());
                yield state.isJoined() ? State.PASSED : state.isApart() ? State.FAILED : State.OPEN;
            }
            case APART -> apart(evidence, test);
            case PART -> part(evidence, test);
        };
    }

    private static State apart(Evidence evidence, Test test) {
        boolean all = true;
        for (Terminal red : test.red()) {
            for (Terminal black : test.black()) {
                var state = evidence.state(red, black);
                if (state.isJoined()) {
                    return State.FAILED;
                }
                all &= state.isApart();
            }
        }
        if (readsAgainst(evidence, test)) {
            return State.FAILED;
        }
        if (all) {
            return State.PASSED;
        }
        boolean beeped = evidence.readings().stream()
                .anyMatch(r -> r.touch().equals(test.touch()) && joins(r) && !r.isAssumed());
        return beeped ? State.FAILED : State.OPEN;
    }

    /** Whether the last resistance read at this very touch is not the expected one: an unplanned part or a leak. */
    private static boolean readsAgainst(Evidence evidence, Test test) {
        boolean against = false;
        for (Reading reading : evidence.readings()) {
            if (reading.mode() == Mode.OHMS && reading.touch().equals(test.touch())) {
                against = reading.outcome() instanceof Outcome.Resistance(double ohms)
                        ? !test.window().contains(ohms)
                        : test.window().isGiven();
            }
        }
        return against;
    }

    private static boolean joins(Reading reading) {
        return reading.outcome() instanceof Outcome.Beep
                || reading.outcome() instanceof Outcome.Resistance(double ohms) && ohms <= 2.5;
    }

    private static State part(Evidence evidence, Test test) {
        State state = State.OPEN;
        for (Reading reading : evidence.readings()) {
            boolean same = reading.touch().equals(test.touch())
                    || test.mode() == Mode.OHMS && reading.red().equals(test.black())
                            && reading.black().equals(test.red());
            if (!same || reading.mode() != test.mode()) {
                continue;
            }
            state = switch (reading.outcome()) {
                case Outcome.Resistance(double ohms) ->
                    test.window().contains(ohms) ? State.PASSED : State.FAILED;
                case Outcome.Voltage(double volts) ->
                    test.window().isGiven() && test.window().contains(volts) ? State.PASSED : State.FAILED;
                case Outcome.Open() -> test.window().isGiven() ? State.FAILED : State.PASSED;
                default -> state;
            };
        }
        return state;
    }

    private static List<Fault> faults(Job job, Evidence evidence) {
        List<Fault> faults = new ArrayList<>();
        Nets planned = Nets.planned(job);
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
                if (!planned.joined(first, other) && !seen) {
                    foreign.add(other);
                    faults.add(new Fault(
                            wasCut(job, planned, first, other) ? Fault.Kind.STRAND_LEFT : Fault.Kind.SHORT,
                            List.of(first, other)));
                }
            }
        }
        partFaults(job, evidence, planned, faults);
        return List.copyOf(faults);
    }

    private static boolean wasCut(Job job, Nets planned, Terminal a, Terminal b) {
        return job.links().stream().filter(l -> l.is(PartKind.CUT) && l.to().isPresent()).anyMatch(l -> {
            Terminal to = l.to().orElseThrow();
            return planned.joined(l.from(), a) && planned.joined(to, b)
                    || planned.joined(l.from(), b) && planned.joined(to, a);
        });
    }

    private static void partFaults(Job job, Evidence evidence, Nets planned, List<Fault> faults) {
        List<MeasuredPart> unexplained = new ArrayList<>(evidence.parts());
        for (Link link : job.links()) {
            PartKind kind = link.part().map(Part::kind).orElse(PartKind.JUMPER);
            if (link.to().isEmpty() || kind != PartKind.RESISTOR && kind != PartKind.DIODE) {
                continue;
            }
            List<Terminal> pair = List.of(link.from(), link.to().orElseThrow());
            Optional<MeasuredPart> found = unexplained.stream()
                    .filter(p -> lies(evidence, planned, p, pair, false)).findFirst();
            if (found.isEmpty()) {
                if (measuredOpen(evidence, link, kind)) {
                    faults.add(new Fault(Fault.Kind.PART_MISSING, pair));
                }
                continue;
            }
            unexplained.remove(found.get());
            MeasuredPart part = found.get();
            double ohms = link.part().orElseThrow().ohms().orElse(Double.NaN);
            boolean reversed = kind == PartKind.DIODE && part.kind() == PartKind.DIODE
                    && !lies(evidence, planned, part, pair, true);
            if (reversed) {
                faults.add(new Fault(Fault.Kind.PART_REVERSED, pair));
            } else if (part.kind() != kind
                    || kind == PartKind.RESISTOR && !TestPlan.window(ohms).contains(part.ohms())) {
                faults.add(new Fault(Fault.Kind.PART_WRONG, pair));
            }
        }
        for (MeasuredPart part : unexplained) {
            faults.add(new Fault(Fault.Kind.PART_UNPLANNED, List.of(part.a(), part.b())));
        }
    }

    private static boolean measuredOpen(Evidence evidence, Link link, PartKind kind) {
        return evidence.readings().stream().anyMatch(r -> r.outcome() instanceof Outcome.Open
                && r.touch().isSingle() && link.joins(r.red().getFirst(), r.black().getFirst())
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
