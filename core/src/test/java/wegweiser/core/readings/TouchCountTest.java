package wegweiser.core.readings;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

class TouchCountTest {
    private static final Touch PLACE = Touch.of(Terminal.parse("A.1"), Terminal.parse("B.1"));

    @Test
    void everyPlacementCountsOnce() {
        assertThat(TouchCount.of(List.of())).isZero();
        assertThat(TouchCount.of(List.of(Reading.beep("A.1", "B.1"), Reading.silent("A.1", "B.2"))))
                .isEqualTo(2);
        assertThat(TouchCount.of(List.of(Reading.beep("A.1", "B.1"), Reading.beep("B.1", "A.1"))))
                .as("probes changed").isEqualTo(2);
        assertThat(TouchCount.of(List.of(Reading.beep("A.1", "B.1"), Reading.beep("A.1", "B.1"))))
                .as("touched again").isEqualTo(2);
    }

    @Test
    void anotherModeAtTheSamePlaceIsNoNewTouch() {
        assertThat(TouchCount.of(List.of(Reading.of(Mode.CONTINUITY, PLACE, Outcome.SILENT),
                Reading.of(Mode.OHMS, PLACE, new Outcome.Resistance(120)),
                Reading.of(Mode.DIODE, PLACE, Outcome.OPEN)))).isEqualTo(1);
    }

    @Test
    void whatFollowsFromOneValueAtALadderPlugIsOneTouch() {
        Provenance value = new Provenance.ByLadder(4700, false);
        List<Reading> both = List.of(Reading.beep("A.1", "B.2").by(value),
                Reading.silent("A.1", "B.1").by(value));
        assertThat(TouchCount.of(both)).isEqualTo(1);
        assertThat(TouchCount.of(List.of(both.getFirst(), Reading.beep("A.2", "B.2").by(value))))
                .as("the same value at another contact").isEqualTo(2);
        assertThat(TouchCount.of(List.of(both.getFirst(), Reading.silent("A.1", "B.3")))).isEqualTo(2);
    }
}
