package wegweiser.app.prove;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.advice.Fixture;
import wegweiser.core.derived.Derived;
import wegweiser.core.faults.FaultChances;
import wegweiser.core.faults.FaultWords;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.prove.Prover;
import wegweiser.core.usual.UsualCable;

/** Where faults are drawn on the picture of a cable. */
class FaultSpotsTest {
    private static FaultSpots spots(Job job) {
        return FaultSpots.of(FaultChances.of(Derived.of(job)).after(job.readings()).chances());
    }

    @Test
    void everyFaultOfEveryUsualCableHasOnePlaceAndWords() {
        for (UsualCable usual : UsualCable.all()) {
            List<FaultChances.Chance> all = FaultChances.of(Derived.of(usual.job())).after(List.of())
                    .chances();
            FaultSpots spots = FaultSpots.of(all);
            assertThat(spots.spots()).extracting(FaultSpots.Spot::place).doesNotHaveDuplicates();
            assertThat(spots.spots().stream().mapToDouble(FaultSpots.Spot::chance).sum()).as(usual.id())
                    .isCloseTo(all.stream().mapToDouble(FaultChances.Chance::chance).sum(),
                            org.assertj.core.data.Offset.offset(1e-9));
            assertThat(spots.spots())
                    .allSatisfy(s -> assertThat(s.place().contacts()).hasSizeLessThanOrEqualTo(2));
            all.forEach(c -> assertThat(FaultWords.of(c.fault()) + FaultWords.effect(c)).doesNotContain("{")
                    .isNotBlank());
        }
    }

    @Test
    void aPlaceGetsItsTickOnceReadingsExcludeEveryFaultThere() {
        Job job = UsualCable.all().stream().filter(c -> c.id().equals("phono")).findFirst().orElseThrow()
                .job();
        assertThat(spots(job).spots()).isNotEmpty().noneMatch(FaultSpots.Spot::excluded);
        Job tested = Prover.untilSure(job, Fixture.PROBES,
                (touch, mode) -> Derived.of(job).foreseen().isJoined(touch)
                        ? mode == Mode.OHMS ? new Outcome.Resistance(0.2) : Outcome.BEEP
                        : Outcome.OPEN,
                1e-6).job();
        assertThat(tested.readings()).extracting(Reading::touch)
                .hasSizeGreaterThan(2);
        assertThat(spots(tested).spots()).allMatch(FaultSpots.Spot::excluded);
    }
}
