package wegweiser.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;

/** Changes of a job that somebody else changes too. */
class JobUpdateTest {
    @TempDir
    private Path folder;

    private Path file;

    @BeforeEach
    void aJob() throws IOException {
        file = folder.resolve("job" + JobFile.ENDING);
        JobFile.write(file, Job.of("dome drive", List.of(End.of("A", "", "terminal-12", List.of()),
                End.of("B", "", "terminal-12", List.of())), List.of(), List.of()));
    }

    private static Job titled(Job job, String more) {
        return job.withTitle(job.title() + more);
    }

    @Test
    void aChangeIsMadeToWhatSomebodyElseWrote() throws Exception {
        JobFile.Stored mine = JobFile.load(file);
        JobFile.Stored theirs = JobFile.load(file);
        JobFile.update(file, theirs, (job, _) -> titled(job, " theirs"));
        AtomicBoolean told = new AtomicBoolean();
        JobFile.Stored both = JobFile.update(file, mine, (job, elsewhere) -> {
            told.set(elsewhere);
            return titled(job, " mine");
        });
        assertThat(told).isTrue();
        assertThat(both.job().title()).isEqualTo("dome drive theirs mine");
        assertThat(JobFile.load(file)).isEqualTo(both);
    }

    @Test
    void aFileThatIsGoneIsWrittenAgainAndWhatChangesNothingIsNot() throws Exception {
        JobFile.Stored known = JobFile.load(file);
        Files.delete(file);
        assertThat(JobFile.update(file, known, (job, _) -> job)).isNotNull();
        assertThat(JobFile.read(file)).isEqualTo(known.job());
        var before = Files.getLastModifiedTime(file);
        JobFile.update(file, JobFile.load(file), (job, _) -> job);
        assertThat(Files.getLastModifiedTime(file)).isEqualTo(before);
    }

    @Test
    void whatIsNoJobIsNotReplaced() throws Exception {
        JobFile.Stored known = JobFile.load(file);
        Files.writeString(file, "a letter to the telescope maker");
        assertThatThrownBy(() -> JobFile.update(file, known, (job, _) -> titled(job, "!")))
                .isInstanceOf(BadFile.class);
        assertThat(file).hasContent("a letter to the telescope maker");
    }

    @Test
    void whatCouldNotBeOpenedAgainIsNotWritten() throws Exception {
        String before = Files.readString(file);
        Job job = JobFile.read(file);
        Touch three = new Touch(List.of(Terminal.parse("A.1")),
                List.of(Terminal.parse("B.1"), Terminal.parse("B.2")));
        for (Job bad : List.of(job.withReading(Reading.of(Mode.REACTION, three, Outcome.REACTS)),
                job.withReading(Reading.of(Mode.OHMS, Touch.of(Terminal.parse("A.1"), Terminal.parse("B.1")),
                        new Outcome.Resistance(Double.POSITIVE_INFINITY))),
                job.withEnds(List.of()), job.withTitle("left \u202E right"),
                job.withEnds(List.of(End.of("\u2003", "", End.LEADS, List.of()))))) {
            assertThatThrownBy(() -> JobFile.write(file, bad)).isInstanceOf(IOException.class)
                    .hasMessageContaining("opened again");
            assertThat(file).hasContent(before);
        }
    }

    @Test
    void linkModeAndNeighboursStayAsTheyWere() throws Exception {
        assumeThat(Files.getFileStore(folder).supportsFileAttributeView("posix")).isTrue();
        Path link = folder.resolve("link" + JobFile.ENDING);
        Files.createSymbolicLink(link, file);
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r--"));
        JobFile.update(link, JobFile.load(link), (job, _) -> titled(job, " through the link"));
        assertThat(link).isSymbolicLink();
        assertThat(JobFile.read(file).title()).endsWith("through the link");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file))).isEqualTo("rw-rw-r--");
        try (Stream<Path> all = Files.list(folder)) {
            assertThat(all).containsExactlyInAnyOrder(file, link);
        }
        Path fresh = folder.resolve("fresh.txt");
        Files.writeString(folder.resolve("usual.txt"), "");
        AtomicFile.write(fresh, new byte[]{1});
        assertThat(Files.getPosixFilePermissions(fresh)).as("as the umask has it")
                .isEqualTo(Files.getPosixFilePermissions(folder.resolve("usual.txt")));
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 5})
    void nothingThatManyThreadsWriteIsLost(int threads) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(threads);
        try {
            List<Future<?>> all = IntStream.range(0, threads).<Future<?>>mapToObj(k -> pool.submit(() -> {
                JobFile.Stored mine = JobFile.load(file);
                for (int n = 0; n < 12; n++) {
                    Reading reading = Reading.silent("A." + (k + 1), "B." + (n + 1));
                    mine = JobFile.update(file, mine, (job, _) -> job.withReading(reading));
                }
                return null;
            })).toList();
            for (Future<?> one : all) {
                one.get();
            }
        } finally {
            pool.shutdown();
        }
        assertThat(JobFile.read(file).readings()).hasSize(12 * threads).doesNotHaveDuplicates();
    }
}
