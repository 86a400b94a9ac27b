package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.AccessibleAttribute;
import javafx.scene.control.TableView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import wegweiser.app.controls.PegCell;
import wegweiser.app.controls.Pegboard;
import wegweiser.core.advice.Fixture;
import wegweiser.core.model.CutOff;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Simulated;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.prove.Testing;
import wegweiser.core.route.Router;
import wegweiser.files.job.JobFile;
import wegweiser.files.log.Logbook;

/** Each stage by itself, through keys and clicks. */
class StagesTest extends WindowTest {
    private Pegboard board() {
        return lookup(n -> n instanceof Pegboard p && p.getScene() != null).query();
    }

    @Test
    void endsTakesConnectorSignalRoleAndFlips() {
        await("shown", () -> shows("longer row at the top"));
        clickOn("#connector-A").clickOn("#connector-search").write("d-sub 25 plug");
        keys(KeyCode.ENTER);
        await("another connector", () -> session.job().ends().getFirst().connector().equals("dsub-25-plug"));
        clickOn("#signal-A-2");
        call(() -> {
            lookup("#signal-A-2").<TextField>query().selectAll();
            return null;
        });
        write("Sendedaten");
        keys(KeyCode.TAB);
        await("a canonical signal with the printed name kept",
                () -> session.job().ends().getFirst().row("2").map(r -> r.signal().orElse("").equals("TXD")
                        && r.name().orElse("").equals("Sendedaten")).orElse(false));
        assertThat(call(() -> lookup("#signal-A-3").query().isFocused())).isTrue();
        keys(KeyCode.CONTROL, KeyCode.Z);
        clickOn("#relation");
        keys(KeyCode.CONTROL, KeyCode.DIGIT1);
        keys(KeyCode.F);
        await("the side in words",
                () -> shows("Mating face: you look into the front of the connector, longer row at the top."));
    }

