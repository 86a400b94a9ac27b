package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.evidence.Coverage;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Nets;

public class AdvisorTest {
    /** A meter on a cable of plain copper. */
    public static Tracer.Answers copper(Nets truth) {
        return (touch, mode) -> {
            boolean joined = touch.red().stream()
                    .anyMatch(r -> touch.black().stream().anyMatch(b -> truth.joined(r, b)));
            return switch (mode) {
                case CONTINUITY -> joined ? Outcome.BEEP : Outcome.SILENT;
                default -> joined ? new Outcome.Resistance(0.4) : Outcome.OPEN;
            };
        };
    }

    private static Tracer.Run trace(Job job, Job truth, Fixture fixture, Goal goal) {
        TerminalIndex index = Samples.index(job);
        Advisor advisor = new Advisor(job, index, fixture, goal, CostModel.USUAL, 1);
        return Tracer.run(job, advisor, fixture, CostModel.USUAL, copper(Nets.planned(truth)),
                4 * index.size() * index.size());
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-socket,dsub-9-socket", "box-header-10-socket,dsub-9-plug",
            "modular-6p6c-plug,modular-6p6c-plug", "jack-3.5-trs-plug,xlr-3-plug"})
    void aCombProvesAnyRandomCableAndTellsTheTruth(String near, String far) {
        SplittableRandom random = new SplittableRandom(near.hashCode());
        for (int round = 0; round < 12; round++) {
            Job truth = Samples.random(near, far, random);
            Tracer.Run run = trace(truth.withLinks(List.of()), truth, Fixture.COMB, Goal.PROVE);
            assertThat(run.finished()).as("round %d", round).isTrue();
            assertThat(Proof.of(truth.withLinks(List.of()), run.evidence()).isProved()).isTrue();
            assertThat(run.evidence().nets()).isEqualTo(Nets.planned(truth));
            assertThat(run.evidence().contradictions()).isEmpty();
        }
    }

    @Test
    void everyNamedNineWayWiringIsIdentifiedWithTwoProbesInFarFewerTouchesThanThereArePairs() {
        List<NamedWiring> nine = NamedWiring.standard().stream()
                .filter(w -> w.fromFamily().equals("dsub-9") && w.toFamily().equals("dsub-9")).toList();
        assertThat(nine).hasSizeGreaterThan(4);
        for (NamedWiring wiring : nine) {
            StringBuilder links = new StringBuilder();
            wiring.wiring().nets().forEach(net -> {
                List<String> members = new java.util.ArrayList<>();
                net.near().forEach(c -> members.add("A." + c));
                net.far().forEach(c -> members.add("B." + c));
                IntStream.range(1, members.size()).forEach(
                        k -> links.append(' ').append(members.getFirst()).append('-').append(members.get(k)));
            });
            Job truth = Samples.job("dsub-9-socket", "dsub-9-socket", links.toString());
            Tracer.Run run = trace(truth.withLinks(List.of()), truth, Fixture.PROBES, Goal.IDENTIFY);
            assertThat(run.belief().leader().partition()).as(wiring.id())
                    .isEqualTo(Nets.planned(truth).partition());
            assertThat(run.touches()).as(wiring.id()).isLessThan(20 * 19 / 2 / 2);
        }
    }

    @Test
    void noTouchIsEverAskedWhoseAnswerIsKnownAlready() {
        SplittableRandom random = new SplittableRandom(15);
        for (int round = 0; round < 10; round++) {
            Job truth = Samples.random("dsub-9-socket", "dsub-9-plug", random);
            Tracer.Run run = trace(truth.withLinks(List.of()), truth,
                    round % 2 == 0 ? Fixture.COMB : Fixture.PROBES, Goal.ONCE);
            for (int k = 0; k < run.readings().size(); k++) {
                Evidence before = new Evidence(Samples.index(truth), run.readings().subList(0, k));
                Touch touch = run.readings().get(k).touch();
                boolean known = touch.red().stream()
                        .allMatch(r -> touch.black().stream().allMatch(b -> before.state(r, b).isProved()));
                boolean partsToo = known && touch.red().stream().allMatch(r -> touch.black().stream()
                        .allMatch(b -> before.isPartKnown(before.index().of(r), before.index().of(b))
                                || before.state(r, b).isJoined()));
                boolean diodesToo = run.readings().get(k).mode() != Mode.DIODE
                        || touch.red().stream().allMatch(r -> touch.black().stream().allMatch(
                                b -> Proof.isDiodeKnown(before, before.index().of(r), before.index().of(b))));
                assertThat(partsToo && diodesToo).as("touch %d of round %d, %s", k + 1, round, touch)
                        .isFalse();
            }
        }
    }

    @Test
    void theGoalOfProofWithProbesStopsAtNeighboursAndCountsTheRest() {
        Job truth = Samples.job("dsub-9-socket", "dsub-9-socket", "2-3 3-2 5-5");
        Tracer.Run run = trace(truth.withLinks(List.of()), truth, Fixture.PROBES, Goal.PROVE);
        Advisor advisor = new Advisor(truth.withLinks(List.of()), Samples.index(truth), Fixture.PROBES,
                Goal.PROVE, CostModel.USUAL, 1);
        Proof proof = advisor.proof(run.evidence());
        assertThat(run.finished()).isTrue();
        assertThat(proof.isProved()).isFalse();
        assertThat(proof.coverage()).isEqualTo(Coverage.ROWS);
        assertThat(run.evidence().state(Terminal.parse("A.1"), Terminal.parse("A.2")).isApart()).isTrue();
        assertThat(run.evidence().countUnknown()).isPositive();
    }

    @Test
    void aPersonMayTouchAnythingElseAtAnyTime() {
        Job truth = Samples.job("dsub-9-socket", "dsub-9-socket", "2-3 3-2 5-5");
        Job job = Samples.readings(truth.withLinks(List.of()),
                "A.9 B.1 silent; A.shell B.4 silent; A.5 B.5 beep; A.8+A.7 B.7+B.8 silent");
        Tracer.Run run = trace(job, truth, Fixture.COMB, Goal.PROVE);
        assertThat(run.evidence().nets()).isEqualTo(Nets.planned(truth));
    }

    @Test
    void aContradictionIsSettledBeforeAnythingElse() {
        Job job = Samples.readings(Samples.job("dsub-9-socket", "dsub-9-socket", ""),
                "A.2 B.3 beep; A.2 B.4 beep; B.3 B.4 silent");
        Advisor advisor = new Advisor(job, Samples.index(job), Fixture.PROBES, Goal.PROVE, CostModel.USUAL,
                1);
        Optional<Proposal> next = advisor.next(new Evidence(advisor.index(), job.readings()));
        assertThat(next).get().satisfies(p -> {
            assertThat(p.purpose()).isEqualTo(Proposal.Purpose.SETTLE);
            assertThat(p.touch()).isEqualTo(Touch.of(Terminal.parse("B.3"), Terminal.parse("B.4")));
            assertThat(p.why()).contains("1, 2 and 3");
        });
    }

    @Test
    void severalPartsBehindOneGangAreAllFound() {
        Job truth = Samples.job("dsub-9-socket", "dsub-9-socket", "2-2 7-7 3-3");
        Nets nets = Nets.planned(truth);
        double[][] resistors = {{2, 7, 120}, {3, 9, 1000}, {1, 6, 4700}};
        Tracer.Answers meter = (touch, mode) -> {
            boolean joined = touch.red().stream()
                    .anyMatch(r -> touch.black().stream().anyMatch(b -> nets.joined(r, b)));
            double siemens = 0;
            for (double[] r : resistors) {
                Terminal one = Terminal.parse("A." + (int) r[0]);
                Terminal other = Terminal.parse("A." + (int) r[1]);
                boolean there = any(nets, touch.red(), one) && any(nets, touch.black(), other);
                boolean back = any(nets, touch.red(), other) && any(nets, touch.black(), one);
                siemens += there || back ? 1 / r[2] : 0;
            }
            return joined
                    ? mode == Mode.CONTINUITY ? Outcome.BEEP : new Outcome.Resistance(0.4)
                    : mode == Mode.CONTINUITY
                            ? Outcome.SILENT
                            : siemens == 0 ? Outcome.OPEN : new Outcome.Resistance(0.5 + 1 / siemens);
        };
        Job blank = truth.withLinks(List.of());
        Advisor advisor = new Advisor(blank, Samples.index(blank), Fixture.COMB, Goal.PROVE, CostModel.USUAL,
                3);
        Tracer.Run run = Tracer.run(blank, advisor, Fixture.COMB, CostModel.USUAL, meter, 300);
        assertThat(run.finished()).isTrue();
        assertThat(run.evidence().nets()).isEqualTo(nets);
        assertThat(run.evidence().parts()).extracting(p -> Math.round(p.ohms()))
                .containsExactlyInAnyOrder(120L, 1000L, 4700L);
    }

    private static boolean any(Nets nets, List<Terminal> gang, Terminal wanted) {
        return gang.stream().anyMatch(t -> nets.joined(t, wanted));
    }

    @Test
    void twentyFiveStraightAreProvedApartInFiveGangedTouches() {
        List<Isolation.Cut> cuts = Isolation.cuts(27, (a, b) -> a != b);
        assertThat(cuts).hasSize(5);
        for (int a = 0; a < 27; a++) {
            for (int b = a + 1; b < 27; b++) {
                int x = a;
                int y = b;
                assertThat(cuts).anyMatch(
                        c -> has(c.red(), x) && has(c.black(), y) || has(c.red(), y) && has(c.black(), x));
            }
        }
    }

    private static boolean has(int[] side, int wanted) {
        return IntStream.of(side).anyMatch(i -> i == wanted);
    }

    @Test
    void movingTwoProbesCostsMoreThanMovingOne() {
        Touch here = Touch.of(Terminal.parse("A.1"), Terminal.parse("B.1"));
        Touch near = Touch.of(Terminal.parse("A.1"), Terminal.parse("B.2"));
        Touch far = Touch.of(Terminal.parse("A.2"), Terminal.parse("B.2"));
        assertThat(CostModel.USUAL.seconds(Optional.of(here), here, Fixture.PROBES)).isZero();
        assertThat(CostModel.USUAL.seconds(Optional.of(here), near, Fixture.PROBES)).isEqualTo(2);
        assertThat(CostModel.USUAL.seconds(Optional.of(here), far, Fixture.PROBES)).isEqualTo(4);
        assertThat(CostModel.USUAL.seconds(Optional.of(here), far, Fixture.CLIP)).isEqualTo(8);
        assertThat(HasId.find(Mode.class, "ohms")).contains(Mode.OHMS);
    }
}
