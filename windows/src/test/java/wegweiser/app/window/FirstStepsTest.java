package wegweiser.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.app.WindowTest;
import wegweiser.app.stage.StageId;
import wegweiser.core.model.Job;
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

    private void begin(Job job, StageId stage) {
        call(() -> {
            new BenchDoors(window, session, Outside.NONE).begin(job, stage);
            return null;
        });
        await("there", () -> window.here() == stage);
    }

    /** What can be pressed, typed into or says what to do, as far as the sentence lies over it. */
    private List<String> covered() {
        return call(() -> {
            Node lesson = lookup("#lesson").query();
            Bounds there = lesson.localToScene(lesson.getBoundsInLocal());
            return lookup(n -> (n instanceof ButtonBase || n instanceof TextInputControl
                    || n instanceof ComboBoxBase || n.getStyleClass().contains("empty-words"))
                    && isShown(n)).queryAll().stream()
                    .filter(n -> inView(n).map(there::intersects).orElse(false))
                    .map(Node::toString).toList();
        });
    }

    /** The part of it that no list has scrolled away. */
    private static Optional<Bounds> inView(Node node) {
        Bounds seen = node.localToScene(node.getBoundsInLocal());
        for (Node at = node; at != null; at = at.getParent()) {
            if (at.getStyleClass().contains("viewport")) {
                Bounds port = at.localToScene(at.getBoundsInLocal());
                double top = Math.max(seen.getMinY(), port.getMinY());
                double bottom = Math.min(seen.getMaxY(), port.getMaxY());
                if (bottom <= top) {
                    return Optional.empty();
                }
                seen = new BoundingBox(seen.getMinX(), top, seen.getWidth(), bottom - top);
            }
        }
        return Optional.of(seen);
    }

    @ParameterizedTest
    @CsvSource({"1280,800", "1024,700"})
    void aSentenceCoversNothingThatCanBeUsed(int width, int height) {
        Job built = UsualCable.all().getFirst().job();
        Map<StageId, Job> jobs = Map.of(StageId.ENDS, Jobs.blank(), StageId.TRACE, built.withLinks(List.of()),
                StageId.ROUTE, built.withLinks(List.of()), StageId.MAKE, built);
        call(() -> {
            window.root().getScene().getWindow().setWidth(width);
            window.root().getScene().getWindow().setHeight(height);
            return null;
        });
        await("the first sentence", () -> !lesson().isEmpty());
        sleep(300);
        assertThat(covered()).as("bench").isEmpty();
        jobs.forEach((stage, job) -> {
            begin(job, stage);
            await("the sentence", () -> !lesson().isEmpty());
            sleep(300);
            assertThat(covered()).as(stage.id()).isEmpty();
        });
    }

    @Test
    void anotherJobIsNothingThatWasFollowed() {
        begin(UsualCable.all().getFirst().job().withLinks(List.of()), StageId.ENDS);
        call(() -> {
            window.begin();
            return null;
        });
        await("the sentence of a blank job", () -> lesson().startsWith("Choose the connector"));
    }

    @Test
    void nothingIsTaughtWhereItCannotBeDone() {
        Job bare = UsualCable.all().getFirst().job().withLinks(List.of());
        begin(bare, StageId.MAKE);
        await("nothing to build", () -> shows("Nothing to build yet") && lesson().isEmpty());
        begin(bare, StageId.ENDS);
        await("ends", () -> lookup("#connector-A").tryQuery().isPresent());
        sleep(100);
        assertThat(lesson()).as("its connectors are chosen").isEmpty();
    }
}
