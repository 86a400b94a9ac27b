package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.files.job.JobFile;

/**
 * Starts the real program, feeds it readings, kills it hard at random moments, and looks after each restart
 * whether every reading it had acknowledged is there.
 */
class CrashTest {
    private static final int KILLS = Integer.getInteger("kills", 16);

    @TempDir
    private Path folder;

    private static Process start(Path job) throws IOException {
        return new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1", "-cp",
                System.getProperty("java.class.path"), "wegweiser.app.Main", "read", job.toString())
                .redirectError(ProcessBuilder.Redirect.DISCARD).start();
    }

    @Test
    void nothingThatWasAcknowledgedIsEverLost() throws Exception {
        Path file = DemoWorkshop.create(folder);
        SplittableRandom random = new SplittableRandom(2026);
        int acknowledgedInAll = 0;
        int killedInTheMiddle = 0;
        for (int round = 0; round < KILLS; round++) {
            int before = JobFile.read(file).readings().size();
            AtomicInteger acknowledged = new AtomicInteger(before);
            Process program = start(file);
            Thread listener = new Thread(() -> listen(program, acknowledged));
            Thread feeder = new Thread(() -> feed(program, before));
            listener.start();
            feeder.start();
            // half of the kills wait until work is under way, the others strike whenever they strike
            long wait = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
            while (round % 2 == 0 && acknowledged.get() == before && System.nanoTime() < wait) {
                Thread.sleep(1);
            }
            Thread.sleep(random.nextInt(round % 2 == 0 ? 60 : 700));
            program.destroyForcibly().waitFor();
            feeder.join();
            listener.join();
            Job after = JobFile.read(file);
            assertThat(after.readings().size()).as("round %d", round)
                    .isGreaterThanOrEqualTo(acknowledged.get());
            for (int k = 0; k < after.readings().size(); k++) {
                assertThat(after.readings().get(k).touch()).isEqualTo(expected(k).touch());
            }
            acknowledgedInAll = acknowledged.get();
            killedInTheMiddle += acknowledged.get() > before ? 1 : 0;
        }
        // each kill that waited saw at least one; how many more depends on what else the machine does
        assertThat(acknowledgedInAll).isGreaterThanOrEqualTo(KILLS / 2);
        assertThat(killedInTheMiddle).isGreaterThanOrEqualTo(KILLS / 2);
    }

    private static Reading expected(int k) {
        return Reading.silent("A." + (1 + k % 9), "B." + (1 + k / 9 % 8));
    }

    private static void feed(Process program, int from) {
        try (OutputStream in = program.getOutputStream()) {
            for (int k = from; k < from + 5000; k++) {
                Reading reading = expected(k);
                String line = reading.red().getFirst() + " " + reading.black().getFirst() + " silent\n";
                in.write(line.getBytes(StandardCharsets.UTF_8));
                in.flush();
            }
        } catch (IOException _) {
            // the program was killed, which is the point
            return;
        }
    }

    private static void listen(Process program, AtomicInteger acknowledged) {
        try (BufferedReader out = new BufferedReader(
                new InputStreamReader(program.getInputStream(), StandardCharsets.UTF_8))) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                List<String> words = List.of(line.split(" "));
                if (words.size() == 2 && words.getFirst().equals("saved")) {
                    acknowledged.set(Integer.parseInt(words.get(1)));
                }
            }
        } catch (IOException | NumberFormatException _) {
            // a line cut short by the kill acknowledges nothing
            return;
        }
    }
}
