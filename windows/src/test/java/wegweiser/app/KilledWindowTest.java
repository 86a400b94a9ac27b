package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wegweiser.core.library.Library;
import wegweiser.core.make.Article;
import wegweiser.core.model.Reading;
import wegweiser.core.shelf.Shelf;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.core.usual.UsualCable;
import wegweiser.files.job.JobFile;
import wegweiser.files.log.Logbook;
import wegweiser.files.log.Unit;
import wegweiser.files.workshop.JobFolder;
import wegweiser.files.workshop.ShelfFile;
import wegweiser.files.workshop.Workshop;

/**
 * A window in which keys duplicate jobs, answer touches, record cables and count parts off, killed hard at any moment:
 * whatever the screen had shown as done is there afterwards, and nothing is half done. {@code -Dkills=100} kills so often
 * in place of 3.
 */
class KilledWindowTest {
    private static final int KILLS = Integer.getInteger("kills", 3);
    private static final double SOCKETS = 1000;

    @TempDir
    private Path folder;

    private static Process start(Path folder, Path job, int from, List<String> said) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-XX:TieredStopAtLevel=1",
                "--enable-native-access=ALL-UNNAMED", "-Dglass.platform=Headless", "-Dprism.order=sw",
                "-Djava.awt.headless=true", "-Dslf4j.internal.verbosity=ERROR"));
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), "wegweiser.app.KeyedWindow",
                folder.toString(), job.toString(), String.valueOf(from)));
        Process process = new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.DISCARD).start();
        Thread.ofVirtual().start(() -> {
            try (BufferedReader out = new BufferedReader(
                    new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
                out.lines().forEach(said::add);
            } catch (IOException | UncheckedIOException _) {
                // killed in the middle of a line, which says nothing
                return;
            }
        });
        return process;
    }

    private static int most(List<String> said, String what) {
        return said.stream().filter(s -> s.startsWith(what + " "))
                .mapToInt(s -> Integer.parseInt(s.substring(what.length() + 1))).max().orElse(0);
    }

    @Test
    void whatTheScreenHadShownIsThere() throws Exception {
        Workshop workshop = new Workshop(folder);
        Path file = new JobFolder(workshop).add(UsualCable.all().getFirst().job()
                .withReading(Reading.beep("A.5", "B.5")));
        Article socket = new Article(Article.Kind.CONNECTOR,
                JobFile.read(file).ends().getFirst().connector());
        ShelfFile shelf = workshop.shelf(Library.NONE);
        shelf.change(_ -> new Shelf(List.of(ShelfLine.of(socket, "socket", SOCKETS))));
        long each = JobFile.read(file).ends().stream().filter(e -> e.connector().equals(socket.of())).count();
        SplittableRandom random = new SplittableRandom(34);
        List<String> inAll = new ArrayList<>();
        for (int round = 0; round < KILLS; round++) {
            List<String> said = new CopyOnWriteArrayList<>();
            Process window = start(folder, file, round, said);
            int after = 1 + random.nextInt(4);
            for (int wait = 0; said.size() < after && wait < 60_000 && window.isAlive(); wait++) {
                Thread.sleep(1);
            }
            Thread.sleep(random.nextInt(150));
            assertThat(window.isAlive()).as("it never stops by itself").isTrue();
            window.destroyForcibly().waitFor();
            inAll.addAll(said);
            assertThat(said).as("round %d", round).hasSizeGreaterThanOrEqualTo(after);
            assertThat(JobFile.read(file).readings()).as("round %d: %s", round, said)
                    .hasSizeGreaterThanOrEqualTo(most(said, "readings"));
            assertThat(jobs(workshop)).as("round %d: %s", round, said)
                    .hasSizeGreaterThanOrEqualTo(most(said, "jobs"));
            if (inAll.stream().anyMatch(s -> s.startsWith("unit "))) {
                try (Logbook log = Logbook.look(workshop.logbook())) {
                    assertThat(log.all().stream().map(Unit::label).map("unit "::concat).toList())
                            .containsAll(inAll.stream().filter(s -> s.startsWith("unit ")).toList());
                }
            }
            boolean taken = shelf.isTaken(file, JobFile.read(file));
            double left = shelf.read().lines().stream().filter(l -> l.article().equals(socket))
                    .mapToDouble(ShelfLine::amount).sum();
            assertThat(left).as("round %d, taken %s", round, taken)
                    .isEqualTo(SOCKETS - (taken ? each : 0));
            if (taken) {
                shelf.change(_ -> new Shelf(List.of(ShelfLine.of(socket, "socket", SOCKETS))));
                Files.deleteIfExists(folder.resolve("shelf-taken.txt"));
            }
        }
        assertThat(inAll.size()).isGreaterThanOrEqualTo(KILLS);
    }

    /** Every job of the folder, read. */
    private static List<String> jobs(Workshop workshop) throws IOException {
        try (Stream<Path> all = Files.list(workshop.jobs())) {
            return all.filter(f -> f.toString().endsWith(JobFile.ENDING)).map(f -> {
                try {
                    return Optional.of(JobFile.read(f)).orElseThrow().title();
                } catch (Exception e) {
                    throw new AssertionError(f + " cannot be read", e);
                }
            }).toList();
        }
    }
}
