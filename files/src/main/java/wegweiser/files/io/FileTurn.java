package wegweiser.files.io;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.locks.ReentrantLock;

/**
 * One at a time at a file, over all threads and processes: a lock on a small hidden file beside it, which is gone again
 * afterwards. Whoever waited for a lock file that was removed meanwhile waits again, for the next one.
 */
public final class FileTurn {
    private static final int STAMPS = 1_000_000;
    private static final Map<Path, ReentrantLock> HERE = new ConcurrentHashMap<>();

    private FileTurn() {}

    /** What is done while nobody else writes. */
    @FunctionalInterface
    public interface Work<T, E extends Exception> {
        T run() throws IOException, E;
    }

    /** Waits for the turn at a file, does the work, and gives the turn on. A turn within a turn is the same one. */
    public static <T, E extends Exception> T take(Path file, Work<T, E> work) throws IOException, E {
        Path real = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
        String name = real.getFileName() == null ? "" : real.getFileName().toString();
        Path lock = real.resolveSibling("." + (name.length() > 60 ? name.substring(0, 60) : name) + ".lock");
        // within one process a file can be locked only once
        ReentrantLock here = HERE.computeIfAbsent(lock, _ -> new ReentrantLock());
        here.lock();
        try {
            if (here.getHoldCount() > 1) {
                return work.run();
            }
            Files.createDirectories(lock.getParent());
            try (FileChannel channel = locked(lock)) {
                try {
                    return work.run();
                } finally {
                    if (hasKey(lock)) {
                        // still locked: whoever waits for this file sees that it is gone
                        Files.deleteIfExists(lock);
                    }
                }
            }
        } finally {
            here.unlock();
        }
    }

    private static FileChannel locked(Path lock) throws IOException {
        while (true) {
            FileChannel channel = FileChannel.open(lock, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            boolean same = false;
            try {
                same = channel.lock().isValid() && isSame(lock, channel);
            } finally {
                if (!same) {
                    channel.close();
                }
            }
            if (same) {
                return channel;
            }
        }
    }

    /**
     * Whether the name still stands for the file that was locked, and not for one that came after it. The file is given a
     * size by which it is known; to open it once more and read it would give the lock up.
     */
    private static boolean isSame(Path lock, FileChannel channel) throws IOException {
        int size = 1 + ThreadLocalRandom.current().nextInt(STAMPS);
        channel.truncate(0).write(ByteBuffer.allocate(1), size - 1);
        try {
            return Files.size(lock) == size;
        } catch (NoSuchFileException _) {
            return false;
        }
    }

    /** Where files have no keys, an open one cannot be removed; there it stays. */
    private static boolean hasKey(Path lock) throws IOException {
        return Files.readAttributes(lock, BasicFileAttributes.class).fileKey() != null;
    }
}
