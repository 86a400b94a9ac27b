package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

class LearnedCostTest {
    private static final Instant START = Instant.parse("2026-03-01T20:15:00Z");

    private static List<Reading> readings(double... gaps) {
        List<Reading> all = new ArrayList<>();
        Instant at = START;
        all.add(Reading.silent("A.1", "B.1").at(at));
        for (int k = 0; k < gaps.length; k++) {
            at = at.plusNanos((long) (gaps[k] * 1e9));
            all.add(Reading.silent("A.1", "B." + (k + 2)).at(at));
        }
        return all;
    }

    @Test
    void withoutTimesTheUsualHolds() {
        assertThat(LearnedCost.of(List.of())).isEqualTo(new LearnedCost(CostModel.USUAL, 0));
        assertThat(LearnedCost.of(List.of(Reading.silent("A.1", "B.1"), Reading.silent("A.1", "B.2")))
                .learnedFrom())
                .isZero();
    }

    @Test
    void aSlowHandIsLearnedAndACoffeeBreakIsNot() {
        double[] gaps = new double[20];
        java.util.Arrays.fill(gaps, 5);
        gaps[7] = 1800;
        LearnedCost learned = LearnedCost.of(readings(gaps));
        assertThat(learned.cost().moveProbe()).isEqualTo(5, within(1e-9));
        assertThat(learned.cost().reclip()).isEqualTo(15, within(1e-9));
        assertThat(learned.learnedFrom()).isEqualTo(19);
    }

    @Test
    void readingAValueTakesTimeOfItsOwn() {
        List<Reading> all = new ArrayList<>();
        Instant at = START;
        for (int k = 0; k < 12; k++) {
            at = at.plusSeconds(7);
            all.add(Reading.of(Mode.OHMS, Touch.of(Terminal.parse("A.1"), Terminal.parse("B." + (k + 1))),
                    new Outcome.Resistance(120 + k)).at(at));
        }
        LearnedCost learned = LearnedCost.of(all);
        assertThat(learned.cost().readValue()).isEqualTo(5, within(1e-9));
        assertThat(learned.cost().moveProbe()).isEqualTo(CostModel.USUAL.moveProbe());
    }

    @Test
    void valuesAtALadderPlugSayNothingOfTheHand() {
        List<Reading> all = new ArrayList<>();
        for (int k = 0; k < 20; k++) {
            all.add(Reading.beep("A." + (k + 1), "B.1").by(new Provenance.ByLadder(1000, false))
                    .at(START.plusSeconds(30L * k)));
        }
        assertThat(LearnedCost.of(all)).isEqualTo(new LearnedCost(CostModel.USUAL, 0));
    }

    @Test
    void twoOddTimesChangeNothing() {
        assertThat(LearnedCost.of(readings(30, 40)).cost()).isEqualTo(CostModel.USUAL);
    }
}
