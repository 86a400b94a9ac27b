package wegweiser.instruments;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.advice.Tracer;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.electrical.ResistorNetwork;
import wegweiser.core.electrical.ResistorNetwork.Branch;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.prove.Prover;
import wegweiser.core.prove.TestPlan;
import wegweiser.core.prove.Verdict;
import wegweiser.core.wiring.Nets;

/**
 * The words at the top, "proved" and "pass", against cables that no list has and whose truth the test knows. What
 * counts is what a meter can tell: two networks are alike when every pair of contacts reads alike in ohms and in diode
 * mode. {@code -Dword.sessions=20000} runs that many in place of 500.
 */
class ItsWordTest {
    private static final int SESSIONS = Integer.getInteger("word.sessions", 500);

    /** What can be measured of a cable: copper, ohms between its nets, and diodes. */
    private record Real(Nets nets, List<Branch> resistors, Set<List<Integer>> diodes) {
        static Real of(Job job, TerminalIndex index) {
            Nets nets = Nets.of(index, job.links());
            List<Branch> resistors = new ArrayList<>();
            Set<List<Integer>> diodes = new HashSet<>();
            for (Link link : job.links()) {
                int from = nets.partition().root(index.of(link.from()));
                int to = nets.partition().root(index.of(link.to().orElseThrow()));
                if (from != to && link.is(PartKind.RESISTOR)) {
                    resistors.add(new Branch(from, to, link.part().orElseThrow().ohms().orElseThrow()));
                } else if (from != to && link.is(PartKind.DIODE)) {
                    diodes.add(List.of(from, to));
                }
            }
            return new Real(nets, resistors, diodes);
        }

        static Real found(Evidence evidence) {
            Nets nets = evidence.nets();
            List<Branch> resistors = new ArrayList<>();
            Set<List<Integer>> diodes = new HashSet<>();
            for (MeasuredPart part : evidence.parts()) {
                int a = nets.partition().root(nets.index().of(part.a()));
                int b = nets.partition().root(nets.index().of(part.b()));
                if (part.kind() == PartKind.DIODE) {
                    diodes.add(List.of(a, b));
                } else {
                    resistors.add(new Branch(a, b, part.ohms()));
                }
            }
            return new Real(nets, resistors, diodes);
        }

        double ohms(int a, int b) {
            return ResistorNetwork.between(resistors, a, b);
        }

        int[] roots() {
            return nets.partition().roots();
        }

        /** The first difference that a meter would show, within a share of the resistance and some ohms. */
        Optional<String> differs(Real other, double share, double ohms, boolean diodesToo) {
            if (!nets.equals(other.nets)) {
                return Optional.of("nets " + nets + " for " + other.nets);
            }
            for (int a : roots()) {
                for (int b : roots()) {
                    if (a == b) {
                        continue;
                    }
                    double here = ohms(a, b);
                    double there = other.ohms(a, b);
                    boolean alike = Double.isInfinite(here)
                            ? Double.isInfinite(there)
                            : Math.abs(here - there) <= share * Math.max(here, there) + ohms;
                    if (!alike) {
                        return Optional
                                .of(here + " ohm for " + there + " between " + name(a) + " and " + name(b));
                    }
                    boolean hidden = here < 650;
                    if (diodesToo && !hidden
                            && diodes.contains(List.of(a, b)) != other.diodes.contains(List.of(a, b))) {
                        return Optional.of("diode at " + name(a) + " and " + name(b));
                    }
                }
            }
            return Optional.empty();
        }

        private Terminal name(int a) {
            return nets.index().get(a);
        }
    }

    /** A meter that tells the truth but for one reading. */
    private record OneLie(Meter honest, int at, int[] count, BitSet lies) implements Meter {
        @Override
        public Outcome measure(Touch touch, Mode mode) {
            Outcome outcome = honest.measure(touch, mode);
            if (++count[0] != at) {
                return outcome;
            }
            lies.set(count[0]);
            return switch (outcome) {
                case Outcome.Beep() -> Outcome.SILENT;
                case Outcome.Silent() -> Outcome.BEEP;
                case Outcome.Open() when mode == Mode.DIODE -> new Outcome.Voltage(0.57);
                case Outcome.Open() -> new Outcome.Resistance(0.4);
                default -> Outcome.OPEN;
            };
        }
    }

