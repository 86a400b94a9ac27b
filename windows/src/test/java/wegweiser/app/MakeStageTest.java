package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.chart.LineChart;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.shape.Rectangle;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wegweiser.app.stage.StageId;
import wegweiser.core.catalog.Termination;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.Step;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Skipped;
import wegweiser.core.model.Waiting;

/** A cable is built at Make by one key, a second for what is left out, and a clock. */
class MakeStageTest extends WindowTest {
    private record Sample(String connector, Termination way, String cable, List<String> links) {}

    /** One connector for each way of joining. */
    private static final List<Sample> SAMPLES = List.of(
            new Sample("dsub-9-socket", Termination.SOLDER_CUP, "serial-9-screened", List.of("2 BN", "3 RD")),
            new Sample("row-254-4-socket", Termination.CRIMP, "control-4", List.of("1 BN", "2 WH")),
            new Sample("box-header-10-socket", Termination.RIBBON, "ribbon-10", List.of("1 1", "2 2")),
            new Sample("m12-a-4-plug", Termination.CIRCULAR_DISPLACEMENT, "sensor-4",
                    List.of("1 BN", "2 WH")),
            new Sample("modular-8p8c-plug", Termination.MODULAR, "utp-4x2-24", List.of("1 WH/OG", "2 OG")),
            new Sample("terminal-4", Termination.SCREW, "control-4", List.of("1 BN", "2 WH")),
            new Sample("jack-3.5-trs-plug", Termination.JACK_SOLDER, "audio-2-screened",
                    List.of("tip RD", "ring WH")),
            new Sample("modular-8p8c-socket", Termination.PUNCH_DOWN, "utp-4x2-24",
                    List.of("1 WH/OG", "2 OG")),
            new Sample("usb-a-plug", Termination.SPLICE, "usb2", List.of("1 RD", "4 BK")),
            new Sample("circular-4", Termination.POTTED, "sensor-4", List.of("1 BN", "2 WH")));

    private static Job job(Sample sample) {
        End one = End.of("A", "Mast logger", sample.connector(), List.of())
                .withTermination(Optional.of(sample.way().id()));
        List<Link> links = new ArrayList<>();
        List<PinRow> rows = new ArrayList<>();
        for (String link : sample.links()) {
            String[] two = link.split(" ");
            rows.add(PinRow.named(two[1]));
            links.add(Link.of("A." + two[0], "B." + two[1]).withConductor(Optional.of(two[1])));
        }
        return Job.of("joined by " + sample.way().id(),
                List.of(one, End.of("B", "Sky sensor", End.LEADS, rows)),
                links, List.of()).withCable(CableUse.of(sample.cable(), 1500));
    }

    private void put(Job job) {
        edit(_ -> job);
        await("the job", () -> job().title().equals(job.title()));
        List<Step> steps = BenchSteps.of(job, true);
        await("its steps", () -> lookup("#step-" + (steps.size() + 1)).tryQuery().isEmpty() && steps.stream()
                .allMatch(s -> lookup("#step-" + s.n()).tryQuery()
                        .filter(row -> from(row).lookup(s.text()).tryQuery().isPresent()).isPresent()));
    }

    private BenchProgress progress() {
        Job job = job();
        return new BenchProgress(BenchSteps.of(job, true), job, Instant.now());
    }

    private BenchProgress progress(List<Step> steps) {
        return new BenchProgress(steps, job(), Instant.now());
    }

