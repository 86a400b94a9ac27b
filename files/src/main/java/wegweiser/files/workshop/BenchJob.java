package wegweiser.files.workshop;

import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.files.job.JobFile;

/**
 * A job as it lies on the bench.
 *
 * @param touched when its file was last written
 * @param job what is in the file; empty when it cannot be read
 * @param trouble why it cannot be read, in a sentence
 * @param words all that it can be found by, in small letters
 */
public record BenchJob(Path file, Instant touched, Optional<Job> job, String trouble, String words) {
    static BenchJob of(Path file, Instant touched, Job job) {
        return new BenchJob(file, touched, Optional.of(job), "", words(file, job));
    }

    static BenchJob unreadable(Path file, Instant touched, String trouble) {
        return new BenchJob(file, touched, Optional.empty(), trouble, stem(file).toLowerCase(Locale.ROOT));
    }

    /** What it is called: its title, or the name of its file where it has none. */
    public String title() {
        return job.map(Job::title).filter(t -> !t.isBlank()).orElseGet(() -> stem(file));
    }

    private static String stem(Path file) {
        return file.getFileName().toString().replace(JobFile.ENDING, "");
    }

    /** Whether each of some words, in any letters, stands somewhere in it. */
    public boolean matches(String typed) {
        return Arrays.stream(typed.toLowerCase(Locale.ROOT).strip().split("\\s+")).allMatch(words::contains);
    }

    private static String words(Path file, Job job) {
        List<String> all = new ArrayList<>(List.of(job.title(), stem(file)));
        Catalogue catalogue = Catalogue.of(job);
        for (End end : job.ends()) {
            all.add(end.device());
            all.add(end.connector());
            catalogue.of(end).map(ConnectorType::title).ifPresent(all::add);
            for (PinRow row : end.pinout()) {
                all.add(end.terminal(row.contact()).toString());
                row.name().ifPresent(all::add);
                row.signal().ifPresent(all::add);
                row.level().ifPresent(all::add);
            }
        }
        Cables.of(job).map(CableStock::title).ifPresent(all::add);
        return String.join(" ", all).toLowerCase(Locale.ROOT);
    }
}
