package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.ChoiceBox;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.app.controls.Facing;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.model.Reading;
import wegweiser.files.job.JobFile;

/** What a person has chosen is there again; what belongs to one job does not stick to the next. */
class ChoicesTest extends WindowTest {
    private void find(String words) {
        keys(KeyCode.CONTROL, KeyCode.K);
        await("the finder", () -> lookup("#finder").tryQuery().isPresent() || shows("Ctrl"));
        write(words);
        keys(KeyCode.ENTER);
    }

    @Test
    void whatIsAtHandAndHowTheWindowLooksIsKeptOverARestart() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("a touch", this::isAsked);
        call(() -> {
            lookup("#fixture").<ChoiceBox<Fixture>>query().setValue(Fixture.CLIP);
            return null;
        });
        keys(KeyCode.CONTROL, KeyCode.D);
        await("dark", () -> window.root().getStyleClass().contains("night"));
        restart();
        await("still dark", () -> window.root().getStyleClass().contains("night"));
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("a touch again", this::isAsked);
        assertThat(call(() -> lookup("#fixture").<ChoiceBox<Fixture>>query().getValue()))
                .isEqualTo(Fixture.CLIP);
    }

    @Test
    void theSoundOfTheSimulatedMeterIsOffUntilItIsAskedFor() {
        assertThat(session.workshop().setting("buzzer")).isEmpty();
        find("sound of the simulated");
        await("on", () -> session.workshop().setting("buzzer").equals(java.util.Optional.of("true")));
        restart();
        find("meter off");
        await("off", () -> session.workshop().setting("buzzer").equals(java.util.Optional.of("false")));
    }

    @Test
    void theJobThatWasOpenIsOpenAgain() {
        assertThat(job().title()).isEqualTo("Mast logger to dome computer");
        call(() -> window.open(folder.resolve("jobs").resolve(DemoWorkshop.HEADSET + JobFile.ENDING)));
        await("the headset", () -> session.job().title().equals("Talkback headset"));
        restart();
        assertThat(job().title()).isEqualTo("Talkback headset");
    }

    @Test
    void theGoalChangesWhatIsAsked() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("a touch", this::isAsked);
        edit(j -> j.withReadings(List.of(Reading.beep("A.1", "B.2"), Reading.beep("A.2", "B.5"),
                Reading.beep("A.3", "B.6"), Reading.beep("A.4", "B.3"), Reading.beep("A.5", "B.4"),
                Reading.beep("A.6", "B.1"), Reading.beep("A.7", "B.8"), Reading.beep("A.8", "B.7"))));
        await("pair by pair", () -> shows("Testing pair by pair would take about"));
        String proving = lookup(".figure").queryAll().toString();
        call(() -> {
            lookup("#goal").<ChoiceBox<Goal>>query().setValue(Goal.IDENTIFY);
            return null;
        });
        await("less is left to find out than to prove",
                () -> !lookup(".figure").queryAll().toString().equals(proving));
        await("no sweep that sees shorts any more", () -> !shows("Testing pair by pair"));
        assertThat(job().readings()).hasSize(8);
    }

    @Test
    void endsThatWereChosenInOneJobAreForgottenWhereThereAreNone() {
        call(() -> window.open(folder.resolve("jobs").resolve(DemoWorkshop.PANELS + JobFile.ENDING)));
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("three ends", () -> shows("rows A, columns"));
        call(() -> {
            lookup(".facing").<ChoiceBox<java.util.Optional<Facing>>>query()
                    .setValue(java.util.Optional.of(new Facing("A", "C")));
            return null;
        });
        await("A and C", () -> shows("rows A, columns C"));
        call(() -> window.open(folder.resolve("jobs").resolve(DemoWorkshop.HEADSET + JobFile.ENDING)));
        await("two ends", () -> shows("rows A, columns B"));
    }
}
