package wegweiser.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.app.WindowApp;
import wegweiser.app.stage.Session;
import wegweiser.app.stage.StageId;
import wegweiser.core.model.Reading;
import wegweiser.core.usual.UsualCable;
import wegweiser.files.job.JobFile;
import wegweiser.files.workshop.Workshop;

/** The first screen, by keys. */
class BenchTest extends OnTheBench {
    @Test
    void theCardsSayWhatComesNextAndEnterGoesThere() {
        await("next",
                () -> shows("Choose how the ports are joined") && shows("The sources for end B differ"));
        keys(KeyCode.ENTER);
        await("the stage where it goes on", () -> window.here() == StageId.ROUTE);
        keys(KeyCode.CONTROL, KeyCode.DIGIT0);
        keys(KeyCode.DOWN);
        await("the next one is chosen", () -> list().getSelectionModel().getSelectedIndex() == 1);
        keys(KeyCode.ENTER);
        await("another job",
                () -> job().title().equals("Flat-field panels") && window.here() == StageId.TRACE);
    }

    @Test
    void typingFindsAJobByItsContacts() {
        keys(KeyCode.S);
        type("outh nothing");
        await("none", () -> shows("No job matches") && !list().isVisible());
        keys(KeyCode.ESCAPE);
        await("all", () -> titles().size() == 4);
        keys(KeyCode.C);
        type("opper");
        await("by a wire", () -> titles().equals(List.of("talkback-headset")));
        keys(KeyCode.ENTER);
        await("it is open", () -> job().title().equals("Talkback headset"));
    }

