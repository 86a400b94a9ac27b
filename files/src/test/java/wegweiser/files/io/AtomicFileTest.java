package wegweiser.files.io;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

class AtomicFileTest {
    private static final int THREADS = 4;
    private static final int FILES = 60;

    @TempDir
    private Path folder;

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private Stream<Path> names(String stem) {
        return IntStream.iterate(1, n -> n + 1).mapToObj(n -> folder.resolve(stem + "-" + n));
    }

    private List<Path> left() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.toList();
        }
    }

    @Test
    void filesMadeAtTheSameMomentAllStay() throws Exception {
        try (ExecutorService pool = Executors.newFixedThreadPool(THREADS)) {
            List<Future<List<Path>>> made = new ArrayList<>();
            for (int t = 0; t < THREADS; t++) {
                int own = t;
                made.add(pool.submit(() -> {
                    List<Path> mine = new ArrayList<>();
                    for (int k = 0; k < FILES; k++) {
                        mine.add(AtomicFile.create(names("job"), bytes(own + " " + k)));
                    }
                    return mine;
                }));
            }
            for (int t = 0; t < THREADS; t++) {
                List<Path> mine = made.get(t).get();
                for (int k = 0; k < FILES; k++) {
                    assertThat(mine.get(k)).hasContent(t + " " + k);
                }
            }
        }
        assertThat(left()).as("and nothing else").hasSize(THREADS * FILES);
    }

    @Test
    void aFileThatIsMovedReplacesNone() throws Exception {
        Files.writeString(folder.resolve("kept-1"), "there before");
        Path from = Files.writeString(folder.resolve("from"), "moved");
        assertThat(AtomicFile.move(from, names("kept"))).hasFileName("kept-2").hasContent("moved");
        assertThat(folder.resolve("kept-1")).hasContent("there before");
        assertThat(from).doesNotExist();
    }

    @Test
    @EnabledOnOs({OS.LINUX, OS.MAC})
    void aLinkStaysOneAlsoWhereItsTargetIsNotThereYet() throws Exception {
        Path target = folder.resolve("target");
        Path link = Files.createSymbolicLink(folder.resolve("link"), Path.of("target"));
        AtomicFile.write(link, bytes("first"));
        assertThat(target).isRegularFile().hasContent("first");
        AtomicFile.write(link, bytes("second"));
        assertThat(link).isSymbolicLink();
        assertThat(target).hasContent("second");
    }

    @Test
    @EnabledOnOs({OS.LINUX, OS.MAC})
    @Timeout(20)
    void aPipeIsWrittenIntoOrRefused() throws Exception {
        Path pipe = folder.resolve("pipe");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();
        assertThatThrownBy(() -> AtomicFile.write(pipe, bytes("lost"))).isInstanceOf(IOException.class)
                .hasMessageContaining("nobody reads");
        Process reader = new ProcessBuilder("cat", pipe.toString()).start();
        AtomicFile.write(pipe, bytes("through"));
        assertThat(new String(reader.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                .endsWith("through");
        assertThat(Files.isRegularFile(pipe)).isFalse();
    }

    @Test
    @EnabledOnOs(OS.LINUX)
    void aDeviceStaysOne() throws Exception {
        Path link = Files.createSymbolicLink(folder.resolve("nothing.html"), Path.of("/dev/null"));
        AtomicFile.write(link, bytes("gone"));
        assertThat(Files.readAttributes(Path.of("/dev/null"), BasicFileAttributes.class).isOther()).isTrue();
        assertThat(link).isSymbolicLink();
    }

    @Test
    @EnabledOnOs({OS.LINUX, OS.MAC})
    void whoMayNotReadTheOldFileNeverReadsTheNewOne() throws Exception {
        Path file = Files.createFile(folder.resolve("private"),
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        AtomicBoolean seen = new AtomicBoolean();
        AtomicBoolean ended = new AtomicBoolean();
        Thread watcher = Thread.ofPlatform().start(() -> {
            while (!ended.get()) {
                try (Stream<Path> all = Files.list(folder)) {
                    all.forEach(f -> {
                        try {
                            if (PosixFilePermissions.toString(Files.getPosixFilePermissions(f))
                                    .endsWith("r--")) {
                                seen.set(true);
                            }
                        } catch (IOException _) {
                            // gone already
                            return;
                        }
                    });
                } catch (IOException | java.io.UncheckedIOException _) {
                    continue;
                }
            }
        });
        for (int k = 0; k < 200; k++) {
            AtomicFile.write(file, bytes("secret " + k));
        }
        ended.set(true);
        watcher.join();
        assertThat(seen).isFalse();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file))).isEqualTo("rw-------");
    }
}
