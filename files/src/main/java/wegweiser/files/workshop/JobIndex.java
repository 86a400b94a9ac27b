package wegweiser.files.workshop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import wegweiser.core.words.Words;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;

/**
 * The jobs of a workshop. A file is read when its job is first asked for, and again when its time or its size is another;
 * listing reads none. For many threads.
 */
public final class JobIndex {
    private final Workshop workshop;
    private final Map<Path, Known> known = new ConcurrentHashMap<>();

    private record Known(Stamp stamp, BenchJob job) {}

    private record Stamp(Instant touched, long size) {}

    private record Listed(Path file, Instant touched) {}

    public JobIndex(Workshop workshop) {
        this.workshop = workshop;
    }

    /**
     * The files of all jobs, the one that was written last first; O(n log n) without opening any.
     *
     * @throws IOException when the folder cannot be listed
     */
    public List<Path> files() throws IOException {
        if (!Files.isDirectory(workshop.jobs())) {
            return List.of();
        }
        List<Listed> found = new ArrayList<>();
        try (Stream<Path> all = Files.list(workshop.jobs())) {
            for (Path file : all.filter(f -> f.getFileName().toString().endsWith(JobFile.ENDING)).toList()) {
                found.add(new Listed(file, stamp(file).touched()));
            }
        }
        found.sort(Comparator.comparing(Listed::touched).reversed()
                .thenComparing(l -> l.file().getFileName().toString()));
        known.keySet().retainAll(found.stream().map(Listed::file).toList());
        return found.stream().map(Listed::file).toList();
    }

    /** What is known of a file without looking at it: its job as it was last read, else its name alone. */
    public BenchJob glance(Path file) {
        Known before = known.get(file);
        return before == null ? BenchJob.unreadable(file, Instant.EPOCH, "") : before.job();
    }

    /** The job in a file as it was last read, or read now where it never was: for those who look at all of them at every key. */
    public BenchJob known(Path file) {
        Known before = known.get(file);
        return before == null ? read(file) : before.job();
    }

    /** The job in a file; one that cannot be read says why. */
    public BenchJob read(Path file) {
        Stamp now = stamp(file);
        Known before = known.get(file);
        if (before != null && before.stamp().equals(now)) {
            return before.job();
        }
        BenchJob read;
        try {
            read = BenchJob.of(file, now.touched(), JobFile.read(file));
        } catch (BadFile e) {
            read = BenchJob.unreadable(file, now.touched(), e.getMessage());
        } catch (RuntimeException e) {
            read = BenchJob.unreadable(file, now.touched(), Words.say("file.no-job"));
        }
        known.put(file, new Known(now, read));
        return read;
    }

    private static Stamp stamp(Path file) {
        try {
            BasicFileAttributes found = Files.readAttributes(file, BasicFileAttributes.class);
            return new Stamp(found.lastModifiedTime().toInstant(), found.size());
        } catch (IOException _) {
            // gone since it was listed, which whoever reads it is told
            return new Stamp(Instant.EPOCH, -1);
        }
    }
}
