package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.evidence.Alone;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/** Which readings a proof rests on alone, and readings that do not fit the parts that the others show. */
class AloneTest {
    private static final TerminalIndex INDEX = Samples.index(3);

    private static Reading ohms(int a, int b, double ohms) {
        return Reading.of(Mode.OHMS, Touch.of(INDEX.get(a), INDEX.get(b)), new Outcome.Resistance(ohms));
    }

    private static Reading open(Mode mode, int a, int b) {
        return Reading.of(mode, Touch.of(INDEX.get(a), INDEX.get(b)), Outcome.OPEN);
    }

    private static Proof proof(Reading... readings) {
        return Proof.of(Job.of("Bare leads", List.of(), List.of(), List.of()),
                new Evidence(INDEX, List.of(readings)));
    }

    @Test
    void aNetOfThreeHoldsOnAnyTwoOfItsThreeTouches() {
        Proof two = proof(ohms(0, 1, 0.4), ohms(1, 2, 0.4));
        assertThat(two.isRead()).isTrue();
        assertThat(two.isProved()).isFalse();
        assertThat(two.alone()).containsExactly(1, 2);
        assertThat(two.words()).contains("2 readings").doesNotContain("Proved");
        assertThat(two.resting()).as("all three pairs go if one goes").hasSize(3);
        assertThat(two.unproved()).isEqualTo(3);
        Proof ring = proof(ohms(0, 1, 0.4), ohms(1, 2, 0.4), ohms(0, 2, 0.4));
        assertThat(ring.alone()).isEmpty();
        assertThat(ring.isProved()).isTrue();
        assertThat(ring.unproved()).isZero();
    }

    @Test
    void whatWasReadOnceInOneModeStandsAloneThere() {
        Proof proof = proof(ohms(0, 1, 0.4), ohms(0, 1, 0.5), open(Mode.OHMS, 0, 2), open(Mode.OHMS, 1, 2),
                open(Mode.DIODE, 0, 2), open(Mode.DIODE, 2, 1), open(Mode.DIODE, 1, 2));
        assertThat(proof.isRead()).isTrue();
        assertThat(proof.alone()).as("from 3 to the others only one reading").containsExactly(6);
    }

    @Test
    void valuesThatCannotAllHoldProveNothing() {
        Reading[] apart = {ohms(0, 1, 0.4), open(Mode.DIODE, 0, 2), open(Mode.DIODE, 2, 0),
                ohms(0, 2, 47_000.5)};
        assertThat(proof(apart).isRead()).isTrue();
        for (Reading other : List.of(ohms(1, 2, 22_000.5), open(Mode.OHMS, 1, 2))) {
            Proof proof = proof(apart[0], apart[1], apart[2], apart[3], other);
            assertThat(proof.isProved()).as("%s", other).isFalse();
            assertThat(proof.isHeardOut()).as("%s", other).isFalse();
            assertThat(proof.misfits()).as("%s", other).contains(5);
            assertThat(proof
                    .suspects(new Evidence(INDEX, List.of(apart[0], apart[1], apart[2], apart[3], other))))
                    .as("the value behind the part may be the wrong one, %s", other).contains(4, 5);
            assertThat(proof.words()).contains("do not fit").doesNotContain("Proved");
        }
    }

    /** Of a cable of copper only: the readings without which not all would be read. */
    private static List<Integer> neededAlone(Advisor advisor, Evidence evidence) {
        return IntStream.rangeClosed(1, evidence.readings().size())
                .filter(k -> !advisor.proof(Alone.without(evidence, List.of(k))).isRead()).boxed().toList();
    }

    @Test
    void theAdvisorReadsAgainWhatStandsAlone() {
        Job truth = Samples.job("dsub-9-socket", "dsub-9-plug", "2-3 3-2 5-5");
        TerminalIndex index = Samples.index(truth);
        for (Goal goal : List.of(Goal.ONCE, Goal.PROVE)) {
            Advisor advisor = new Advisor(truth.withLinks(List.of()), index, Fixture.COMB, goal,
                    CostModel.USUAL, 1);
            var nets = wegweiser.core.wiring.Nets.of(index, truth.links());
            Tracer.Run run = Tracer.run(truth.withLinks(List.of()), advisor, Fixture.COMB, CostModel.USUAL,
                    (touch, mode) -> touch.red().stream()
                            .anyMatch(r -> touch.black().stream().anyMatch(b -> nets.joined(r, b)))
                                    ? mode == Mode.OHMS ? new Outcome.Resistance(0.4) : Outcome.BEEP
                                    : mode == Mode.CONTINUITY ? Outcome.SILENT : Outcome.OPEN,
                    300);
            Proof proof = advisor.proof(run.evidence());
            assertThat(proof.isRead()).isTrue();
            assertThat(proof.isProved()).as("%s", goal).isEqualTo(goal == Goal.PROVE);
            assertThat(proof.unproved() == 0).as("%s", goal).isEqualTo(proof.isProved());
            for (int k = 0; k < run.readings().size(); k++) {
                Evidence before = new Evidence(index, run.readings().subList(0, k));
                Proof then = advisor.proof(before);
                if (!then.isProved()) {
                    assertThat(advisor.next(before).orElseThrow().why()).doesNotContain("roved");
                }
                if (then.isRead()) {
                    assertThat(then.alone()).as("after %d readings, %s", k, goal)
                            .isEqualTo(neededAlone(advisor, before));
                }
            }
        }
    }
}
