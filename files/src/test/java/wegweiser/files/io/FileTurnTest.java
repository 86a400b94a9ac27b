package wegweiser.files.io;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

class FileTurnTest {
    @TempDir
    private Path folder;
    private Path file;
    private Path lock;

    @BeforeEach
    void files() {
        file = folder.resolve("job");
        lock = folder.resolve(".job.lock");
    }

    private void refused() {
        AtomicInteger done = new AtomicInteger();
        assertThatThrownBy(() -> FileTurn.take(file, done::incrementAndGet)).isInstanceOf(IOException.class)
                .hasMessageContaining(".job.lock").hasMessageContaining("Move it away");
        assertThat(done).hasValue(0);
    }

    @Test
    void theLockIsGoneAfterwards() throws Exception {
        assertThat(FileTurn.<Integer, IOException>take(file, () -> {
            assertThat(lock).isRegularFile();
            return FileTurn.<Integer, IOException>take(file, () -> 7);
        })).isEqualTo(7);
        assertThat(lock).doesNotExist();
    }

    @Test
    void aLockThatAKilledProgramLeftIsTakenOver() throws Exception {
        Files.writeString(lock, "wegweiser-lock\n\0\0\0");
        assertThat(FileTurn.<Integer, IOException>take(file, () -> 7)).isEqualTo(7);
        Files.createFile(lock);
        assertThat(FileTurn.<Integer, IOException>take(file, () -> 8)).isEqualTo(8);
        assertThat(lock).doesNotExist();
    }

    @Test
    @EnabledOnOs({OS.LINUX, OS.MAC})
    void aLinkIsNotFollowed() throws Exception {
        Path precious = Files.writeString(folder.resolve("precious.txt"), "years of work");
        Files.createSymbolicLink(lock, precious);
        refused();
        assertThat(precious).hasContent("years of work");
        assertThat(lock).isSymbolicLink();
    }

    @Test
    void aFileOfSomebodyElseStaysAsItIs() throws Exception {
        Files.writeString(lock, "my notes");
        refused();
        assertThat(lock).hasContent("my notes");
    }

    @Test
    @EnabledOnOs({OS.LINUX, OS.MAC})
    @Timeout(20)
    void aPipeIsNotWaitedFor() throws Exception {
        assertThat(new ProcessBuilder("mkfifo", lock.toString()).start().waitFor()).isZero();
        refused();
    }

    /** Holds the lock until it is killed. */
    static final class Holder {
        private Holder() {}

        public static void main(String[] args) throws Exception {
            FileTurn.<Integer, Exception>take(Path.of(args[0]), () -> {
                System.out.println("held");
                System.out.flush();
                Thread.sleep(600_000);
                return 0;
            });
        }
    }

    @Test
    @Timeout(60)
    void whoeverHoldsItIsWaitedForThreeSecondsAndNoLonger() throws Exception {
        Process holder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp", System.getProperty("java.class.path"), "wegweiser.files.io.FileTurnTest$Holder",
                file.toString()).redirectError(ProcessBuilder.Redirect.DISCARD).start();
        try {
            assertThat(holder.getInputStream().read()).isEqualTo('h');
            long begin = System.nanoTime();
            assertThatThrownBy(() -> FileTurn.take(file, () -> 7)).isInstanceOf(IOException.class)
                    .hasMessageContaining("three seconds");
            assertThat((System.nanoTime() - begin) / 1_000_000_000L).isBetween(2L, 20L);
        } finally {
            holder.destroyForcibly().waitFor();
        }
        assertThat(FileTurn.<Integer, IOException>take(file, () -> 7)).isEqualTo(7);
    }
}
