package wegweiser.files.io;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ThreadLocalRandom;

/**
 * Replaces a file in one step: a crash leaves the old content or the new, never half. A symbolic link stays one, and
 * its target is replaced; mode, owner and group of the old file go over to the new one as far as the platform lets them.
 */
public final class AtomicFile {
    /** A file beside the target that is older than this was left by a program that was killed. */
    private static final Duration ABANDONED = Duration.ofHours(1);
    private static final Set<Path> TIDIED = ConcurrentHashMap.newKeySet();

    private AtomicFile() {}

    /**
     * Writes beside the target, forces it to the disk, renames it over the target and forces the folder too.
     * Returns when the content would survive a power cut.
     */
    public static void write(Path target, byte[] content) throws IOException {
        Path real = Files.exists(target) ? target.toRealPath() : target.toAbsolutePath();
        Path folder = real.getParent();
        if (folder == null) {
            throw new IOException(target + " is a folder");
        }
        Files.createDirectories(folder);
        tidy(real);
        Path beside = folder.resolve(
                stem(real) + HexFormat.of().toHexDigits(ThreadLocalRandom.current().nextLong()) + ".new");
        try {
            // not a temporary file of the platform's: those are closed to everyone else
            try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE,
                    StandardOpenOption.CREATE_NEW)) {
                ByteBuffer buffer = ByteBuffer.wrap(content);
                while (buffer.hasRemaining()) {
                    channel.write(buffer);
                }
                channel.force(true);
            }
            keepRights(real, beside);
            Files.move(beside, real, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(beside);
        }
        forceFolder(folder);
    }

    private static String stem(Path target) {
        String name = target.getFileName().toString();
        // a name of the longest length leaves no room for anything beside it
        return "." + (name.length() > 60 ? name.substring(0, 60) : name) + ".";
    }

    /** Gives the new file the mode, owner and group of the old one. */
    private static void keepRights(Path old, Path fresh) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(old, PosixFileAttributeView.class,
                LinkOption.NOFOLLOW_LINKS);
        if (view == null || !Files.exists(old)) {
            return;
        }
        PosixFileAttributes had = view.readAttributes();
        PosixFileAttributeView now = Files.getFileAttributeView(fresh, PosixFileAttributeView.class);
        PosixFileAttributes has = now.readAttributes();
        try {
            if (!has.group().equals(had.group())) {
                now.setGroup(had.group());
            }
            if (!has.owner().equals(had.owner())) {
                now.setOwner(had.owner());
            }
        } catch (IOException _) {
            // only who owns a file may give it away; the content matters more
            now.setPermissions(had.permissions());
            return;
        }
        now.setPermissions(had.permissions());
    }

    /** Removes what killed programs left beside a file; once for each file in a run. */
    private static void tidy(Path target) {
        if (!TIDIED.add(target)) {
            return;
        }
        try (DirectoryStream<Path> left = Files.newDirectoryStream(target.getParent(),
                f -> f.getFileName().toString().startsWith(stem(target))
                        && f.getFileName().toString().endsWith(".new"))) {
            for (Path file : left) {
                if (Files.getLastModifiedTime(file).toInstant().isBefore(Instant.now().minus(ABANDONED))) {
                    Files.deleteIfExists(file);
                }
            }
        } catch (IOException _) {
            // a folder that cannot be tidied can be written to all the same
            return;
        }
    }

    private static void forceFolder(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException _) {
            // some platforms cannot open a folder; their rename is durable by itself
            return;
        }
    }
}