    @Test
    void whatIsDoneToJobsIsUndone() throws Exception {
        keys(KeyCode.F2);
        call(() -> {
            lookup("#name-field").<TextField>query().setText("Mast cable");
            return null;
        });
        keys(KeyCode.ENTER);
        await("renamed, also where it is open",
                () -> job().title().equals("Mast cable") && shows("Mast cable"));
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.D);
        await("a copy", () -> files() == 5 && shows("Mast cable (copy)"));
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.A);
        await("put away", () -> titles().size() == 4 && shows("1 put away"));
        keys(KeyCode.DELETE);
        await("removed", () -> files() == 4);
        for (int left : new int[]{5, 5, 4, 4}) {
            keys(KeyCode.CONTROL, KeyCode.Z);
            await("undone", () -> files() == left && !call(() -> window.actions(StageId.BENCH).isEmpty()));
            sleep(60);
        }
        await("as at first",
                () -> shows("Mast logger to dome computer") && titles().size() == 4 && !shows("put away"));
        assertThat(JobFile.read(folder.resolve("jobs/mast-logger-to-dome-computer" + JobFile.ENDING)).title())
                .isEqualTo("Mast logger to dome computer");
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        await("again", () -> shows("Mast cable"));
    }

    @Test
    void aJobRemovedWhileAnotherWindowHasItIsNotWrittenAgainByLookingOnly() throws Exception {
        Path file = folder.resolve("jobs/mast-logger-to-dome-computer" + JobFile.ENDING);
        Session other = call(() -> WindowApp.session(new Workshop(folder), Optional.of(file)));
        keys(KeyCode.DELETE);
        await("gone", () -> files() == 3);
        assertThat(call(() -> session.isOpen())).as("here it is closed").isFalse();
        call(() -> {
            other.lookAgain();
            return null;
        });
        await("it is said there", () -> other.notices().words().get().contains("was removed"));
        assertThat(files()).isEqualTo(3);
        call(() -> {
            other.edit(j -> j.withTitle("kept by the other"));
            return null;
        });
        await("the change puts it back", () -> files() == 4);
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("both are there", () -> files() == 5);
        assertThat(JobFile.read(file).title()).isEqualTo("kept by the other");
        other.close();
    }

    private void recordOne() {
        edit(j -> UsualCable.all().getFirst().job().withReading(Reading.beep("A.5", "B.5")));
        keys(KeyCode.CONTROL, KeyCode.DIGIT5);
        keys(KeyCode.R);
        await("recorded", () -> shows("Recorded as W-0001"));
    }

    @Test
    void aScannedLabelOpensItsUnit() {
        recordOne();
        keys(KeyCode.CONTROL, KeyCode.K);
        await("the finder", () -> lookup("#find-field").tryQuery().isPresent());
        // a scanner types faster than the log is read
        write("W-0001", 0);
        await("the unit", () -> lookup("#finder .list-view").<ListView<?>>query().getItems().stream()
                .anyMatch(e -> e.toString().startsWith("Unit W-0001")));
        keys(KeyCode.ENTER);
        await("the log", () -> window.here() == StageId.LOG
                && lookup("#log-filter").<TextField>query().getText().equals("W-0001"));
    }

    @Test
    void aUnitIsRecordedOnce() {
        edit(j -> UsualCable.all().getFirst().job().withReading(Reading.beep("A.5", "B.5")));
        keys(KeyCode.CONTROL, KeyCode.DIGIT5);
        keys(KeyCode.R);
        await("recorded", () -> shows("logged W-0001"));
        keys(KeyCode.R);
        await("not again", () -> shows("recorded already, as W-0001"));
        call(() -> {
            lookup("#next-unit").<Button>query().fire();
            return null;
        });
        await("the next one", () -> job().readings().isEmpty() && !shows("logged W-0001"));
    }

    @Test
    void aDroppedJobIsOpenedAndAnythingElseIsRefused() throws Exception {
        Path elsewhere = Files.createDirectories(folder.resolve("elsewhere"))
                .resolve("dropped" + JobFile.ENDING);
        JobFile.write(elsewhere, UsualCable.all().getFirst().job());
        assertThat(call(() -> window.dropped(List.of(folder.resolve("notes.txt"))))).isFalse();
        await("why", () -> shows("None of that is a job"));
        assertThat(call(() -> window.dropped(List.of(elsewhere)))).isTrue();
        await("open", () -> window.here() != StageId.BENCH && session.file().equals(Optional.of(elsewhere)));
        call(() -> {
            window.exportTo(folder.resolve("elsewhere/copy"));
            return null;
        });
        await("saved", () -> shows("A copy was saved"));
        assertThat(JobFile.read(folder.resolve("elsewhere/copy" + JobFile.ENDING))).isEqualTo(job());
    }

    /** What is dropped may be anything that bears the name of a job. */
    @Test
    void whatIsDroppedAndIsNoJobIsSaidAndNothingElseHappens() throws Exception {
        Path there = Files.createDirectories(folder.resolve("elsewhere"));
        Optional<Path> before = session.file();
        Files.createDirectories(there.resolve("folder" + JobFile.ENDING));
        Files.writeString(there.resolve("cut" + JobFile.ENDING), "{\"format\": \"wegweiser-job\", ");
        Files.write(there.resolve("bytes" + JobFile.ENDING), new byte[]{(byte) 0xFF, 0, 1, 2});
        Files.writeString(there.resolve("poison" + JobFile.ENDING),
                JobFile.text(UsualCable.all().getFirst().job())
                        .replaceFirst("\"title\"", "\"\\\\uD800\": 1, \"title\""));
        Map<String, String> said = Map.of("folder", "is a folder", "cut", "ends too early", "bytes",
                "not UTF-8", "poison", "U+D800", "nowhere", "no such file");
        for (Map.Entry<String, String> one : said.entrySet()) {
            call(() -> window.dropped(List.of(there.resolve(one.getKey() + JobFile.ENDING))));
            await(one.getKey() + ": why", () -> shows(one.getValue()));
            assertThat(call(session::file)).isEqualTo(before);
        }
    }

    @Test
    void numbersHaveACommaWhereThePersonWantsOne() {
        await("with a point", () -> shows("1.8 m"));
        keys(KeyCode.CONTROL, KeyCode.COMMA);
        await("settings", () -> lookup("#settings-numbers").tryQuery().isPresent());
        call(() -> {
            lookup("#settings-numbers").<ChoiceBox<Boolean>>query().setValue(true);
            return null;
        });
        keys(KeyCode.ESCAPE);
        await("with a comma", () -> shows("1,8 m"));
        assertThat(session.workshop().setting("comma")).contains("true");
    }
}
