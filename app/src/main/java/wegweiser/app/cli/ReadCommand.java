package wegweiser.app.cli;

import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import wegweiser.core.readings.TypedReading;
import wegweiser.files.job.JobFile;

/**
 * Adds readings to a job, one a line such as {@code A.4 B.6 beep}. Each is acknowledged with its number when it
 * is on the disk.
 */
@Command(name = "read", description = "Adds readings from standard input to a job, one a line: A.4 B.6 beep, A.2 A.7 119.6.", footerHeading = "%nExample%n", footer = {
        "  printf \"A.4 B.6 beep\\n\" | wegweiser read dome.wegweiser.json"})
final class ReadCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "JOB", description = "A job file; it is changed.")
    private Path file;

    @Override
    public Integer call() throws Exception {
        JobFile.Stored at = JobFile.load(file);
        int refused = 0;
        BufferedReader in = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        for (String line = in.readLine(); line != null; line = in.readLine()) {
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
            write(Map.of("saved", saved), List.of("saved " + saved));
        }
        return refused == 0 ? CommandLineApp.FINE : CommandLineApp.UNUSABLE;
    }
}
