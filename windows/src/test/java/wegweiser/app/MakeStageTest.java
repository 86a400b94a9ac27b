package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.Step;
import wegweiser.core.model.Skipped;
import wegweiser.core.model.Waiting;

/** A cable is built at Make by one key, a second for what is left out, and a clock. */
class MakeStageTest extends MakeTest {
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

}
