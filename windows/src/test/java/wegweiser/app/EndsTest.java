package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.app.stage.StageId;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Deed;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.pinout.SourceComparison;
import wegweiser.files.job.JobFile;

/** The Ends stage through its interface. */
class EndsTest extends WindowTest {
    @Override
    protected Path fill(Path workshop) throws IOException {
        DemoWorkshop.create(workshop);
        return workshop.resolve("jobs").resolve(DemoWorkshop.SKY_SENSOR + JobFile.ENDING);
    }

    private End end(String name) {
        return job().end(name).orElseThrow();
    }

    private void up(String id) {
        await(id + " is up", () -> lookup("#" + id).tryQuery().isPresent());
    }

    private void gone(String id) {
        await(id + " is gone", () -> lookup("#" + id).tryQuery().isEmpty());
    }

    @Test
    void aConnectorIsChosenByWordsAndByTheDevicesOwnGender() {
        clickOn("#connector-A");
        up("gallery");
        write("phone plug six");
        await("one card leads", () -> lookup("#card-modular-6p6c-plug").tryQuery().isPresent());
        keys(KeyCode.ENTER);
        await("taken", () -> session.job().end("A").orElseThrow().connector().equals("modular-6p6c-plug"));
        gone("gallery");
        clickOn("#connector-A");
        up("gallery");
        clickOn("#gallery-device").clickOn("#connector-search");
        write("serial 25 socket");
        await("found", () -> lookup("#card-dsub-25-socket").tryQuery().isPresent());
        clickOn("#card-dsub-25-socket");
        await("the cable gets the plug",
                () -> session.job().end("A").orElseThrow().connector().equals("dsub-25-plug"));
    }

    @Test
    void aDeviceThatCanKillIsTickedAndStandsOverWhatIsDoneAtIt() {
        clickOn("#lethal-A");
        await("ticked", () -> end("A").dangerous().equals(java.util.Optional.of(true)));
        call(() -> {
            window.ends().detective("A");
            return null;
        });
        up("detective");
        await("over the detective", () -> shows("can kill, even unplugged"));
        call(() -> {
            window.closeOverlay();
            window.go(StageId.TRACE);
            return null;
        });
        await("over Trace", () -> lookup("#danger").<Label>queryAll().stream()
                .anyMatch(l -> l.isVisible() && l.getText().contains("can kill, even unplugged")));
    }

    @Test
    void aDeviceThatSoundsLikeItIsAskedFor() {
        assertThat(lookup("#lethal-question-A").query().isVisible()).isFalse();
        edit(j -> j.withEnd("A", e -> e.withDevice("flash head")));
        await("asked", () -> lookup("#lethal-question-A").query().isVisible());
        clickOn("#lethal-no-A");
        await("answered", () -> end("A").dangerous().equals(java.util.Optional.of(false)));
        await("and not asked again", () -> !lookup("#lethal-question-A").query().isVisible());
    }

    @Test
    void aPinoutIsPastedAfterALook() {
        call(() -> {
            window.ends().paste("A", "", "");
            return null;
        });
        up("paste");
        call(() -> {
            lookup("#paste-text").<TextArea>query().setText("1: DCD\n2: RXD (in)\n12 GND\nGND = 5");
            return null;
        });
        await("what is open is said", () -> shows("has no contact 12"));
        assertThat(end("A").pinout()).isEmpty();
        clickOn("#paste-source").write("leaflet");
        clickOn("#paste-replace");
        gone("paste");
        await("taken", () -> session.job().end("A").orElseThrow().pinout().size() == 3);
        assertThat(end("A").row("2").orElseThrow().sources()).extracting(PinSource::source)
                .containsExactly("leaflet");
        call(() -> {
            session.undo();
            return null;
        });
        await("undone", () -> session.job().end("A").orElseThrow().pinout().isEmpty());
    }

    @Test
    void aDrawingFromTheOtherSideIsRenumbered() {
        await("differ", () -> shows("differ"));
        call(() -> {
            window.ends().compare("B");
            return null;
        });
        up("compare");
        await("is drawn from the other side", () -> shows("is drawn from the other side"));
        clickOn("#renumber");
        await("they agree", () -> !SourceComparison
                .of(session.job().end("B").orElseThrow(), java.util.Optional.empty()).isOpen());
        assertThat(end("B").row("3").orElseThrow().signal()).contains("TXD");
    }

