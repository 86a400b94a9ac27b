package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wegweiser.core.library.Library;
import wegweiser.core.make.Article;
import wegweiser.core.model.Job;
import wegweiser.core.shelf.Shelf;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.usual.UsualCable;
import wegweiser.files.job.JobFile;
import wegweiser.files.log.Logbook;
import wegweiser.files.log.Unit;
import wegweiser.files.workshop.Workshop;

/**
 * Two programs at once in one workshop that make files, record units and count the shelf off, killed hard in the middle:
 * what they said is there afterwards, each in a file of its own, and shelf and marks agree. {@code -Dkills=200} kills so
 * often in place of 3.
 */
class KilledTest {
    private static final int KILLS = Integer.getInteger("kills", 3);
    private static final double SOCKETS = 100_000;

    @TempDir
    private Path folder;
    private Workshop workshop;
    private Path job;

    /** A running program, and what it said so far. */
    private record Running(Process process, List<String> said, Thread listener) {
        static Running start(String what, Path folder, Path job, String name) throws IOException {
            Process process = new ProcessBuilder(
                    Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                    "-XX:TieredStopAtLevel=1", "-cp", System.getProperty("java.class.path"),
                    "wegweiser.app.Deeds", what, folder.toString(), job.toString(), name)
                    .redirectError(ProcessBuilder.Redirect.INHERIT).start();
            List<String> said = new ArrayList<>();
            Thread listener = Thread.ofPlatform().start(() -> {
                try (BufferedReader out = new BufferedReader(
                        new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
                    for (String line = out.readLine(); line != null; line = out.readLine()) {
                        synchronized (said) {
                            said.add(line);
                        }
                    }
                } catch (IOException _) {
                    // killed in the middle of a line, which says nothing
                    return;
                }
            });
            return new Running(process, said, listener);
        }

        int count() {
            synchronized (said) {
                return said.size();
            }
        }

        /** Kills it once it has done so much. */
        List<String> killed(int after, int millis) throws InterruptedException {
            for (int wait = 0; count() < after && wait < 30_000 && process.isAlive(); wait++) {
                Thread.sleep(1);
            }
            Thread.sleep(millis);
            assertThat(process.isAlive()).as("it never stops by itself").isTrue();
            process.destroyForcibly().waitFor();
            listener.join();
            return said;
        }
    }

    @BeforeEach
    void workshop() throws Exception {
        workshop = new Workshop(folder);
        Job cable = UsualCable.all().getFirst().job();
        Files.createDirectories(workshop.jobs());
        job = workshop.freshFile("the one");
        JobFile.write(job, cable.withTitle("the one"));
    }

    private List<String> bothKilled(String what, int round, SplittableRandom random) throws Exception {
        Running one = Running.start(what, folder, job, "a" + round);
        Running other = Running.start(what, folder, job, "b" + round);
        List<String> said = new ArrayList<>(one.killed(4, random.nextInt(80)));
        said.addAll(other.killed(4, random.nextInt(80)));
        return said;
    }

    @Test
    void whatTwoProgramsMadeIsThereAndEachInAFileOfItsOwn() throws Exception {
        SplittableRandom random = new SplittableRandom(32);
        List<String> said = new ArrayList<>();
        for (int round = 0; round < KILLS; round++) {
            said.addAll(bothKilled("make", round, random));
        }
        assertThat(said).as("nothing was given the name of something else").doesNotHaveDuplicates();
        assertThat(said.stream().map(s -> s.replaceAll("\\|.*", ""))).doesNotHaveDuplicates();
        List<String> labels;
        try (Logbook log = Logbook.look(workshop.logbook())) {
            labels = log.all().stream().map(Unit::label).toList();
        }
        for (String line : said) {
            String[] words = line.split("[ |]", 3);
            switch (words[0]) {
                case "job" -> assertThat(JobFile.read(workshop.jobs().resolve(words[1])).title())
                        .isEqualTo(words[2]);
                case "usual" -> assertThat(JobFile.read(folder.resolve("usual").resolve(words[1])).title())
                        .isEqualTo(words[2]);
                case "library" -> assertThat(Files.readString(folder.resolve("library").resolve(words[1])))
                        .contains(words[2]);
                default -> assertThat(labels).contains(words[1]);
            }
        }
        assertThat(workshop.library().load().refused()).isEmpty();
        assertThat(said.size()).isGreaterThanOrEqualTo(8 * KILLS);
    }

    @Test
    void theShelfAndWhatWasTakenAgreeAfterEachKill() throws Exception {
        Job cable = JobFile.read(job);
        Article socket = new Article(Article.Kind.CONNECTOR, cable.ends().getFirst().connector());
        workshop.shelf(Library.NONE).change(_ -> new Shelf(List.of(ShelfLine.of(socket, "socket", SOCKETS))));
        long each = cable.ends().stream().filter(e -> e.connector().equals(socket.of())).count();
        SplittableRandom random = new SplittableRandom(33);
        for (int round = 0; round < KILLS; round++) {
            bothKilled("count", round, random);
            double left = workshop.shelf(Library.NONE).read().lines().stream()
                    .filter(l -> l.article().equals(socket)).mapToDouble(ShelfLine::amount).sum();
            long taken = Files.readAllLines(folder.resolve("shelf-taken.txt")).stream()
                    .filter(l -> !l.isBlank()).count();
            assertThat(left).as("round %d, %d taken", round, taken).isEqualTo(SOCKETS - each * taken);
            assertThat(taken).isGreaterThan(round);
        }
    }
}
