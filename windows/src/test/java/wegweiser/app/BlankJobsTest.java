package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;

/** Every stage of a job in which there is little or nothing yet: it says what to do first, and nothing falls over. */
class BlankJobsTest extends WindowTest {
    private static final Map<KeyCode, String> FIRST = Map.of(KeyCode.DIGIT2, "Two ends make a cable",
            KeyCode.DIGIT3, "Two ends make a cable", KeyCode.DIGIT5, "Nothing is planned yet");

    private void walk(List<End> ends, boolean blank) {
        edit(_ -> Job.of("Untitled", ends, List.of(), List.of()));
        for (KeyCode stage : List.of(KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5,
                KeyCode.DIGIT1)) {
            keys(KeyCode.CONTROL, stage);
            if (blank && FIRST.containsKey(stage)) {
                await(FIRST.get(stage), () -> shows(FIRST.get(stage)));
            }
        }
        assertThat(job().ends()).isEqualTo(ends);
    }

    @Test
    void noEnds() {
        List<End> before = job().ends();
        edit(j -> j.withEnds(List.of()));
        await("it says why", () -> shows("could not be saved") && shows("ends needs at least 1 entry"));
        assertThat(job().ends()).as("what could not be opened again is not taken").isEqualTo(before);
    }

    @Test
    void oneEnd() {
        walk(List.of(End.of("A", "Mast logger", "dsub-9-socket", List.of())), true);
    }

    @Test
    void twoEndsWithoutContactsAreNotProved() {
        walk(List.of(End.of("A", "Mast logger", End.LEADS, List.of()),
                End.of("B", "Panel", End.LEADS, List.of())), false);
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("the hint",
                () -> shows("Two ends make a cable") && shows("Choose a connector for two ends first"));
        assertThat(call(() -> shows("Proved"))).isFalse();
    }

    @Test
    void aSingleContactIsNotProved() {
        walk(List.of(End.of("A", "Mast logger", End.LEADS, List.of(PinRow.named("red"))),
                End.of("B", "Panel", End.LEADS, List.of())), false);
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("the hint", () -> shows("Two ends make a cable"));
        assertThat(call(() -> shows("Proved"))).isFalse();
    }

    @Test
    void twoEndsOfWhichOneHasNoContacts() {
        walk(List.of(End.of("A", "Mast logger", "dsub-9-socket", List.of()),
                End.of("B", "Panel", End.LEADS, List.of())), false);
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("traced all the same", () -> shows("What the readings say"));
    }
}
