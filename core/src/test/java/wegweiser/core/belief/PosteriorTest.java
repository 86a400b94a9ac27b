package wegweiser.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;

/** Readings weighed one by one must come to the same as all of them at once. */
class PosteriorTest {
    private static final double LYING = 0.05;
    /** What is given up at different times weighs less than this. */
    private static final Offset<Double> TINY = within(1e-12);

    private static Advisor advisor(Job job, TerminalIndex index) {
        return new Advisor(job.withLinks(List.of()), index, Fixture.COMB, Goal.PROVE, CostModel.USUAL, 4);
    }

    private static Reading random(Nets nets, SplittableRandom random) {
        List<Terminal> all = nets.index().terminals();
        int a = random.nextInt(all.size());
        int b = (a + 1 + random.nextInt(all.size() - 1)) % all.size();
        int c = (b + 1) % all.size();
        List<Terminal> black = random.nextInt(3) == 0 && c != a
                ? List.of(all.get(b), all.get(c))
                : List.of(all.get(b));
        boolean beeps = black.stream().anyMatch(t -> nets.joined(all.get(a), t))
                ^ random.nextDouble() < LYING;
        return Reading.of(Mode.CONTINUITY, new Touch(List.of(all.get(a)), black),
                beeps ? Outcome.BEEP : Outcome.SILENT);
    }

    /** Of some thousand numbers; one assertion for each would take longer than what is tested. */
    private static void isClose(double[] some, double[] others) {
        assertThat(some).hasSameSizeAs(others);
        for (int k = 0; k < some.length; k++) {
            if (!(Math.abs(some[k] - others[k]) <= TINY.value)) {
                assertThat(some[k]).as("number %d", k).isCloseTo(others[k], TINY);
            }
        }
    }

    private static void assertSame(Belief one, Belief other) {
        assertThat(one.shares()).extracting(Belief.Share::hypothesis)
                .isEqualTo(other.shares().stream().map(Belief.Share::hypothesis).toList());
        assertThat(one.other()).isCloseTo(other.other(), TINY);
        double[] shares = one.shares().stream().mapToDouble(Belief.Share::probability).toArray();
        isClose(shares, other.shares().stream().mapToDouble(Belief.Share::probability).toArray());
        isClose(one.weights(), other.weights());
        assertThat(one.leader().partition()).isEqualTo(other.leader().partition());
        assertThat(one.leader().probability()).isCloseTo(other.leader().probability(), TINY);
    }

    @ParameterizedTest
    @CsvSource({"dsub-9-plug,dsub-9-socket", "dsub-9-plug,dsub-25-socket",
            "modular-8p8c-plug,modular-8p8c-plug", "xlr-3-plug,jack-6.35-trs-plug"})
    void oneByOneComesToTheSameAsAllAtOnce(String near, String far) {
        SplittableRandom random = new SplittableRandom(11);
        for (int round = 0; round < 4; round++) {
            Job truth = Samples.random(near, far, random);
            TerminalIndex index = Samples.index(truth);
            Nets nets = Nets.planned(truth);
            Advisor advisor = advisor(truth, index);
            List<Reading> readings = new ArrayList<>();
            Belief grown = advisor.belief(new Evidence(index, readings));
            for (int k = 0; k < 40; k++) {
                readings.add(random(nets, random));
                Evidence evidence = new Evidence(index, readings);
                grown = advisor.belief(evidence, grown);
                assertSame(grown, advisor.belief(evidence));
            }
        }
    }

    @Test
    void whatWasTakenBackOrChangedIsWeighedAnew() {
        SplittableRandom random = new SplittableRandom(12);
        Job truth = Samples.job("dsub-9-plug", "dsub-9-socket", "2-3 3-2 5-5 7-8 8-7");
        TerminalIndex index = Samples.index(truth);
        Nets nets = Nets.planned(truth);
        Advisor advisor = advisor(truth, index);
        List<Reading> readings = new ArrayList<>();
        for (int k = 0; k < 30; k++) {
            readings.add(random(nets, random));
        }
        Belief late = advisor.belief(new Evidence(index, readings));
        for (int k = readings.size() - 1; k >= 0; k--) {
            Evidence fewer = new Evidence(index, readings.subList(0, k));
            assertSame(advisor.belief(fewer, late), advisor.belief(fewer));
            List<Reading> turned = new ArrayList<>(readings);
            Reading old = readings.get(k);
            turned.set(k, Reading.of(old.mode(), old.touch(),
                    old.outcome().equals(Outcome.BEEP) ? Outcome.SILENT : Outcome.BEEP));
            Evidence changed = new Evidence(index, turned);
            assertSame(advisor.belief(changed, late), advisor.belief(changed));
        }
    }

    @Test
    void anotherCablesBeliefIsOfNoUse() {
        Job straight = Samples.job("dsub-9-plug", "dsub-9-socket", "2-2 3-3 5-5");
        TerminalIndex index = Samples.index(straight);
        Advisor own = advisor(straight, index);
        Advisor other = advisor(Samples.job("dsub-9-plug", "dsub-9-socket", "2-3 3-2 5-5"), index);
        Evidence evidence = new Evidence(index,
                Samples.readings(straight, "A.2 B.2 beep; A.3 B.2 silent").readings());
        assertSame(own.belief(evidence, other.belief(evidence)), own.belief(evidence));
    }

    @Test
    void aLieDoesNotGiveTheTruthUpForGood() {
        Job truth = Samples.job("dsub-9-plug", "dsub-9-socket",
                "1-1 2-2 3-3 4-4 5-5 6-6 7-7 8-8 9-9 shell-shell");
        TerminalIndex index = Samples.index(truth);
        Advisor advisor = advisor(truth, index);
        List<Reading> readings = new ArrayList<>(
                Samples.readings(truth, "A.1 B.1 silent; A.2 B.3 beep").readings());
        Belief belief = advisor.belief(new Evidence(index, readings));
        assertThat(belief.leader().partition()).isNotEqualTo(Nets.planned(truth).partition());
        for (String id : List.of("3", "4", "5", "6", "7", "8", "9", "2", "1", "1", "2")) {
            readings.addAll(Samples.readings(truth, "A." + id + " B." + id + " beep; A." + id + " B."
                    + (id.equals("9") ? "8" : Integer.parseInt(id) + 1) + " silent").readings());
            belief = advisor.belief(new Evidence(index, readings), belief);
        }
        assertThat(belief.shares().getFirst().hypothesis().title()).contains("straight");
    }
}
