package wegweiser.files.workshop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wegweiser.core.model.Job;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;

/** A person's own cables to start from: job files in a folder of the workshop, planned and never built. */
public record OwnUsual(Workshop workshop) {
    /** One of them. */
    public record Kept(Path file, Job job) {}

    private Path folder() {
        return workshop.folder().resolve("usual");
    }

    /** All of them, by their titles; files that cannot be read are left out. */
    public List<Kept> all() {
        List<Kept> found = new ArrayList<>();
        if (!Files.isDirectory(folder())) {
            return found;
        }
        try (Stream<Path> files = Files.list(folder())) {
            files.filter(f -> f.getFileName().toString().endsWith(JobFile.ENDING))
                    .forEach(file -> read(file).ifPresent(job -> found.add(new Kept(file, job))));
        } catch (IOException _) {
            return List.of();
        }
        found.sort((a, b) -> a.job().title().compareToIgnoreCase(b.job().title()));
        return found;
    }

    /** The job in a file; one that cannot be read stays where it is for whoever mends it. */
    private static Optional<Job> read(Path file) {
        try {
            return Optional.of(JobFile.read(file));
        } catch (BadFile _) {
            return Optional.empty();
        }
    }

    /** Keeps a job under a title to start from: its ends, cable and plan, without what was measured or built. */
    public Path keep(Job job, String title) throws IOException {
        return JobFile.create(workshop.names(folder(), title),
                job.withTitle(title).withCable(job.cable().another()).withReadings(List.of()).unbuilt()
                        .withSetAside(List.of()));
    }
}