    @Test
    void oneRowIsDecidedByHandOrByAMeasurement() {
        call(() -> {
            session.edit(j -> j.withEnd(j.end("B").orElseThrow()
                    .withPinout(j.end("B").orElseThrow().pinout().stream().map(r -> r.withSources(
                            r.sources().stream().filter(s -> s.source().equals("manual, p. 12")).toList()))
                            .toList())));
            return null;
        });
        call(() -> {
            window.ends().paste("B", "3 RXD\n4 DSR", "old note");
            return null;
        });
        up("paste");
        clickOn("#paste-beside");
        await("kept beside",
                () -> session.job().end("B").orElseThrow().row("3").orElseThrow().sources().size() == 2);
        call(() -> {
            window.ends().compare("B");
            return null;
        });
        up("compare");
        await("asked", () -> lookup("#decide-B-3").tryQuery().isPresent());
        clickOn("#decide-B-3").write("4.9k").type(KeyCode.ENTER);
        await("one reading is likely but not sure",
                () -> session.job().end("B").orElseThrow().portReadings().size() == 1
                        && shows("Powered and at rest"));
        assertThat(end("B").row("3").orElseThrow().sources()).hasSize(2);
        clickOn("#decide-B-3").write("0.02").type(KeyCode.ENTER);
        await("measured", () -> session.job().end("B").orElseThrow().row("3").orElseThrow().sources().stream()
                .anyMatch(s -> s.source().equals(PinSource.MEASURED)));
        assertThat(end("B").row("3").orElseThrow().signal()).as("an input has some kilohms").contains("RXD");
        clickOn("#take-4-1");
        await("decided", () -> session.job().end("B").orElseThrow().row("4").orElseThrow().sources().stream()
                .anyMatch(s -> s.source().equals(PinSource.DECIDED)));
        assertThat(end("B").row("4").orElseThrow().signal()).contains("DSR");
    }

    @Test
    void theDetectiveFindsWhatTheSimulatedDeviceIs() {
        call(() -> {
            window.ends().detective("A");
            return null;
        });
        up("detective");
        int guard = 0;
        while (lookup("#detective-simulate").tryQuery().isPresent() && guard++ < 60) {
            int before = end("A").portReadings().size();
            clickOn("#detective-simulate");
            await("one more reading",
                    () -> session.job().end("A").orElseThrow().portReadings().size() > before);
        }
        assertThat(guard).isBetween(9, 45);
        clickOn("#detective-fill");
        gone("detective");
        await("filled in", () -> session.job().end("A").orElseThrow().pinout().size() >= 8);
        assertThat(end("A").row("5").orElseThrow().signal()).contains("GND");
        assertThat(end("A").row("2").orElseThrow().direction().orElseThrow().id()).isEqualTo("out");
        assertThat(end("A").pinout().stream().flatMap(r -> r.sources().stream()).map(PinSource::source))
                .containsOnly(PinSource.MEASURED);
    }

    @Test
    void aBadValueIsToldAndAsksAgain() {
        call(() -> {
            window.ends().detective("A");
            return null;
        });
        up("detective");
        await("asks for a value or a beep", () -> lookup("#detective-value").tryQuery().isPresent()
                || lookup("#detective-yes").tryQuery().isPresent());
        if (lookup("#detective-value").tryQuery().isPresent()) {
            clickOn("#detective-value").write("lots").type(KeyCode.ENTER);
            await("is not a value", () -> shows("is not a value"));
        }
        assertThat(end("A").portReadings()).isEmpty();
    }

    @Test
    void endsAreAddedAsLongAsThereAreLettersAndTwoFaceEachOther() {
        for (int k = 3; k <= 10; k++) {
            int wanted = k;
            clickOn("#add-end");
            await(k + " ends", () -> session.job().ends().size() == wanted);
        }
        await("the new end is on screen", () -> lookup("#end-J").tryQuery().isPresent());
        call(() -> {
            session.edit(j -> {
                List<End> ends = new ArrayList<>(j.ends());
                for (char name = 'K'; name <= 'Y'; name++) {
                    ends.add(End.of(String.valueOf(name), "", End.LEADS, List.of()));
                }
                return j.withEnds(ends);
            });
            return null;
        });
        await("all but one", () -> lookup("#chip-Y").tryQuery().isPresent());
        clickOn("#add-end");
        await("no letter is left", () -> session.job().ends().size() == 26
                && lookup("#add-end").query().isDisabled());
        clickOn("#chip-C");
        await("C is on screen", () -> lookup("#end-C").tryQuery().isPresent());
        assertThat(lookup(".end-column").queryAll()).hasSize(2);
    }