    @Test
    void traceKeepsFourStatesApartAndTakesReadingsBack() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("a touch", this::isAsked);
        edit(j -> j.withReading(Reading.beep("A.2", "B.5")).withReading(Reading.silent("A.2", "A.3")));
        await("beep is shown", () -> board().getModel().cell(1, 4) == PegCell.JOINED);
        assertThat(call(() -> board().getModel().cell(2, 4))).isEqualTo(PegCell.APART_FOLLOWS);
        assertThat(call(() -> board().getModel().cell(1, 0))).isEqualTo(PegCell.ASSUMED);
        assertThat(call(() -> board().getModel().cell(7, 7))).isEqualTo(PegCell.EMPTY);
        answer(KeyCode.N);
        await("silent", () -> session.job().readings().size() == 3);
        assertThat(job().readings().getLast().outcome()).isEqualTo(Outcome.SILENT);
        assertThat(job().readings().getLast().at()).isPresent();
        keys(KeyCode.BACK_SPACE);
        await("taken back", () -> session.job().readings().size() == 2);
        await("ready", () -> !session.busyProperty().get() && isAsked());
        answer(KeyCode.B);
        await("beep", () -> session.job().readings().size() == 3);
        assertThat(job().readings().getLast().outcome()).isEqualTo(Outcome.BEEP);
    }

    @Test
    void traceTakesTypedValuesAndKeepsWhatItDoesNotUnderstand() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("a touch", this::isAsked);
        keys(KeyCode.DIGIT1);
        write("2x");
        keys(KeyCode.ENTER);
        await("said", () -> shows("is no number"));
        assertThat(call(() -> lookup("#dock-typed").<TextField>query().getText())).isEqualTo("12x");
        assertThat(job().readings()).isEmpty();
        keys(KeyCode.BACK_SPACE);
        write("0");
        keys(KeyCode.ENTER);
        await("a value", () -> session.job().readings().size() == 1);
        assertThat(job().readings().getFirst().outcome()).isEqualTo(new Outcome.Resistance(120));
    }

    @Test
    void traceNamesAContradictionAndAsksForTheTouchThatSettlesIt() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        edit(j -> j.withReading(Reading.beep("A.2", "B.5")).withReading(Reading.beep("A.2", "B.6"))
                .withReading(Reading.silent("B.5", "B.6")));
        await("said", () -> shows("Readings 1, 2 and 3 cannot all be true."));
        await("asked", () -> shows("This touch shows which is wrong"));
    }

    @Test
    void thePegboardIsMovedOnWithArrowsAndSaysItsCell() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT3);
        await("a board", () -> board().getModel().rows().size() == 10);
        Platform.runLater(() -> board().requestFocus());
        keys(KeyCode.DOWN);
        keys(KeyCode.DOWN);
        keys(KeyCode.RIGHT);
        keys(KeyCode.SPACE);
        await("a peg", () -> session.job().links().size() == 1);
        assertThat(job().links().getFirst().joins(Terminal.parse("A.3"), Terminal.parse("B.2"))).isTrue();
        assertThat(job().links().getFirst().conductor()).isPresent();
        await("said", () -> "A.3 and B.2: planned."
                .equals(board().queryAccessibleAttribute(AccessibleAttribute.TEXT)));
        keys(KeyCode.SPACE);
        await("lifted", () -> session.job().links().isEmpty());
    }

    @Test
    void routeShowsWhatIsWrongAndAppliesTheRemedy() {
        edit(j -> j.withLinks(List.of(Link.of("A.2", "B.5"), Link.of("A.3", "B.6"), Link.of("A.5", "B.4"))));
        keys(KeyCode.CONTROL, KeyCode.DIGIT3);
        await("found", () -> shows("transmit is joined to transmit"));
        clickOn("#fix-crossed-needed");
        await("crossed", () -> session.job().links().stream()
                .anyMatch(l -> l.joins(Terminal.parse("A.3"), Terminal.parse("B.5"))));
        await("passed", () -> shows("No output meets an output"));
        edit(j -> j.withLinks(List.of(Link.of("A.2", "B.6"), Link.of("A.3", "B.5"))));
        await("no ground", () -> shows("share no ground"));
        clickOn("#stand-no-common-ground");
        write("both hang on one supply");
        keys(KeyCode.ENTER);
        await("a written reason", () -> session.job().waivers().size() == 1);
        await("nothing to decide", () -> shows("errors: 0"));
    }

    @Test
    void theLogIsLookedThroughByKeysAndALookMakesNone() throws Exception {
        keys(KeyCode.CONTROL, KeyCode.L);
        await("empty", () -> shows("No unit yet"));
        assertThat(folder.resolve("logbook.db")).doesNotExist();
        try (Logbook log = Logbook.open(folder.resolve("logbook.db"))) {
            log.add(job().withTitle("zenith"), Testing.with(Fixture.PROBES), "2026-03-01T20:00:00Z");
            log.add(job().withTitle("wall"), Testing.with(Fixture.PROBES), "2026-03-01T21:00:00Z");
        }
        keys(KeyCode.CONTROL, KeyCode.DIGIT1);
        keys(KeyCode.CONTROL, KeyCode.L);
        await("both", () -> lookup("#log-table").<TableView<?>>query().getItems().size() == 2);
        keys(KeyCode.Z);
        write("en");
        await("one of them", () -> lookup("#log-table").<TableView<?>>query().getItems().size() == 1);
        write("xyz");
        await("none", () -> shows("No unit matches"));
    }

    @Test
    void theLogTellsWhatWasPutOnAnew() throws Exception {
        try (Logbook log = Logbook.open(folder.resolve("logbook.db"))) {
            log.add(job().withCable(job().cable().withCutOff(CutOff.of("B", 40))),
                    Testing.with(Fixture.PROBES),
                    "2026-03-01T20:00:00Z");
        }
        keys(KeyCode.CONTROL, KeyCode.L);
        await("told", () -> lookup(n -> n instanceof Text t && t.getText().contains("B anew, 40 mm cut off"))
                .tryQuery().isPresent());
    }

    @Test
    void makeTicksStepsAndRefusesALengthThatIsNone() {
        edit(j -> Router.schemes(j).getFirst().applyTo(j).withReading(Reading.beep("A.2", "B.6")));
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        await("steps", () -> shows("Cut 1.91 m"));
        keys(KeyCode.SPACE);
        await("ticked", () -> session.job().done().size() == 1);
        assertThat(job().readings()).isEmpty();
        assertThat(job().setAside()).hasSize(1);
        keys(KeyCode.BACK_SPACE);
        await("back", () -> session.job().done().isEmpty());
        clickOn("#cable-length");
        call(() -> {
            lookup("#cable-length").<TextField>query().setText("long");
            return null;
        });
        keys(KeyCode.ENTER);
        await("said", () -> shows("is not a length"));
        edit(j -> j.withDone(List.of(":cut")));
        await("the next step", () -> shows("Step 2 of"));
        assertThat(call(() -> lookup("#cable-length").<TextField>query().getText()))
                .as("what was typed stays while somebody else changes the job").isEqualTo("long");
        call(() -> {
            lookup("#cable-length").<TextField>query().setText("3,5 m");
            return null;
        });
        keys(KeyCode.ENTER);
        await("a length", () -> session.job().cable().lengthMm().orElse(0) == 3500);
    }

    @Test
    void proveExplainsACableThatIsWiredWrongly() {
        edit(j -> {
            Job planned = Router.schemes(j).getLast().applyTo(j);
            List<Link> built = List.of(Link.of("A.2", "B.5"), Link.of("A.3", "B.6"), Link.of("A.5", "B.4"));
            return planned.withSimulation(Simulated.built(built, 3))
                    .withDone(List.of("all"));
        });
        keys(KeyCode.CONTROL, KeyCode.DIGIT5);
        clickOn("#prove-fixture").clickOn("bridged groups");
        await("not yet", () -> text("#banner").startsWith("Not tested yet"));
        for (int k = 0; k < 120 && !shows("No more touches are needed"); k++) {
            await("asked, or no more", () -> isAsked() || shows("No more touches are needed"));
            keys(KeyCode.ENTER);
            WaitForAsyncUtils.waitForFxEvents();
        }
        await("failed", () -> text("#banner").startsWith("Failed: not wired as planned. Do not plug it in"));
        await("a story", () -> shows("Two wires are swapped"));
        assertThat(text("#record")).isEqualTo("Log as failed");
    }

    @Test
    void theLogFiltersAsOneTypes() {
        edit(j -> Router.schemes(j).getFirst().applyTo(j)
                .withReading(Reading.of(wegweiser.core.model.Mode.CONTINUITY,
                        Touch.of(Terminal.parse("A.2"), Terminal.parse("B.6")), Outcome.BEEP)));
        keys(KeyCode.CONTROL, KeyCode.DIGIT5);
        await("a touch", () -> shows("Touch "));
        keys(KeyCode.R);
        await("recorded", () -> shows("Recorded as W-0001"));
        keys(KeyCode.CONTROL, KeyCode.L);
        await("listed", () -> lookup("#log-table").<TableView<?>>query().getItems().size() == 1);
        clickOn("#log-filter").write("dome zebra");
        await("filtered", () -> lookup("#log-table").<TableView<?>>query().getItems().isEmpty());
        eraseText(6);
        await("found again", () -> lookup("#log-table").<TableView<?>>query().getItems().size() == 1);
    }

    @Test
    void theShellHelpsFindsAndTurnsDark() {
        keys(KeyCode.F1);
        await("keys", () -> lookup("#help").tryQuery().isPresent());
        keys(KeyCode.ESCAPE);
        await("gone", () -> lookup("#help").tryQuery().isEmpty());
        keys(KeyCode.CONTROL, KeyCode.K);
        await("finder", () -> lookup("#finder").tryQuery().isPresent());
        write("go to prove");
        keys(KeyCode.ENTER);
        await("there", () -> window.here() == wegweiser.app.stage.StageId.PROVE);
        keys(KeyCode.CONTROL, KeyCode.K);
        await("finder again", () -> lookup("#finder").tryQuery().isPresent());
        write("dome txd");
        keys(KeyCode.ENTER);
        await("the contact", () -> window.here() == wegweiser.app.stage.StageId.ENDS
                && lookup("#signal-B-6").query().isFocused());
        clickOn("#relation");
        keys(KeyCode.CONTROL, KeyCode.D);
        await("dark", () -> window.root().getStyleClass().contains("night"));
        restart();
        await("still dark", () -> window.root().getStyleClass().contains("night"));
        clickOn("#arm-route");
        await("by click", () -> window.here() == wegweiser.app.stage.StageId.ROUTE);
    }

    @Test
    void aFileThatCannotBeReadKeepsTheOpenJob() throws Exception {
        Path bad = folder.resolve("jobs").resolve("broken.wegweiser.json");
        Files.writeString(bad, "{ \"format\": \"wegweiser-job\", ");
        Job before = job();
        Platform.runLater(() -> session.open(bad));
        await("said", () -> shows("ends too early") && shows("The job that was open is kept"));
        assertThat(job()).isEqualTo(before);
        edit(j -> j.withTitle("still writable"));
        assertThat(JobFile.read(session.file().orElseThrow()).title()).isEqualTo("still writable");
    }

    @Test
    void aJobOfANewerVersionIsShownButNotChanged() throws Exception {
        Path newer = folder.resolve("jobs").resolve("newer.wegweiser.json");
        String text = JobFile.text(job()).replace("\"version\" : " + Job.VERSION,
                "\"version\" : " + (Job.VERSION + 1));
        Files.writeString(newer, text);
        Platform.runLater(() -> session.open(newer));
        await("said", () -> shows("newer version of Wegweiser"));
        edit(j -> j.withTitle("changed"));
        assertThat(Files.readString(newer)).isEqualTo(text);
        assertThat(job().title()).isNotEqualTo("changed");
    }

    @Test
    void whatCannotBeSavedIsTakenBackAndSaid() throws Exception {
        Path jobs = folder.resolve("jobs");
        Path aside = folder.resolve("aside");
        Files.move(jobs, aside);
        Files.writeString(jobs, "a file where the folder was");
        edit(j -> j.withTitle("lost"));
        await("said", () -> shows("could not be saved"));
        assertThat(job().title()).isNotEqualTo("lost");
        Files.delete(jobs);
        Files.move(aside, jobs);
        edit(j -> j.withTitle("kept"));
        assertThat(JobFile.read(session.file().orElseThrow()).title()).isEqualTo("kept");
    }

    @Test
    void theLogIsFilteredByWhatIsTypedAndSaysWhyItIsEmpty() {
        keys(KeyCode.CONTROL, KeyCode.L);
        await("nothing yet", () -> shows("No unit yet"));
        type(KeyCode.P);
        await("one letter, once",
                () -> lookup("#log-filter").<TextField>query().getText().equalsIgnoreCase("p"));
        assertThat(folder.resolve("logbook.db")).as("looking makes no logbook").doesNotExist();
    }

    @Test
    void thePlanIsReadFromAListAndUndoneAtOnce() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT3);
        await("schemes", () -> shows("Full handshake"));
        keys(KeyCode.L);
        await("the list is up", () -> lookup("#from-to").tryQuery().isPresent());
        call(() -> {
            lookup("#from-to-text").<TextArea>query().setText("A2 B6 GN\nA3 B5\nA5 B99\nA7 A8 jumper");
            return null;
        });
        await("told",
                () -> shows("3 wires understood, 1 line not") && shows("B99") && shows("A.2 to B.6  GN"));
        clickOn("#from-to-take");
        await("planned", () -> job().links().size() == 3);
        assertThat(job().links().getFirst().conductor()).contains("GN");
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("undone", () -> job().links().isEmpty());
    }
}
