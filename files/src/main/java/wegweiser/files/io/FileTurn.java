package wegweiser.files.io;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.concurrent.locks.ReentrantLock;
import wegweiser.core.words.Words;

/**
 * One at a time at a file, over all threads and processes: a lock on a small hidden file beside it, which is gone again
 * afterwards. Whoever waited for a lock file that was removed meanwhile waits again, for the next one.
 *
 * <p>In a folder that others may write to anything may have that name. A link is not followed, what is no plain file is
 * refused, and so is a file that does not begin as lock files do: nothing is written into it and it is not removed.
 */
public final class FileTurn {
    private static final byte[] MARK = "wegweiser-lock\n".getBytes(StandardCharsets.US_ASCII);
    private static final int STAMPS = 1_000_000;
    /** How long one and the same holder is waited for. */
    private static final long PATIENCE_NANOS = TimeUnit.SECONDS.toNanos(3);
    private static final long AGAIN_NANOS = TimeUnit.MILLISECONDS.toNanos(3);
    private static final Map<Path, ReentrantLock> HERE = new ConcurrentHashMap<>();

    private FileTurn() {}

    /** Somebody else has kept the turn for longer than it is waited for; nothing was done, and it may be tried again. */
    public static final class Held extends IOException {
        private static final long serialVersionUID = 1;

        private Held(Path file) {
            super(Words.say("turn.held", file));
        }
    }

    /** What is done while nobody else writes. */
    @FunctionalInterface
    public interface Work<T, E extends Exception> {
        T run() throws IOException, E;
    }

    /**
     * Waits for the turn at a file, does the work, and gives the turn on. A turn within a turn is the same one.
     *
     * @throws Held when somebody else has kept the turn for three seconds
     * @throws IOException too when something that is no lock file bears its name
     */
    public static <T, E extends Exception> T take(Path file, Work<T, E> work) throws IOException, E {
        Path real = AtomicFile.target(file);
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
            try (FileChannel channel = turn(lock, file)) {
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

    private static FileChannel turn(Path lock, Path file) throws IOException {
        try {
            return locked(lock, file);
        } catch (AccessDeniedException e) {
            // the file that somebody wanted to write, not one of which they never heard
            AccessDeniedException named = new AccessDeniedException(file.toString());
            named.initCause(e);
            throw named;
        }
    }

    private static FileChannel locked(Path lock, Path file) throws IOException {
        long since = System.nanoTime();
        long holder = -1;
        while (true) {
            FileChannel channel = opened(lock);
            boolean mine = false;
            try {
                FileLock got = channel == null ? null : channel.tryLock();
                mine = got != null && got.isValid() && isOurs(channel, lock) && isSame(lock, channel);
            } finally {
                if (!mine && channel != null) {
                    channel.close();
                }
            }
            if (mine) {
                return channel;
            }
            // each holder stamps the file with a size of its own: another size is another holder, and the queue moves on
            long now = size(lock);
            if (now != holder) {
                holder = now;
                since = System.nanoTime();
            } else if (System.nanoTime() - since > PATIENCE_NANOS) {
                throw new Held(file);
            }
            LockSupport.parkNanos(AGAIN_NANOS);
        }
    }

    /** The lock file, made where there is none; null where it vanished at this moment. */
    private static FileChannel opened(Path lock) throws IOException {
        try {
            return FileChannel.open(lock, StandardOpenOption.CREATE_NEW, StandardOpenOption.READ,
                    StandardOpenOption.WRITE);
        } catch (FileAlreadyExistsException _) {
            // somebody else's, or something else
        }
        try {
            if (!Files.readAttributes(lock, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS)
                    .isRegularFile()) {
                throw new IOException(Words.say("turn.no-lock", lock));
            }
            return FileChannel.open(lock, StandardOpenOption.READ, StandardOpenOption.WRITE,
                    LinkOption.NOFOLLOW_LINKS);
        } catch (NoSuchFileException _) {
            return null;
        }
    }

    /** Whether what was opened is a lock file: one that begins as they all do, or an empty one, which is just being made. */
    private static boolean isOurs(FileChannel channel, Path lock) throws IOException {
        ByteBuffer begins = ByteBuffer.allocate(MARK.length);
        int read = channel.read(begins, 0);
        if (read > 0 && !Arrays.equals(begins.array(), MARK)) {
            throw new IOException(Words.say("turn.no-lock", lock));
        }
        return true;
    }

    /**
     * Whether the name still stands for the file that was locked, and not for one that came after it. The file is given a
     * size by which it is known; to open it once more and read it would give the lock up.
     */
    private static boolean isSame(Path lock, FileChannel channel) throws IOException {
        int size = MARK.length + 1 + ThreadLocalRandom.current().nextInt(STAMPS);
        channel.write(ByteBuffer.wrap(MARK), 0);
        channel.truncate(MARK.length).write(ByteBuffer.allocate(1), size - 1);
        return size(lock) == size;
    }

    /** Bytes of what bears the name, -1 where nothing does. */
    private static long size(Path lock) throws IOException {
        try {
            return Files.readAttributes(lock, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS).size();
        } catch (NoSuchFileException _) {
            return -1;
        }
    }

    /** Where files have no keys, an open one cannot be removed; there it stays. */
    private static boolean hasKey(Path lock) throws IOException {
        return Files.readAttributes(lock, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS)
                .fileKey() != null;
    }
}
