package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.Samples;
import wegweiser.core.evidence.Claim;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.PairState;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/** Evidence of many readings on real connectors: honest readings never conflict and never prove a falsehood. */
class GangsTest {
    private static List<Terminal> some(List<Terminal> pool, int count, SplittableRandom random) {
        List<Terminal> rest = new ArrayList<>(pool);
        List<Terminal> chosen = new ArrayList<>();
        for (int k = 0; k < count && !rest.isEmpty(); k++) {
            chosen.add(rest.remove(random.nextInt(rest.size())));
        }
        return chosen;
    }

    private static Reading honest(Nets truth, List<Terminal> red, List<Terminal> black,
            SplittableRandom random) {
        boolean joined = red.stream().anyMatch(r -> black.stream().anyMatch(b -> truth.joined(r, b)));
        Touch touch = new Touch(red, black);
        return random.nextBoolean()
                ? Reading.of(Mode.CONTINUITY, touch, joined ? Outcome.BEEP : Outcome.SILENT)
                : Reading.of(Mode.OHMS, touch, joined ? new Outcome.Resistance(0.5) : Outcome.OPEN);
    }

    @ParameterizedTest
    @ValueSource(strings = {"dsub-9-socket", "dsub-25-socket", "modular-8p8c-plug", "box-header-20-socket",
            "usb-c-plug", "jack-3.5-trrs-plug"})
    void honestReadingsNeverConflictAndNeverProveAFalsehood(String connector) {
        SplittableRandom random = new SplittableRandom(connector.hashCode());
        for (int round = 0; round < 25; round++) {
            Job job = Samples.random(connector, connector, random);
            Nets truth = Nets.planned(job);
            List<Terminal> all = truth.index().terminals();
            List<Reading> readings = new ArrayList<>();
            for (int k = 0; k < 60; k++) {
                List<Terminal> red = some(all, 1 + random.nextInt(6), random);
                List<Terminal> rest = new ArrayList<>(all);
                rest.removeAll(red);
                readings.add(honest(truth, red, some(rest, 1 + random.nextInt(6), random), random));
            }
            Evidence evidence = new Evidence(truth.index(), readings);
            assertThat(evidence.contradictions()).isEmpty();
            assertThat(evidence.intermittent()).isEmpty();
            assertThat(evidence.parts()).isEmpty();
            for (Claim claim : evidence.claims()) {
                assertThat(truth.joined(claim.a(), claim.b())).isEqualTo(claim.state().isJoined());
                assertThat(claim.because()).isNotEmpty().isSorted();
                assertThat(claim.because().getLast()).isLessThanOrEqualTo(readings.size());
            }
        }
    }

    @Test
    void moreReadingsNeverTakeBackWhatWasProved() {
        SplittableRandom random = new SplittableRandom(61);
        for (int round = 0; round < 30; round++) {
            Job job = Samples.random("dsub-9-socket", "modular-8p8c-plug", random);
            Nets truth = Nets.planned(job);
            TerminalIndex index = truth.index();
            List<Reading> readings = new ArrayList<>();
            int before = index.size() * (index.size() - 1) / 2;
            for (int k = 0; k < 40; k++) {
                List<Terminal> red = some(index.terminals(), 1 + random.nextInt(3), random);
                List<Terminal> rest = new ArrayList<>(index.terminals());
                rest.removeAll(red);
                readings.add(honest(truth, red, some(rest, 1 + random.nextInt(3), random), random));
                int open = new Evidence(index, readings).countUnknown();
                assertThat(open).isLessThanOrEqualTo(before);
                before = open;
            }
        }
    }

    @Test
    void theOrderOfReadingsDoesNotMatter() {
        SplittableRandom random = new SplittableRandom(62);
        for (int round = 0; round < 40; round++) {
            Job job = Samples.random("modular-6p6c-plug", "xlr-3-plug", random);
            Nets truth = Nets.planned(job);
            List<Reading> readings = new ArrayList<>();
            for (int k = 0; k < 25; k++) {
                List<Terminal> red = some(truth.index().terminals(), 1 + random.nextInt(3), random);
                List<Terminal> rest = new ArrayList<>(truth.index().terminals());
                rest.removeAll(red);
                readings.add(honest(truth, red, some(rest, 1 + random.nextInt(3), random), random));
            }
            Evidence forward = new Evidence(truth.index(), readings);
            Evidence backward = new Evidence(truth.index(), readings.reversed());
            for (int a = 0; a < truth.index().size(); a++) {
                for (int b = a + 1; b < truth.index().size(); b++) {
                    assertThat(backward.isJoined(a, b)).isEqualTo(forward.isJoined(a, b));
                    assertThat(backward.isApart(a, b)).isEqualTo(forward.isApart(a, b));
                }
            }
        }
    }

    @Test
    void aGangedValueSetsApartAndIsTracedToItsPart() {
        Job job = Samples.job("dsub-9-socket", "dsub-9-plug", "");
        Job read = Samples.readings(job, "A.1+A.2+A.3 A.4+A.5 120.5");
        Evidence evidence = Evidence.of(read);
        assertThat(evidence.state(Terminal.parse("A.1"), Terminal.parse("A.5")))
                .isEqualTo(PairState.APART_MEASURED);
        assertThat(evidence.parts()).isEmpty();
        Advisor advisor = new Advisor(job, Samples.index(job), Fixture.COMB, Goal.PROVE, CostModel.USUAL, 1);
        assertThat(advisor.next(evidence)).get().satisfies(p -> {
            assertThat(p.purpose()).isEqualTo(Proposal.Purpose.LOCATE);
            assertThat(p.mode()).isEqualTo(Mode.OHMS);
            assertThat(p.touch().red().size() * p.touch().black().size()).isLessThan(6);
        });
    }

    @Test
    void aGangedBeepIsHalvedUntilItsPairIsFound() {
        SplittableRandom random = new SplittableRandom(63);
        for (int round = 0; round < 40; round++) {
            Job job = Samples.job("dsub-9-socket", "dsub-9-plug",
                    (1 + random.nextInt(9)) + "-" + (1 + random.nextInt(9)));
            Nets truth = Nets.planned(job);
            Job blank = job.withLinks(List.of());
            Advisor advisor = new Advisor(blank, Samples.index(blank), Fixture.COMB, Goal.PROVE,
                    CostModel.USUAL, round);
            List<Terminal> red = truth.index().terminals().stream().filter(t -> t.end().equals("A")).toList();
            List<Terminal> black = truth.index().terminals().stream().filter(t -> t.end().equals("B"))
                    .toList();
            List<Reading> readings = new ArrayList<>(
                    List.of(Reading.of(Mode.CONTINUITY, new Touch(red, black), Outcome.BEEP)));
            int halvings = 0;
            while (true) {
                Evidence evidence = new Evidence(advisor.index(), readings);
                Proposal next = advisor.next(evidence).orElseThrow();
                if (next.purpose() != Proposal.Purpose.LOCATE) {
                    assertThat(evidence.nets()).isEqualTo(truth);
                    break;
                }
                halvings++;
                readings.add(honest(truth, next.touch().red(), next.touch().black(), random));
            }
            // 100 pairs: seven halvings, and a few more where chances are uneven
            assertThat(halvings).isBetween(1, 14);
        }
    }
}
