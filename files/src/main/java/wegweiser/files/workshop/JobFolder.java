package wegweiser.files.workshop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import wegweiser.core.model.Job;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;
import wegweiser.files.io.FileTurn;
import wegweiser.files.job.JobFile;

/**
 * What is done to whole jobs of a workshop. Each can be undone: what is removed lies in a folder of its own, and what is put
 * away stays where it is and only is not shown.
 */
public record JobFolder(Workshop workshop) {
    private static final String AWAY = "away.";

    /**
     * Gives a job another title, in the file of the same name; whoever has it open takes that in.
     *
     * @return the title that it had
     */
    public String rename(Path file, String title) throws IOException, BadFile {
        JobFile.Stored before = JobFile.load(file);
        JobFile.update(file, before, (job, _) -> job.withTitle(title));
        return before.job().title();
    }

    /** Puts a job as it is into a file of its own, under another title. */
    public Path duplicate(Path file, String title) throws IOException, BadFile {
        Job job = JobFile.read(file);
        return add(job.withTitle(title).withCable(job.cable().another()));
    }

    /** Puts a job into a file of its own, named after its title. */
    public Path add(Job job) throws IOException {
        return JobFile.create(workshop.names(workshop.jobs(), job.title()), job);
    }

    /**
     * Takes a job off the bench for good.
     *
     * @return where it lies now
     */
    public Path remove(Path file) throws IOException {
        Path folder = workshop.removed();
        Files.createDirectories(folder);
        return FileTurn.take(file,
                () -> AtomicFile.move(file, Workshop.names(folder.resolve(file.getFileName()))));
    }

    /**
     * Puts a removed job back where it was. Where its place was taken meanwhile, as by somebody who had it open, it gets
     * another, so that neither is lost.
     *
     * @return where it is now
     */
    public Path putBack(Path removed, Path file) throws IOException {
        Files.createDirectories(file.toAbsolutePath().getParent());
        return FileTurn.take(file, () -> AtomicFile.move(removed, Workshop.names(file)));
    }

    /** Puts a job away, or takes it out again. */
    public void putAway(Path file, boolean away) throws IOException {
        workshop.remember(Map.of(AWAY + file.getFileName(), String.valueOf(away)));
    }

    /** The names of the files whose jobs are put away. */
    public Set<String> away() {
        return workshop.settingsUnder(AWAY).entrySet().stream().filter(e -> e.getValue().equals("true"))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }
}