    @ParameterizedTest
    @CsvSource({"probes, PROVE", "clip, PROVE", "comb, PROVE", "ladder, PROVE", "probes, IDENTIFY",
            "clip, IDENTIFY", "comb, IDENTIFY", "ladder, IDENTIFY", "comb, ONCE"})
    void provedIsTheTruthWithAllItsParts(String with, Goal goal) {
        Fixture fixture = with.equals("ladder")
                ? Fixture.PROBES
                : Fixture.valueOf(with.toUpperCase(java.util.Locale.ROOT));
        int sessions = SESSIONS / 9;
        RandomLead leads = new RandomLead(with.hashCode() + goal.ordinal());
        SplittableRandom random = new SplittableRandom(sessions);
        int honest = 0;
        int proved = 0;
        int read = 0;
        int fooled = 0;
        for (int session = 0; session < sessions; session++) {
            Job truth = leads.next();
            Job known = truth.withLinks(List.of());
            TerminalIndex index = new TerminalIndex(Terminals.of(known));
            Advisor advisor = new Advisor(known, index, fixture, goal, CostModel.USUAL, session);
            Meter meter = new SimulatedMeter(new SimulatedCable(truth, index.terminals()), MeterTraits.USUAL,
                    session);
            boolean lying = goal == Goal.IDENTIFY ? session % 10 == 9 : session % 3 == 2;
            OneLie liar = new OneLie(meter, lying ? 1 + random.nextInt(25) : -1, new int[1], new BitSet());
            SimulatedTrace trace = new SimulatedTrace(known, truth, advisor, liar, session);
            Tracer.Run run = with.equals("ladder") ? trace.laddered().orElseThrow() : trace.touched(fixture);
            Proof proof = advisor.proof(run.evidence());
            Optional<String> wrong = Real.found(run.evidence()).differs(Real.of(truth, index), 0.05, 4, true);
            assertThat(proof.isProved() && wrong.isPresent())
                    .as("session %d is called proved: %s, with lies in readings %s, for %s by %s", session,
                            wrong,
                            liar.lies(), truth.links(), run.readings())
                    .isFalse();
            if (liar.lies().isEmpty()) {
                honest++;
                proved += proof.isProved() ? 1 : 0;
                read += proof.isRead() ? 1 : 0;
                assertThat(proof.isRead() && wrong.isPresent()).as("session %d", session).isFalse();
            } else if (proof.isRead() && wrong.isPresent()) {
                fooled++;
                int lie = liar.lies().nextSetBit(0) + run.readings().size() - liar.count()[0];
                assertThat(proof.alone())
                        .as("what session %d reads wrongly, %s, by a lie in reading %d, it says to rest on it: %s by %s",
                                session, wrong, lie, truth.links(), run.readings())
                        .contains(lie);
            }
        }
        System.out.printf(
                "%s, %s: proved %d of %d honest sessions, read whole %d; of %d with a lie 0 proved falsely, %d read falsely and said to rest on it%n",
                with, goal, proved, honest, read, sessions - honest, fooled);
        if (with.equals("comb") && goal.isWhole()) {
            assertThat(goal == Goal.PROVE ? proved : read).as("silence is no way out")
                    .isGreaterThanOrEqualTo((int) Math.ceil(0.99 * honest));
        }
    }

    @ParameterizedTest
    @CsvSource({"PROBES", "CLIP", "COMB"})
    void passedIsWhatWasPlannedOrStandsUnderTheVerdict(Fixture fixture) {
        int sessions = SESSIONS / 3;
        RandomLead leads = new RandomLead(1000 + fixture.ordinal());
        SplittableRandom random = new SplittableRandom(77);
        int good = 0;
        int passed = 0;
        int bad = 0;
        for (int session = 0; session < sessions; session++) {
            Job plan = leads.next();
            boolean spoil = session % 2 == 1;
            Job truth = spoil ? leads.spoilt(plan) : plan;
            if (random.nextInt(4) == 0) {
                truth = leads.spoilt(truth);
            }
            TerminalIndex index = new TerminalIndex(Terminals.of(plan));
            Meter meter = new SimulatedMeter(new SimulatedCable(truth, index.terminals()), MeterTraits.USUAL,
                    session);
            Job tested = Prover.run(plan, fixture, meter::measure, session);
            Verdict verdict = Verdict.of(tested, fixture);
            Real real = Real.of(truth, index);
            // a part may miss its value by a twentieth; a leak that stays within that stands under the verdict
            Optional<String> differs = real.differs(Real.of(plan, index), 0.07, 4, false);
            boolean pass = verdict.result() == Verdict.Result.PASS;
            if (pass && differs.isPresent()) {
                assertThat(excused(plan, truth, index, verdict))
                        .as("session %d passes: %s, plan %s, truth %s, %s", session, differs, plan.links(),
                                truth.links(),
                                verdict.blind())
                        .isTrue();
            }
            if (differs.isPresent()) {
                bad++;
            } else if (real.differs(Real.of(plan, index), 0, 0, true).isEmpty()) {
                good++;
                passed += pass ? 1 : 0;
                assertThat(verdict.result())
                        .as("session %d, %s, %s by %s", session, plan.links(), verdict.faults(),
                                tested.readings())
                        .isEqualTo(Verdict.Result.PASS);
            }
        }
        System.out.printf("passed, %s: %d of %d good cables, 0 of %d bad ones%n", fixture, passed, good, bad);
        assertThat(bad).isGreaterThan(sessions / 10);
        assertThat(good).isGreaterThan(sessions / 4);
    }

