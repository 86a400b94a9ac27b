package wegweiser.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.app.WindowTest;
import wegweiser.app.stage.StageId;
import wegweiser.core.usual.UsualCable;
import wegweiser.files.job.JobFile;

/** Jobs of every kind as cards on the bench, whatever comes next in them. */
class JobCardsTest extends WindowTest {
    @Override
    protected Path fill(Path workshop) throws IOException {
        Path last = workshop;
        Files.createDirectories(workshop.resolve("jobs"));
        for (UsualCable usual : UsualCable.all()) {
            last = workshop.resolve("jobs").resolve(usual.id() + JobFile.ENDING);
            Files.writeString(last, JobFile.text(usual.job()));
        }
        return last;
    }

    private List<Bounds> cards() {
        return call(() -> lookup(".job-list .job-card").queryAll().stream()
                .filter(card -> card.isVisible() && card.getParent().isVisible())
                .map(card -> card.localToScene(card.getBoundsInLocal()))
                .sorted(Comparator.comparingDouble(Bounds::getMinY)).toList());
    }

    @ParameterizedTest
    @CsvSource({"1280,800", "1024,700"})
    void noCardLiesOnTheNext(int width, int height) {
        call(() -> {
            window.go(StageId.BENCH);
            window.root().getScene().getWindow().setWidth(width);
            window.root().getScene().getWindow().setHeight(height);
            return Optional.empty();
        });
        await("a screen full of cards", () -> cards().size() > 3);
        await("one below the other", () -> {
            List<Bounds> cards = cards();
            for (int k = 1; k < cards.size(); k++) {
                if (cards.get(k).getMinY() <= cards.get(k - 1).getMaxY()) {
                    return false;
                }
            }
            return true;
        });
        assertThat(cards()).hasSizeGreaterThan(3);
    }

    private List<Label> sentences() {
        return call(() -> lookup(".job-list .card-next").queryAllAs(Label.class).stream()
                .filter(label -> label.getParent().getParent().getParent().isVisible()).toList());
    }

    @Test
    void whatIsCutOnACardIsReadInFullBesideThePointer() {
        call(() -> {
            window.go(StageId.BENCH);
            window.root().getScene().getWindow().setWidth(1024);
            return Optional.empty();
        });
        await("sentences", () -> sentences().stream().filter(s -> !s.getText().isEmpty()).count() > 3);
        Label label = sentences().getFirst();
        String lengthy = "Slide the heat-shrink sleeve over the wire before anything is soldered. ".repeat(4);
        say(label, lengthy);
        await("the whole of it", () -> lengthy.equals(besidePointer(label)));
        say(label, "Short.");
        await("nothing more to say", () -> besidePointer(label).isEmpty());
    }

    @Test
    void aLongTitleLeavesTheDotsWhole() {
        call(() -> {
            window.go(StageId.BENCH);
            return Optional.empty();
        });
        await("cards", () -> cards().size() > 3);
        assertThat(call(() -> lookup(".job-list .card-title").queryAllAs(Label.class).stream()
                .anyMatch(Label::isTextTruncated))).as("some title is cut").isTrue();
        assertThat(call(() -> lookup(".job-list .card-dots").queryAllAs(Label.class).stream()
                .filter(dots -> dots.getWidth() > 0 && dots.getWidth() < dots.prefWidth(-1)).count()))
                .isZero();
    }

    private void say(Label label, String words) {
        call(() -> {
            label.setText(words);
            return Optional.empty();
        });
    }

    private String besidePointer(Label label) {
        moveTo("#bar-find");
        moveTo(label);
        return call(() -> Optional.ofNullable(label.getTooltip()).map(Tooltip::getText).orElse(""));
    }
}
