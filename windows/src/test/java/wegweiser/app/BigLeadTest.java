package wegweiser.app;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.files.job.JobFile;

/** A lead with eight ends of fifty contacts: it is traced, and no stage waits for another's work. How long is told. */
class BigLeadTest extends WindowTest {
    @Override
    protected Path fill(Path workshop) throws IOException {
        List<End> ends = new ArrayList<>();
        for (char name = 'A'; name <= 'H'; name++) {
            ends.add(End.of(String.valueOf(name), "Panel " + name, "dsub-50-socket", List.of()));
        }
        Path file = workshop.resolve("jobs").resolve("big" + JobFile.ENDING);
        JobFile.write(file, Job.of("flat-field light panels", ends, List.of(), List.of()));
        return file;
    }

    @Test
    void isTracedWhileAPersonWaits() {
        long start = System.nanoTime();
        keys(KeyCode.CONTROL, KeyCode.DIGIT2);
        await("a first touch", this::isAsked);
        tell("first picture", start);
        for (int n = 1; n <= 5; n++) {
            int wanted = n;
            long asked = System.nanoTime();
            keys(KeyCode.N);
            await("touch " + n,
                    () -> session.job().readings().size() == wanted && !session.busyProperty().get());
            await("asked on", this::isAsked);
            tell("next touch", asked);
        }
        answer(KeyCode.B);
        // the belief is being computed; the log does not wait for it
        long log = System.nanoTime();
        keys(KeyCode.CONTROL, KeyCode.L);
        await("the empty logbook", () -> shows("No unit yet"));
        tell("log", log);
        keys(KeyCode.CONTROL, KeyCode.DIGIT3);
        await("route", () -> shows("errors: "));
    }

    private static void tell(String what, long since) {
        Runtime memory = Runtime.getRuntime();
        System.out.printf("8 x 50: %s %d ms, %d MB%n", what, (System.nanoTime() - since) / 1_000_000,
                memory.totalMemory() - memory.freeMemory() >> 20);
    }
}