    /** Who reads once in a hurry may pass a bad cable by a lie; the tests that were not read twice are told then. */
    @ParameterizedTest
    @CsvSource({"PROBES", "CLIP", "COMB"})
    void passedStandsALieOfTheMeter(Fixture fixture) {
        int sessions = SESSIONS / 5;
        RandomLead leads = new RandomLead(2000 + fixture.ordinal());
        SplittableRandom random = new SplittableRandom(78);
        int honest = 0;
        int passed = 0;
        int bad = 0;
        int fooled = 0;
        for (int session = 0; session < sessions; session++) {
            Job plan = leads.next();
            Job truth = session % 2 == 0 ? plan : leads.spoilt(plan);
            TerminalIndex index = new TerminalIndex(Terminals.of(plan));
            Meter meter = new SimulatedMeter(new SimulatedCable(truth, index.terminals()), MeterTraits.USUAL,
                    session);
            int tests = TestPlan.of(plan, fixture).size();
            OneLie liar = new OneLie(meter, session % 2 == 0 ? -1 : 1 + random.nextInt(tests), new int[1],
                    new BitSet());
            Verdict once = Verdict.of(Prover.once(plan, fixture, liar::measure, session), fixture);
            OneLie again = new OneLie(meter, liar.at(), new int[1], new BitSet());
            Verdict verdict = Verdict.of(Prover.run(plan, fixture, again::measure, session), fixture);
            boolean pass = verdict.result() == Verdict.Result.PASS;
            Optional<String> differs = Real.of(truth, index).differs(Real.of(plan, index), 0.07, 4, false);
            if (session % 2 == 0) {
                honest++;
                passed += pass ? 1 : 0;
            } else if (differs.isPresent()) {
                bad++;
                boolean believed = once.result() == Verdict.Result.PASS;
                fooled += believed ? 1 : 0;
                assertThat(believed && once.once().isEmpty()).as("session %d", session).isFalse();
                assertThat(pass && !excused(plan, truth, index, verdict))
                        .as("session %d passes by a lie in reading %d: %s, plan %s, truth %s", session,
                                again.at(), differs, plan.links(), truth.links())
                        .isFalse();
            }
        }
        System.out.printf(
                "passed, %s: %d of %d good cables; with one lie 0 of %d bad ones, %d if read once%n",
                fixture, passed, honest, bad, fooled);
        assertThat(passed).isEqualTo(honest);
        assertThat(bad).isGreaterThan(sessions / 10);
    }

    /**
     * Whether all that differs is a resistor that a buzzer takes for the copper that was planned, and the verdict says that
     * it cannot tell.
     */
    private static boolean excused(Job plan, Job truth, TerminalIndex index, Verdict verdict) {
        List<Link> heard = new ArrayList<>();
        for (Link link : truth.links()) {
            boolean small = link.is(PartKind.RESISTOR)
                    && link.part().orElseThrow().ohms().orElseThrow() <= 70;
            heard.add(small && Nets.of(index, plan.links()).joined(link.from(), link.to().orElseThrow())
                    ? Link.of(link.from(), link.to().orElseThrow())
                    : link);
        }
        Set<String> said = verdict.blind().stream().filter(s -> s.contains("70")).collect(Collectors.toSet());
        return !said.isEmpty() && Real.of(truth.withLinks(heard), index)
                .differs(Real.of(plan, index), 0.07, 4, false).isEmpty();
    }
}
