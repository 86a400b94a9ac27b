package wegweiser.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.app.WindowTest;
import wegweiser.app.stage.StageId;
import wegweiser.core.model.Reading;
import wegweiser.core.usual.UsualCable;

/** The first start: where to begin is said, each sentence once. */
class FirstStepsTest extends WindowTest {
    @Override
    protected Optional<Path> opened(Path workshop) throws IOException {
        return Optional.empty();
    }

    private String lesson() {
        return call(() -> {
            Label label = lookup("#lesson").query();
            return label.isVisible() ? label.getText() : "";
        });
    }

    @Test
    void anEmptyBenchSaysWhereToBegin() {
        await("the bench", () -> window.here() == StageId.BENCH && shows("Nothing lies on the bench yet"));
        await("the first sentence", () -> lesson().contains("press 1 to 5"));
        assertThat(call(() -> lookup("#bench-demo").tryQuery().isPresent())).as("the demo is offered")
                .isTrue();
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        assertThat(call(() -> window.here())).as("without a job there is nothing to trace")
                .isEqualTo(StageId.BENCH);
    }

    @Test
    void eachSentenceGoesForGoodOnceItWasFollowed() {
        await("the first sentence", () -> lesson().contains("press 1 to 5"));
        call(() -> {
            new BenchDoors(window, session, Outside.NONE).begin(UsualCable.all().getFirst().job(),
                    StageId.TRACE);
            return null;
        });
        await("at the dock", () -> window.here() == StageId.TRACE && lesson().contains("B for a beep"));
        edit(j -> j.withReading(Reading.beep("A.5", "B.5")));
        await("followed", () -> lesson().isEmpty());
        keys(KeyCode.CONTROL, KeyCode.DIGIT0);
        await("the bench", () -> window.here() == StageId.BENCH && shows("Two terminals on serial"));
        sleep(200);
        assertThat(lesson()).isEmpty();
        restart();
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("trace", () -> window.here() == StageId.TRACE);
        sleep(200);
        assertThat(lesson()).isEmpty();
    }
}