    @BeforeEach
    void toMake() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        await("make", () -> window.here() == StageId.MAKE);
    }

    @Test
    void everyWayOfJoiningIsBuiltByTwoKeys() {
        for (Sample sample : SAMPLES) {
            put(job(sample));
            List<Step> steps = progress().steps();
            for (int k = 0; k < 60 && !progress(steps).isFinished(); k++) {
                BenchProgress before = progress(steps);
                Step next = before.next().orElseThrow();
                if (before.state(next) == BenchProgress.State.OPEN) {
                    keys(KeyCode.SPACE);
                } else {
                    await("the clock", () -> shows("left, until"));
                    leaveOut("no time in a test");
                }
                await("step " + next.key(), () -> {
                    BenchProgress now = progress(steps);
                    return now.settled() > before.settled() || !now.running().isEmpty()
                            && now.next().filter(n -> n.key().equals(next.key())).isEmpty();
                });
            }
            assertThat(progress().isFinished()).as(sample.way().id()).isTrue();
            await("built", () -> shows("Built. Prove is next"));
        }
    }

    private void leaveOut(String reason) {
        keys(KeyCode.S);
        await("why",
                () -> lookup("#skip-reason").<TextField>tryQuery().filter(TextField::isFocused).isPresent());
        assertThat(call(() -> lookup("#skip-reason").<TextField>query().getText())).as("nothing typed yet")
                .isEmpty();
        write(reason, 0);
        keys(KeyCode.ENTER);
        await("left out", () -> lookup("#skip-reason").tryQuery().isEmpty());
    }

    @Test
    void nothingIsLeftOutWithoutAReasonAndWhatStandsOnItIsSaid() {
        put(job(SAMPLES.getFirst()));
        keys(KeyCode.S);
        await("what stands on it", () -> shows("later steps stand on it"));
        keys(KeyCode.ENTER);
        keys(KeyCode.ENTER);
        await("a reason", () -> shows("A step is only left out for a reason."));
        keys(KeyCode.ESCAPE);
        assertThat(job().skipped()).isEmpty();
        leaveOut("cut yesterday");
        await("skipped", () -> job().skipped().equals(List.of(Skipped.of(":cut", "cut yesterday"))));
        await("said", () -> shows("left out: cut yesterday"));
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("undone", () -> job().skipped().isEmpty());
    }

    @Test
    void timeGoesOnWhileTheWindowIsClosed() {
        put(job(SAMPLES.getLast()));
        for (int k = 0; k < 30 && job().waiting().isEmpty(); k++) {
            int settled = progress().settled();
            keys(KeyCode.SPACE);
            await("next", () -> progress().settled() > settled || !job().waiting().isEmpty());
        }
        assertThat(job().waiting()).hasSize(3);
        // as if an hour had gone by
        Instant earlier = Instant.now().minusSeconds(3700).truncatedTo(java.time.temporal.ChronoUnit.SECONDS);
        edit(j -> j.withWaiting(j.waiting().stream().map(w -> Waiting.of(w.step(), earlier, 600)).toList()));
        await("time is up", () -> shows("Time is up since"));
        restart();
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        await("told again", () -> shows("Time is up since"));
        assertThat(progress().running()).isEmpty();
        assertThat(progress().next().orElseThrow().key()).isEqualTo("A:sleeve");
    }

    @Test
    void aClockThatRunsIsStillRunningAfterARestart() {
        put(job(SAMPLES.getLast()));
        Instant since = Instant.now().truncatedTo(java.time.temporal.ChronoUnit.SECONDS);
        edit(j -> j.withWaiting(List.of(Waiting.of("A:work", since, 3300))));
        await("kept", () -> job().waiting().size() == 1);
        restart();
        assertThat(job().waiting()).containsExactly(Waiting.of("A:work", since, 3300));
        keys(KeyCode.CONTROL, KeyCode.DIGIT0);
        await("on the bench", () -> lookup("#bench-waiting").tryQuery().filter(n -> n.isVisible()).isPresent()
                && lookup(n -> n instanceof Button b && b.getText().contains("can be worked on. Until"))
                        .tryQuery().isPresent());
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        await("until when", () -> shows("(until "));
    }

    @Test
    void aPedalIsTaughtOnceAndSaysDoneEverAfter() {
        put(job(SAMPLES.getFirst()));
        teach(KeyCode.SPACE, KeyCode.F9);
        await("learnt", () -> text("#settings-pedal").equals("F9"));
        keys(KeyCode.ESCAPE);
        keys(KeyCode.F9);
        await("done", () -> job().done().equals(List.of(":cut")));
        restart();
        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        await("its steps", () -> lookup("#step-1").tryQuery().isPresent());
        keys(KeyCode.F9);
        await("the next one done", () -> job().done().size() == 2);

        teach(KeyCode.ENTER, KeyCode.ESCAPE);
        await("forgotten", () -> text("#settings-pedal").startsWith("none"));
        assertThat(call(() -> lookup("#settings-pedal").tryQuery())).as("settings are still there")
                .isPresent();
        keys(KeyCode.ESCAPE);
        keys(KeyCode.F9);
        keys(KeyCode.BACK_SPACE);
        await("only the key back took anything", () -> job().done().size() == 1);
    }

    /** Opens the settings, presses the button of the pedal by a key, and then the pedal. */
    private void teach(KeyCode press, KeyCode pedal) {
        keys(KeyCode.CONTROL, KeyCode.COMMA);
        await("settings", () -> lookup("#settings-pedal").tryQuery().isPresent());
        call(() -> {
            lookup("#settings-pedal").query().requestFocus();
            return null;
        });
        keys(press);
        await("it listens", () -> text("#settings-pedal").startsWith("the pedal now"));
        keys(pedal);
    }

    @Test
    void stepsMayBeTickedAsFastAsKeysCanBePressed() {
        put(job(SAMPLES.getFirst()));
        int steps = progress().steps().size();
        Platform.runLater(() -> {
            for (int k = 0; k < steps; k++) {
                for (EventType<KeyEvent> type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
                    Event.fireEvent(lookup("#step-1").query(),
                            new KeyEvent(type, "", "", KeyCode.SPACE, false, false, false, false));
                }
            }
        });
        await("all that can be done before something must cool or harden",
                () -> progress().next().filter(s -> progress().state(s) == BenchProgress.State.OPEN)
                        .isEmpty());
    }

    @Test
    void aStripTemplateIsAsLongAsItSays() {
        put(job(SAMPLES.getFirst()));
        keys(KeyCode.SPACE);
        keys(KeyCode.SPACE);
        await("strip", () -> lookup("#strip").tryQuery().filter(n -> n.isVisible()).isPresent());
        call(() -> {
            lookup("#strip-fit").<Button>query().fire();
            return null;
        });
        await("the card", () -> lookup("#screen-ruler-size").tryQuery().isPresent());
        call(() -> {
            lookup("#screen-ruler-size").<Slider>query().setValue(5);
            lookup("#screen-ruler-fits").<Button>query().fire();
            return null;
        });
        await("the sheath, 12 mm of it", () -> lookup(".strip-sheath").<Rectangle>tryQuery()
                .filter(r -> Math.abs(r.getWidth() - 60) < 0.01).isPresent());
    }

    @Test
    void theWayIsTakenStretchByStretch() {
        put(job(SAMPLES.getFirst()));
        call(() -> {
            lookup("#cable-way").<Button>query().fire();
            return null;
        });
        await("the list", () -> lookup("#way-text").tryQuery().isPresent());
        call(() -> {
            lookup("#way-text").<TextArea>query()
                    .setText("1 m bend at the pier\n40 cm\nnowhere\n0.6 along the post");
            return null;
        });
        await("understood", () -> shows("3 stretches understood, 1 line not"));
        call(() -> {
            lookup("#way-take").<Button>query().fire();
            return null;
        });
        await("taken",
                () -> job().cable().lengthMm().getAsDouble() == 2000 && job().cable().way().size() == 3);
        await("its bend", () -> shows("1 bend on the way"));
    }

    @Test
    void labelsAreWrittenForBothEnds() {
        put(job(SAMPLES.getFirst()));
        act("Write labels");
        await("which", () -> shows("Numbers of the units"));
        write("W-0007 to W-0009", 0);
        keys(KeyCode.ENTER);
        await("written", () -> shows("Labels for 3 units were written"));
        assertThat(folder.resolve("sheets")).isDirectoryContaining("glob:**labels.pdf");
    }

    @Test
    void theStepThatIsDoneNextIsInSightHoweverLongTheListIs() {
        call(() -> {
            listTargetWindows().getFirst().setHeight(700);
            return null;
        });
        put(job(SAMPLES.getFirst()));
        for (int k = 1; k <= 12; k++) {
            int n = k;
            keys(KeyCode.SPACE);
            await("step " + n, () -> progress().settled() == n);
        }
        await("seen", () -> {
            ScrollPane list = lookup(".scroll-pane").<ScrollPane>queryAll().stream()
                    .filter(p -> from(p).lookup("#step-13").tryQuery().isPresent()).findFirst().orElseThrow();
            Node row = lookup("#step-13").query();
            return list.localToScene(list.getBoundsInLocal())
                    .contains(row.localToScene(row.getBoundsInLocal()));
        });
    }

    @Test
    void aStepThatTheDiskRefusedIsNotTicked() throws Exception {
        put(job(SAMPLES.getFirst()));
        whileTheDiskRefuses(() -> {
            keys(KeyCode.SPACE);
            await("said", () -> shows("could not be saved"));
            await("open again", () -> shows("Step 1 of"));
        });
        assertThat(job().done()).isEmpty();
        keys(KeyCode.SPACE);
        await("ticked now", () -> job().done().equals(List.of(":cut")) && shows("Step 2 of"));
    }

    @Test
    void partsAreCopiedAsTextForAnOrder() {
        put(job(SAMPLES.getFirst()));
        await("parts", () -> lookup("#parts-copy").tryQuery().isPresent());
        call(() -> {
            lookup("#parts-copy").<Button>query().fire();
            return null;
        });
        await("said", () -> shows("The parts are in the clipboard."));
        assertThat(call(() -> Clipboard.getSystemClipboard().getString())).contains("1 × D-sub 9");
    }

    /** Does something by its words. */
    private void act(String words) {
        keys(KeyCode.CONTROL, KeyCode.K);
        await("finder", () -> lookup("#find-field").tryQuery().isPresent());
        write(words, 0);
        keys(KeyCode.ENTER);
    }

    @Test
    void theSheetIsLookedAtBeforeItIsPrinted() {
        put(job(SAMPLES.getFirst()));
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.P);
        await("pages", () -> lookup("#print").tryQuery().isPresent() && shows("of A4"));
        assertThat(lookup(".paper").<ImageView>queryAll()).isNotEmpty();
        call(() -> {
            lookup("#print-save").<Button>query().fire();
            return null;
        });
        await("written", () -> shows("The sheet was written"));
    }

    @Test
    void severalCablesArePlannedByTheClock() {
        put(job(SAMPLES.getLast()));
        keys(KeyCode.B);
        await("five", () -> shows("5 cables are ready at"));
        call(() -> {
            lookup("#batch-units").<Spinner<Integer>>query().getValueFactory().setValue(3);
            return null;
        });
        await("three", () -> shows("3 cables are ready at") && shows("cable 3 at"));
        assertThat(lookup(".timetable-block").queryAll()).hasSizeGreaterThan(6);
        keys(KeyCode.ESCAPE);
        await("closed", () -> lookup("#batch").tryQuery().isEmpty());
    }

    @Test
    void anotherLengthIsTriedAndTaken() {
        PinRow supply = PinRow.named("1").withSignal("V+").withVolts(12, 12);
        Job job = Job.of("Light panels",
                List.of(End.of("A", "Supply", "terminal-2",
                        List.of(supply.withDirection(Direction.SUPPLY_OUT),
                                PinRow.named("2").withSignal("GND").withDirection(Direction.GROUND))),
                        End.of("B", "Panel", "terminal-2",
                                List.of(supply.withDirection(Direction.SUPPLY_IN).withAmps(1.5),
                                        PinRow.named("2").withSignal("GND")
                                                .withDirection(Direction.GROUND)))),
                List.of(Link.of("A.1", "B.1").withConductor(Optional.of("RD")),
                        Link.of("A.2", "B.2").withConductor(Optional.of("BK"))),
                List.of()).withCable(CableUse.of("silicone-pair-20", 12000));
        put(job);
        await("too much is lost", () -> shows("Would do: "));
        keys(KeyCode.L);
        await("curves", () -> lookup(".chart").<LineChart<Number, Number>>tryQuery()
                .filter(c -> c.getData().size() > 1).isPresent());
        call(() -> {
            lookup("#sizing-length").<Slider>query().setValue(2);
            return null;
        });
        await("it fits", () -> lookup("#sizing").lookup(".state-error").tryQuery().isEmpty());
        call(() -> {
            lookup("#sizing-use").<Button>query().fire();
            return null;
        });
        await("taken", () -> job().cable().lengthMm().getAsDouble() == 2000);
    }
}
