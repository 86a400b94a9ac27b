package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.time.Instant;
import java.util.List;
import java.util.function.BooleanSupplier;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.app.stage.StageId;
import wegweiser.core.advice.Fixture;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.make.BenchProgress;
import wegweiser.core.make.BenchSteps;
import wegweiser.files.job.JobFile;

/** The whole work once, from two ports to a proved and logged unit, by keys and clicks alone. */
class StoryTest extends WindowTest {
    @Test
    void fromTwoPortsToALoggedUnit() throws Exception {
        await("what the ports are to each other",
                () -> shows("are both terminals (DTE): the cable must be crossed"));

        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("the bench of Trace", () -> lookup("#fixture").tryQuery().isPresent());
        clickOn("#fixture").clickOn("bridged groups");
        await("a first touch", this::isAsked);
        assertThat(job().readings()).isEmpty();
        answerEverything(() -> shows("each measured or deduced"));
        await("proved", () -> shows("each measured or deduced"));
        assertThat(Proof.of(job()).isProved()).isTrue();
        assertThat(Evidence.of(job()).nets().joinedNets()).hasSize(8);

        int all = job().readings().size();
        keys(KeyCode.CONTROL, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.Z);
        await("two taken back", () -> session.job().readings().size() == all - 2);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        keys(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        await("done again", () -> session.job().readings().size() == all);

        keys(KeyCode.CONTROL, KeyCode.DIGIT3);
        await("ways to join", () -> lookup("#scheme-full-handshake").tryQuery().isPresent()
                && lookup("#scheme-three-wires").tryQuery().isPresent());
        keys(KeyCode.DIGIT1);
        await("a plan", () -> session.job().links().size() >= 7);
        await("the lead is not wired like the plan",
                () -> shows("The cable that was measured is not wired like this plan"));
        clickOn("#fix-plan-contradicts-reading");
        await("set aside", () -> session.job().readings().isEmpty());
        assertThat(job().setAside()).hasSize(1);
        await("no finding to decide", () -> shows("errors: 0"));

        keys(KeyCode.CONTROL, KeyCode.DIGIT4);
        await("the first step", () -> shows("Cut 1.91 m of network cable"));
        for (int k = 0; k < 60 && !shows("Built. Prove is next"); k++) {
            int settled = settled();
            if (waits()) {
                await("the clock", () -> shows("left, until"));
                keys(KeyCode.S);
                await("why", () -> lookup("#skip-reason").<TextField>tryQuery().filter(TextField::isFocused)
                        .isPresent());
                write("it is cold", 0);
                keys(KeyCode.ENTER);
            } else {
                keys(KeyCode.SPACE);
            }
            await("a step done", () -> settled() > settled || shows("Built. Prove is next"));
        }
        await("built", () -> shows("Built. Prove is next"));

        keys(KeyCode.CONTROL, KeyCode.P);
        await("the sheet", () -> shows("The sheet was written"));
        assertThat(folder.resolve("sheets").resolve("mast-logger-to-dome-computer.pdf")).isNotEmptyFile();
        assertThat(folder.resolve("sheets").resolve("mast-logger-to-dome-computer.html")).isNotEmptyFile();

        keys(KeyCode.CONTROL, KeyCode.DIGIT5);
        await("not yet safe", () -> text("#banner").startsWith("Not tested yet"));
        answerEverything(() -> text("#banner").startsWith("Tested: 1 in "));
        assertThat(text("#record")).startsWith("Log as tested, 1 in ");
        keys(KeyCode.R);
        await("recorded", () -> shows("Recorded as W-0001"));

        int readings = job().readings().size();
        restart();
        assertThat(job().readings()).hasSize(readings);
        keys(KeyCode.CONTROL, KeyCode.L);
        await("in the logbook", () -> lookup("#log-table").<TableView<?>>query().getItems().size() == 1);
        assertThat(call(() -> window.here())).isEqualTo(StageId.LOG);
        assertThat(JobFile.read(session.file().orElseThrow())).isEqualTo(job());
        assertThat(Files.exists(folder.resolve("logbook.db"))).isTrue();
        assertThat(Fixture.COMB.canGang()).isTrue();

        // what was made once may lie on the bench again
        edit(j -> j.withLinks(List.of()));
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("the unit in the log is what the readings fit", () -> shows("W-0001"));
    }

    /** Takes what the simulated meter shows, touch after touch, until the screen says that it is enough. */
    private void answerEverything(BooleanSupplier enough) {
        for (int k = 0; k < 300 && !call(enough::getAsBoolean); k++) {
            await("a touch is asked for, or no more is needed", () -> isAsked() || enough.getAsBoolean());
            int before = job().readings().size();
            keys(KeyCode.ENTER);
            long until = System.nanoTime() + 400_000_000L;
            while (System.nanoTime() < until && job().readings().size() == before) {
                sleep(10);
            }
        }
    }

    private int settled() {
        return job().done().size() + job().skipped().size();
    }

    /** Whether there is nothing to do but to wait. */
    private boolean waits() {
        BenchProgress progress = new BenchProgress(BenchSteps.of(job(), true), job(), Instant.now());
        return progress.next().filter(s -> progress.state(s) == BenchProgress.State.RUNNING).isPresent();
    }
}
