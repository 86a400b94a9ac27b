package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.core.model.Reading;
import wegweiser.files.job.JobFile;

/** The window, and the command in processes of its own, at one job at the same time: nobody's readings are lost. */
class TwoWritersTest extends WindowTest {
    private static final int LINES = 9;

    private static Process feed(Path job, int row) throws IOException {
        Process program = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1", "-cp", System.getProperty("java.class.path"), "wegweiser.app.Main",
                "read", job.toString()).redirectErrorStream(true).start();
        try (OutputStream in = program.getOutputStream()) {
            for (int k = 1; k <= LINES; k++) {
                in.write(("A." + row + " A." + (k == row ? "shell" : k) + " silent\n")
                        .getBytes(StandardCharsets.UTF_8));
            }
        }
        return program;
    }

    private static long acknowledged(Process program) throws Exception {
        String said = new String(program.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(program.waitFor()).as(said).isZero();
        return said.lines().filter(l -> l.startsWith("saved ")).count();
    }

    @Test
    void commandsAndTheWindowLoseNothing() throws Exception {
        Path file = call(() -> session.file().orElseThrow());
        int before = job().readings().size();
        // a message that only informs goes by itself, maybe before anybody looks
        List<String> said = new CopyOnWriteArrayList<>();
        Platform.runLater(() -> session.notices().words().addListener((_, _, words) -> said.add(words)));
        List<Process> programs = new ArrayList<>();
        for (int row = 1; row <= 3; row++) {
            programs.add(feed(file, row));
        }
        int mine = 0;
        while (programs.stream().anyMatch(Process::isAlive) || mine < LINES) {
            int k = ++mine;
            Platform.runLater(
                    () -> session.edit(j -> j.withReading(Reading.silent("A.9", "A." + (k % 8 + 1)))));
            sleep(60);
        }
        long acknowledged = mine;
        for (Process program : programs) {
            acknowledged += acknowledged(program);
        }
        await("everything is on the disk", () -> !session.busyProperty().get());
        assertThat(acknowledged).isEqualTo(mine + 3L * LINES);
        assertThat(JobFile.read(file).readings()).hasSize((int) (before + acknowledged));
        Platform.runLater(() -> session.lookAgain());
        await("the window shows it all",
                () -> session.job().readings().size() == before + 3 * LINES + countMine());
        assertThat(said).anyMatch(words -> words.contains("Somebody else changed this job"));
    }

    private int countMine() {
        return (int) session.job().readings().stream().filter(r -> r.red().getFirst().toString().equals("A.9")
                && r.black().getFirst().end().equals("A")).count();
    }

    @Test
    void undoTakesNothingBackThatSomebodyElseDid() throws Exception {
        Path file = call(() -> session.file().orElseThrow());
        edit(j -> j.withTitle("mine"));
        JobFile.update(file, JobFile.load(file), (j, _) -> j.withReading(Reading.beep("A.1", "B.1")));
        Platform.runLater(session::undo);
        await("what somebody else did is shown", () -> !session.job().readings().isEmpty());
        assertThat(job().title()).isEqualTo("mine");
        assertThat(JobFile.read(file)).isEqualTo(job());
    }

    @Test
    void aKeyThatIsHeldAnswersOnce() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("Trace asks",
                () -> lookup("#dock-next").tryQuery().isPresent() || window.here().name().equals("TRACE"));
        sleep(600);
        int before = job().readings().size();
        // a key that is held is pressed again and again, and released once
        for (int k = 0; k < 6; k++) {
            press(KeyCode.B);
            sleep(120);
            call(() -> {
                var target = window.root().getScene().getFocusOwner();
                target = target == null ? window.root() : target;
                javafx.event.Event.fireEvent(target, new javafx.scene.input.KeyEvent(
                        javafx.scene.input.KeyEvent.KEY_PRESSED, "b", "b", KeyCode.B, false, false, false,
                        false));
                return null;
            });
        }
        release(KeyCode.B);
        await("saved", () -> !session.busyProperty().get());
        assertThat(job().readings()).hasSize(before + 1);
        keys(KeyCode.B);
        await("a second press is a second answer", () -> session.job().readings().size() == before + 2);
    }

    @Test
    void whereThereIsNothingToRecordTheKeyRecordsNothing() {
        edit(j -> j.withReadings(List.of()).withLinks(List.of()));
        keys(KeyCode.CONTROL, KeyCode.DIGIT5);
        keys(KeyCode.R);
        await("it says why", () -> session.notices().words().get().contains("nothing to record"));
        assertThat(folder.resolve("logbook.db")).doesNotExist();
    }

    @Override
    protected Path fill(Path workshop) throws IOException {
        return DemoWorkshop.create(workshop);
    }
}
