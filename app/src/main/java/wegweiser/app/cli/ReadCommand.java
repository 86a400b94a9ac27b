package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import wegweiser.core.readings.TypedReading;
import wegweiser.files.job.JobFile;

/**
 * Adds readings to a job, one a line such as {@code A.4 B.6 beep}. Each is acknowledged with its number when it
 * is on the disk.
 */
@Command(name = "read")
final class ReadCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB")
    private Path file;

    private record Saved(int saved) {}

    @Override
    public Integer call() throws Exception {
        JobFile.Stored at = JobFile.load(file);
        int refused = 0;
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        for (String raw = in.readLine(); raw != null; raw = in.readLine()) {
            // some editors begin every text with a byte order mark
            String line = raw.startsWith("\uFEFF") ? raw.substring(1) : raw;
            if (line.isBlank()) {
                continue;
            }
            try {
                String text = line;
                Instant now = Instant.now().truncatedTo(ChronoUnit.MILLIS);
                at = JobFile.update(file, at,
                        (job, _) -> job.withReading(TypedReading.parse(text, job).at(now)));
            } catch (IllegalArgumentException e) {
                refused++;
                spec.commandLine().getErr().println("wegweiser: " + e.getMessage());
                continue;
            }
            int saved = at.job().readings().size();
            write(new Saved(saved), List.of(t("cli.saved", saved)));
        }
        return refused == 0 ? CommandLineApp.FINE : CommandLineApp.UNUSABLE;
    }
}
