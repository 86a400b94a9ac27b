package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.files.job.JobFile;

/** The program as a person starts it: through the launcher, the window on the module path. */
@Execution(ExecutionMode.CONCURRENT)
class LauncherIT {
    private static final String HEADLESS = "-Dglass.platform=Headless -Dprism.order=sw";
    /** Where a part is to fail, that it does not come is waited for not so long. */
    private static final Map<String, String> SHORT = Map.of("WEGWEISER_JAVA_OPTIONS",
            HEADLESS + " -Dselfcheck.seconds=6");
    private static final Path LAUNCHER = Path.of(System.getProperty("launcher"));

    @TempDir
    private Path folder;

    private record Ran(int status, String out, String err) {}

    @BeforeEach
    void onlyWhereThereIsAShell() {
        assumeThat(Files.isExecutable(Path.of("/bin/bash"))).isTrue();
    }

    private Process start(Map<String, String> environment, List<String> words) throws IOException {
        List<String> command = new ArrayList<>(List.of("/bin/bash", LAUNCHER.toString()));
        command.addAll(words);
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectOutput(folder.resolve("out").toFile()).redirectError(folder.resolve("err").toFile());
        builder.environment().put("WEGWEISER_AS_BUILT", "1");
        builder.environment().put("JAVA_HOME", System.getProperty("java.home"));
        builder.environment().put("WEGWEISER_JAVA_OPTIONS", HEADLESS);
        environment.forEach((name, value) -> {
            if (value.isEmpty()) {
                builder.environment().remove(name);
            } else {
                builder.environment().put(name, value);
            }
        });
        return builder.start();
    }

    private Ran run(Map<String, String> environment, String... words) throws Exception {
        Process process = start(environment, List.of(words));
        process.getOutputStream().close();
        assertThat(process.waitFor(120, TimeUnit.SECONDS)).as("ends by itself").isTrue();
        return new Ran(process.exitValue(), Files.readString(folder.resolve("out")),
                Files.readString(folder.resolve("err")));
    }

    private static void isOneSentence(String err) {
        assertThat(err.lines().filter(l -> !l.isBlank())).hasSize(1);
        assertThat(err.strip()).startsWith("wegweiser: ").endsWith(".").doesNotContain("Exception")
                .doesNotContain("\tat ");
    }

    private Path workshop() throws IOException {
        Path shop = folder.resolve("shop");
        DemoWorkshop.create(shop);
        Path file = shop.resolve("jobs").resolve("two wires" + JobFile.ENDING);
        Job job = JobFileIn.twoWires();
        JobFile.write(file, job.withReading(Reading.beep("A.1", "B.1")));
        return file;
    }

    @Test
    void everyPartOfTheWindowWorksOnTheModulePath() throws Exception {
        Path file = workshop();
        Ran ran = run(Map.of(), "window", "--self-check", "--workshop", folder.resolve("shop").toString(),
                file.toString());
        assertThat(ran.out).as(ran.err).contains("all parts work").contains("works: sheet as PDF")
                .contains("works: logbook")
                .contains("works: fonts");
        assertThat(ran.status).isZero();
        assertThat(Files.size(folder.resolve("shop").resolve("sheets").resolve("two wires.pdf")))
                .isGreaterThan(1000);
    }

    @Test
    void withoutADisplayOneSentenceSaysSo() throws Exception {
        for (String word : List.of("window", "demo", "x" + JobFile.ENDING)) {
            Ran ran = run(Map.of("DISPLAY", "", "WEGWEISER_JAVA_OPTIONS", ""), word);
            assertThat(ran.status).isEqualTo(2);
            isOneSentence(ran.err);
            assertThat(ran.err).contains("display");
        }
    }

    @Test
    void withoutAHomeTheCommandsWork() throws Exception {
        Path file = workshop();
        Ran ran = run(Map.of("HOME", "", "JAVA_HOME", ""), "check", file.toString());
        assertThat(ran.err).isEmpty();
        assertThat(ran.status).isLessThan(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/dev/zero", "/dev/null", "/proc/self/mem", "nowhere.json", "."})
    void whatIsNoFileIsRefusedInOneSentence(String path) throws Exception {
        Ran ran = run(Map.of(), "check", path);
        assertThat(ran.status).isEqualTo(2);
        isOneSentence(ran.err);
    }

    @Test
    void aNameWithAnUmlautIsReadInThePlainLocaleToo() throws Exception {
        Path file = folder.resolve("Messger\u00E4t" + JobFile.ENDING);
        JobFile.write(file, JobFileIn.twoWires());
        Ran ran = run(Map.of("LC_ALL", "C"), "check", file.toString());
        assertThat(ran.err).isEmpty();
        assertThat(ran.status).isLessThan(2);
    }

    @Test
    void aWorkshopThatCannotBeWrittenToIsShownAllTheSame() throws Exception {
        Files.writeString(folder.resolve("a file"), "in the way");
        Ran ran = run(SHORT, "window", "--self-check", "--workshop",
                folder.resolve("a file").resolve("shop").toString());
        assertThat(ran.out).contains("works: stage trace").contains("works: stage log").contains("notice: ");
        assertThat(ran.err).doesNotContain("Exception").doesNotContain("\tat ");
    }

    @Test
    void aDamagedLogbookLeavesTheRestOfTheWindowUsable() throws Exception {
        Path file = workshop();
        Files.write(folder.resolve("shop").resolve("logbook.db"), new byte[]{1, 2, 3, 4, 5});
        Ran ran = run(SHORT, "window", "--self-check", "--workshop", folder.resolve("shop").toString(),
                file.toString());
        assertThat(ran.out).contains("works: stage log").contains("works: sheet as PDF")
                .contains("failed: logbook");
        assertThat(ran.err).doesNotContain("Exception").doesNotContain("\tat ");
    }

    @Test
    void aFullDiskIsNoSuccess() throws Exception {
        assumeThat(Files.exists(Path.of("/dev/full"))).isTrue();
        Path file = workshop();
        Process process = new ProcessBuilder("/bin/bash", "-c",
                "WEGWEISER_AS_BUILT=1 '" + LAUNCHER + "' check '" + file + "' > /dev/full")
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor()).isEqualTo(2);
        isOneSentence(said);
    }
}
