package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;
import wegweiser.app.controls.Facing;
import wegweiser.app.controls.FacingChoice;
import wegweiser.app.controls.Pegboard;
import wegweiser.app.controls.ProbeDock;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.files.job.JobFile;
import wegweiser.files.workshop.Workshop;

/** What happens at the bench while a cable is traced, through the interface. */
class TraceBenchTest extends WindowTest {
    @Override
    protected Path fill(Path workshop) throws IOException {
        // a person with little patience
        new Workshop(workshop).remember(Map.of("wiggle", "60"));
        return super.fill(workshop);
    }

    private void trace() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("a touch", this::isAsked);
    }

    private void demo(String job) {
        assertThat(call(() -> window.open(folder.resolve("jobs").resolve(job + JobFile.ENDING)))).isTrue();
    }

    @Test
    void tracingGoesOnAfterARestartAndBackToTheStart() {
        trace();
        for (int n = 1; n <= 4; n++) {
            int wanted = n;
            answer(KeyCode.ENTER);
            await("reading " + n, () -> session.job().readings().size() == wanted);
            await("asked on", this::isAsked);
        }
        List<Reading> before = job().readings();
        restart();
        assertThat(job().readings()).isEqualTo(before);
        assertThat(before).allSatisfy(r -> assertThat(r.at()).isPresent());
        trace();
        answer(KeyCode.N);
        await("a fifth", () -> session.job().readings().size() == 5);
        for (int n = 4; n >= 0; n--) {
            int wanted = n;
            keys(KeyCode.BACK_SPACE);
            await("back to " + n, () -> session.job().readings().size() == wanted);
        }
        await("nothing read", () -> shows("None yet"));
        keys(KeyCode.BACK_SPACE);
        assertThat(job().readings()).isEmpty();
        for (int n = 1; n <= 5; n++) {
            int wanted = n;
            keys(KeyCode.CONTROL, KeyCode.Z);
            await("undone " + n, () -> session.job().readings().size() == wanted);
        }
    }

    @Test
    void aKeyPressedTwiceIsOneAnswer() {
        trace();
        Platform.runLater(() -> {
            for (int k = 0; k < 3; k++) {
                lookup("#dock-beep").<Button>query().fire();
            }
        });
        await("the next touch is worked out", () -> job().readings().size() > 0 && isAsked());
        assertThat(job().readings()).hasSize(1);
    }

    @Test
    void anAnswerThatTheDiskRefusedIsAskedForAgain() throws Exception {
        trace();
        whileTheDiskRefuses(() -> {
            answer(KeyCode.N);
            await("said", () -> shows("could not be saved"));
            await("asked again", this::isAsked);
        });
        assertThat(job().readings()).isEmpty();
        answer(KeyCode.N);
        await("kept now", () -> session.job().readings().size() == 1);
    }

    @Test
    void aWiggleTestTakesItsTimeAndKeepsIt() {
        trace();
        keys(KeyCode.W);
        await("asked", () -> shows("What does the meter do?"));
        keys(KeyCode.B);
        assertThat(job().readings()).as("too early to say that it held").isEmpty();
        call(() -> {
            lookup("#wiggle-least").<ChoiceBox<Integer>>query().setValue(1);
            return null;
        });
        await("long enough", () -> !lookup("#wiggle-held").query().isDisabled());
        keys(KeyCode.B);
        await("kept", () -> session.job().readings().size() == 1);
        Reading held = job().readings().getFirst();
        assertThat(held.outcome()).isEqualTo(Outcome.BEEP);
        assertThat(held.how()).isInstanceOfSatisfying(Provenance.Wiggled.class,
                w -> assertThat(w.seconds()).isPositive());
        await("in the list", () -> shows("held"));
        keys(KeyCode.W);
        await("asked again", () -> shows("What does the meter do?"));
        keys(KeyCode.C);
        await("both results", () -> session.job().readings().size() == 3);
        await("told", () -> shows("Sometimes joined, sometimes not"));
        keys(KeyCode.W);
        await("a third time", () -> shows("What does the meter do?"));
        clickOn("#dock-wiggle");
        await("left by its button", () -> isAsked() && !shows("What does the meter do?"));
        clickOn("#dock-wiggle");
        await("and begun by it", () -> shows("What does the meter do?"));
        keys(KeyCode.ESCAPE);
        await("left without a reading", () -> isAsked() && !shows("What does the meter do?"));
        assertThat(job().readings()).hasSize(3);
    }

    @Test
    void looseLeadsAreToldApartByTwoTrials() {
        demo(DemoWorkshop.HEADSET);
        trace();
        clickOn("#trace-loose");
        await("the dock for leads", () -> shows("Join these two wires"));
        assertThat(text("#reaction-twist")).isEqualTo("red + white");
        keys(KeyCode.N);
        await("one trial", () -> session.job().readings().size() == 1);
        assertThat(job().readings().getFirst().mode()).isEqualTo(Mode.REACTION);
        await("the next pair", () -> text("#reaction-twist").equals("white + copper"));
        keys(KeyCode.R);
        await("solved", () -> shows("red and white belong together; copper stands alone"));
        keys(KeyCode.BACK_SPACE);
        await("taken back", () -> text("#reaction-twist").equals("white + copper"));
        keys(KeyCode.ESCAPE);
        await("probes again", this::isAsked);
    }

    @Test
    void ofThreeEndsThoseFaceEachOtherThatAreTouchedOrChosen() {
        demo(DemoWorkshop.PANELS);
        trace();
        await("a choice",
                () -> lookup(".facing").<FacingChoice>tryQuery().map(c -> c.isVisible()).orElse(false));
        call(() -> {
            lookup(".facing").<ChoiceBox<Optional<Facing>>>query()
                    .setValue(Optional.of(new Facing("B", "C")));
            return null;
        });
        await("B and C", () -> shows("rows B, columns C"));
        Pegboard board = lookup(n -> n instanceof Pegboard p && p.getScene() != null).query();
        assertThat(call(() -> board.getModel().rows().getFirst().terminal().end())).isEqualTo("B");
        for (int n = 0; n < 60 && isAsked(); n++) {
            int had = job().readings().size();
            answer(KeyCode.ENTER);
            await("one more", () -> session.job().readings().size() > had);
            await("shown", () -> isAsked() || shows("As far as asked") || shows("Proved"));
        }
        keys(KeyCode.CONTROL, KeyCode.DIGIT3);
        await("the same two in Route", () -> lookup(n -> n instanceof Pegboard p && p.getScene() != null)
                .<Pegboard>query().getModel().rows().stream().findFirst()
                .map(r -> r.terminal().end().equals("B")).orElse(false));
    }

    @Test
    void aTouchOfOnesOwnIsTypedWhole() {
        trace();
        keys(KeyCode.T);
        await("a field", () -> lookup("#dock-typed").query().isVisible());
        write("A9 B77 beep");
        keys(KeyCode.ENTER);
        await("told", () -> shows("“B77” is not a terminal"));
        assertThat(job().readings()).isEmpty();
        call(() -> {
            lookup("#dock-typed").<javafx.scene.control.TextField>query().setText("A9 B7 119.6");
            return null;
        });
        keys(KeyCode.ENTER);
        await("taken", () -> session.job().readings().size() == 1);
        assertThat(job().readings().getFirst().outcome()).isEqualTo(new Outcome.Resistance(119.6));
        assertThat(job().readings().getFirst().red().getFirst().toString()).isEqualTo("A.9");
        answer(KeyCode.B);
        await("the keys answer the dock again", () -> session.job().readings().size() == 2);
    }

    @Test
    void anyReadingCanBeSetAsideFromItsLine() {
        trace();
        answer(KeyCode.N);
        await("one", () -> session.job().readings().size() == 1);
        answer(KeyCode.B);
        await("two", () -> session.job().readings().size() == 2);
        await("its line", () -> lookup("#reading-1").tryQuery().isPresent());
        WaitForAsyncUtils.waitForFxEvents();
        rightClickOn("#reading-1");
        await("its menu", () -> lookup("Set reading 1 aside").tryQuery().isPresent());
        clickOn("Set reading 1 aside");
        await("aside", () -> session.job().readings().size() == 1);
        assertThat(job().readings().getFirst().outcome()).isEqualTo(Outcome.BEEP);
        assertThat(job().setAside().getFirst().readings().getFirst().outcome()).isEqualTo(Outcome.SILENT);
        assertThat(text(".reading-time")).matches("\\d\\d:\\d\\d:\\d\\d");
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("back", () -> session.job().readings().size() == 2 && session.job().setAside().isEmpty());
    }

    @Test
    void aDisputedReadingIsSetAsideByThePersonAlone() {
        trace();
        edit(j -> j.withReading(Reading.beep("A.2", "B.3")).withReading(Reading.beep("A.2", "B.4"))
                .withReading(Reading.silent("B.3", "B.4")));
        await("told", () -> shows("Readings 1, 2 and 3 cannot all be true"));
        clickOn("#aside-2");
        await("aside", () -> session.job().readings().size() == 2);
        assertThat(job().setAside()).singleElement()
                .satisfies(a -> assertThat(a.readings()).containsExactly(Reading.beep("A.2", "B.4")));
        await("settled", () -> !shows("cannot all be true"));
    }

    @Test
    void aPartIsNamedWithItsPlaceAndValue() {
        trace();
        edit(j -> j.withReadings(List.of(
                Reading.of(Mode.OHMS, touch("A.2", "A.3"), new Outcome.Resistance(119.8)),
                Reading.of(Mode.DIODE, touch("A.7", "A.8"), new Outcome.Voltage(0.61)),
                Reading.of(Mode.DIODE, touch("A.8", "A.7"), new Outcome.Open()))));
        await("the resistor", () -> shows("Component, A.2 – A.3") && shows("119."));
        await("the diode", () -> shows("Diode, A.7 to A.8") && shows("0.61 V"));
        assertThat(call(() -> shows("Components found"))).isFalse();
        edit(j -> j.withReadings(Stream.of("A.1 A.2", "A.3 A.4", "A.5 A.6", "A.7 A.8").map(p -> p.split(" "))
                .map(p -> Reading.of(Mode.OHMS, touch(p[0], p[1]), new Outcome.Resistance(470))).toList()));
        await("many are counted", () -> shows("Components found"));
    }

    @Test
    void theDockIsGreyOnlyWhereAnAnswerTakesLong() {
        trace();
        await("a touch is asked for", this::isAsked);
        ProbeDock dock = lookup("#dock").query();
        assertThat(call(() -> {
            dock.setBusy(true);
            dock.applyCss();
            return lookup("#dock-beep").query().getOpacity();
        })).as("at first").isEqualTo(1);
        assertThat(call(() -> lookup("#dock-beep").query().isDisabled())).as("takes no answer").isTrue();
        await("grey", () -> lookup("#dock-beep").query().getOpacity() < 1);
        call(() -> {
            dock.setBusy(false);
            return null;
        });
        await("as before", () -> lookup("#dock-beep").query().getOpacity() == 1 && isAsked());
    }

    @Test
    void aShortLineLeavesOutTheTimeAndNotWhatWasTouched() {
        trace();
        call(() -> {
            session.edit(j -> j.withReadings(List.of(
                    Reading.beep("A.1", "B.1").at(Instant.parse("2026-01-02T03:04:05Z")),
                    Reading.of(Mode.OHMS,
                            new Touch(List.of(Terminal.parse("A.shell")),
                                    Stream.of("B.1", "B.2", "B.3").map(Terminal::parse).toList()),
                            new Outcome.Resistance(104_700)).at(Instant.parse("2026-01-02T03:04:05Z")))));
            return null;
        });
        await("two lines", () -> lookup("#reading-2").tryQuery().isPresent());
        // found and looked at in one go: the column may be filled or laid out again at any time
        call(() -> {
            Region line = lookup("#reading-2").query();
            Region other = lookup("#reading-1").query();
            for (Region one : List.of(line, other)) {
                one.applyCss();
                one.resize(230, one.getHeight());
                one.layout();
            }
            assertThat(List.of(isTimeShown(line), isTimeShown(other))).containsExactly(false, true);
            Label touch = (Label) line.lookup(".mono");
            assertThat(touch.getText()).contains("A·shell – B ×3");
            assertThat(touch.getWidth()).isGreaterThanOrEqualTo(touch.prefWidth(-1));
            return null;
        });
    }

    private static boolean isTimeShown(Region line) {
        return line.lookup(".reading-time").isVisible();
    }

    private static Touch touch(String red, String black) {
        return Touch.of(Terminal.parse(red), Terminal.parse(black));
    }
}