    @Test
    void aConnectorOfOnesOwnIsDescribedAndGoesAlongWithTheJob() throws Exception {
        clickOn("#connector-A");
        up("gallery");
        clickOn("#gallery-own");
        up("own-form");
        clickOn("#own-keep");
        await("a name is asked for", () -> shows("Give it a name"));
        clickOn("#own-title").write("focuser five");
        clickOn("#own-rows").write("1 2 3");
        clickOn("#own-keep");
        await("taken",
                () -> session.job().end("A").orElseThrow().connector().equals("own-focuser-five-plug"));
        assertThat(job().connectors()).hasSize(1);
        assertThat(folder.resolve("library").resolve("own-focuser-five-plug.json")).exists();
        assertThat(JobFile.read(session.file().orElseThrow()).connectors()).hasSize(1);
    }

    @Test
    void aBrokenLibraryFileIsToldAndTheRestIsThere() throws Exception {
        Files.createDirectories(folder.resolve("library"));
        Files.writeString(folder.resolve("library").resolve("a.json"),
                "{\"format\": \"wegweiser-library\", \"version\": 2}");
        call(() -> {
            session.readLibrary();
            return null;
        });
        await("told", () -> shows("a.json, line 1: version must be 1"));
    }

    @Test
    void directionsThatWereGuessedAreConfirmedAtOnce() {
        call(() -> {
            session.edit(j -> j.withEnd(j.end("A").orElseThrow().withPinout(List.of(
                    PinRow.named("2").withSignal("RXD"), PinRow.named("3").withSignal("TXD")))));
            return null;
        });
        await("the doubt is told", () -> shows("choose the role"));
        clickOn("#confirm-A");
        await("confirmed", () -> session.job().end("A").orElseThrow().pinout().stream()
                .allMatch(r -> r.direction().isPresent()));
    }

    @Test
    void aFieldWithNothingToTakeBackTakesBackTheLastChangeOfTheJob() {
        String before = job().ends().getFirst().device();
        clickOn("#device-A").write("!").type(KeyCode.ENTER);
        await("kept", () -> session.job().ends().getFirst().device().contains("!"));
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("the device is what it was, in the field as well",
                () -> session.job().ends().getFirst().device()
                        .equals(before) && field("#device-A").equals(before));
        clickOn("#device-B");
        assertThat(job().ends().getFirst().device()).as("leaving the field brings nothing back")
                .isEqualTo(before);
        clickOn("#device-A").write("?");
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("the typing is taken back, and no change of the job", () -> field("#device-A").equals(before));
        assertThat(job().ends().getFirst().device()).isEqualTo(before);
    }

    private String field(String id) {
        return lookup(id).<TextField>query().getText();
    }

    @Test
    void aConnectorWithALongTitleLeavesThePageInTheWindow() {
        edit(j -> j.withEnds(j.ends().stream().map(e -> e.withConnector("row-254-4-socket")).toList()));
        await("shown",
                () -> call(() -> lookup("#connector-A").<javafx.scene.control.Labeled>query().getText())
                        .startsWith("single row 2.54 mm"));
        for (String end : List.of("#end-A", "#end-B")) {
            double bottom = call(() -> {
                var node = lookup(end).query();
                return node.localToScene(node.getLayoutBounds()).getMaxY() - node.getScene().getHeight();
            });
            assertThat(bottom).as("below the window, in pixels").isNegative();
        }
    }

    @Test
    void anEndThatIsThereAlreadyIsNotBuilt() {
        clickOn("#kept-B");
        await("kept", () -> job().keeps("B"));
        edit(j -> j.withLinks(List.of(Link.of("A.5", "B.5"))));
        await("planned", () -> !job().links().isEmpty());
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        await("no cutting, and nothing but its tests at B",
                () -> shows("The cable is there already") && shows("End A, Sky sensor"));
        assertThat(BenchSteps.of(job(), true)).filteredOn(s -> s.end().equals("B"))
                .allMatch(s -> s.deed() instanceof Deed.Look || s.deed() instanceof Deed.Test);
        keys(KeyCode.CONTROL, KeyCode.DIGIT1);
        clickOn("#kept-B");
        await("no more", () -> job().kept().isEmpty());
    }
}
