package wegweiser.files.io;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ThreadLocalRandom;
import java.util.stream.Stream;
import wegweiser.core.words.Words;

/**
 * Replaces a file in one step, or makes one where none is: a crash leaves the old content or the new, never half. A
 * symbolic link stays one, and its target is replaced or made; a hard link is parted from the others. Mode, owner and group
 * of the old file go over to the new one as far as the platform lets them, the mode before the first byte is written. A
 * device or a pipe stays what it is and is written into.
 */
public final class AtomicFile {
    /** A file beside the target that is older than this was left by a program that was killed. */
    private static final Duration ABANDONED = Duration.ofHours(1);
    private static final int MOST_LINKS = 40;
    private static final Set<Path> TIDIED = ConcurrentHashMap.newKeySet();

    private AtomicFile() {}

    /**
     * Writes beside the target, forces it to the disk, renames it over the target and forces the folder too.
     * Returns when the content would survive a power cut.
     */
    public static void write(Path target, byte[] content) throws IOException {
        if (PipeEnd.is(target)) {
            try (OutputStream out = PipeEnd.toWrite(target)) {
                out.write(content);
            }
            return;
        }
        Path real = target(target);
        Path folder = folder(real);
        tidy(real);
        Path beside = beside(real);
        try {
            written(beside, content, rights(real));
            keepRights(real, beside);
            Files.move(beside, real, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(beside);
        }
        forceFolder(folder);
    }

    /**
     * Puts a file where nothing is: under the first of some names that nothing has, whatever other programs do at the same
     * moment.
     *
     * @param names without end
     * @return the one that it got
     */
    public static Path create(Stream<Path> names, byte[] content) throws IOException {
        return firstFree(names, target -> {
            Path beside = beside(target);
            try {
                written(beside, content);
                place(beside, target);
            } finally {
                Files.deleteIfExists(beside);
            }
        });
    }

    /** Moves a file to the first of some names that nothing has; see {@link #create}. */
    public static Path move(Path file, Stream<Path> names) throws IOException {
        return firstFree(names, target -> {
            place(file, target);
            Files.deleteIfExists(file);
        });
    }

    /** Puts something where nothing is; refuses with {@link FileAlreadyExistsException} where something is after all. */
    private interface Placing {
        void at(Path target) throws IOException;
    }

    private static Path firstFree(Stream<Path> names, Placing placing) throws IOException {
        for (Iterator<Path> left = names.iterator(); left.hasNext();) {
            Path target = left.next().toAbsolutePath();
            if (isThere(target)) {
                continue;
            }
            Path folder = folder(target);
            try {
                placing.at(target);
            } catch (FileAlreadyExistsException _) {
                // somebody else was faster: the next name
                continue;
            }
            forceFolder(folder);
            return target;
        }
        throw new IOException(Words.say("file.no-name"));
    }

    /** Gives a file another name, or a second one, that nothing has: by a link, which never replaces anything. */
    private static void place(Path file, Path target) throws IOException {
        try {
            Files.createLink(target, file);
        } catch (FileAlreadyExistsException e) {
            throw e;
        } catch (IOException | UnsupportedOperationException _) {
            // where there are no links a file made new is at least nobody else's
            Files.copy(file, target);
        }
    }

    private static boolean isThere(Path path) {
        return Files.exists(path, LinkOption.NOFOLLOW_LINKS);
    }

    /** What a path stands for once links are followed, also where the last of them leads to nothing yet. */
    static Path target(Path path) throws IOException {
        if (Files.exists(path)) {
            return path.toRealPath();
        }
        Path here = path.toAbsolutePath();
        for (int link = 0; link < MOST_LINKS && Files.isSymbolicLink(here); link++) {
            here = here.resolveSibling(Files.readSymbolicLink(here)).normalize();
        }
        return here;
    }

    private static Path folder(Path target) throws IOException {
        Path folder = target.getParent();
        if (folder == null || Files.isDirectory(target)) {
            throw new IOException(Words.say("file.is-folder", target));
        }
        Files.createDirectories(folder);
        return folder;
    }

    private static Path beside(Path target) {
        return target.resolveSibling(
                stem(target) + HexFormat.of().toHexDigits(ThreadLocalRandom.current().nextLong()) + ".new");
    }

    private static String stem(Path target) {
        String name = target.getFileName().toString();
        // a name of the longest length leaves no room for anything beside it
        return "." + (name.length() > 60 ? name.substring(0, 60) : name) + ".";
    }

    private static void written(Path file, byte[] content, FileAttribute<?>... rights) throws IOException {
        // not a temporary file of the platform's: those are closed to everyone else
        try (FileChannel channel = FileChannel.open(file,
                Set.of(StandardOpenOption.WRITE, StandardOpenOption.CREATE_NEW), rights)) {
            ByteBuffer buffer = ByteBuffer.wrap(content);
            while (buffer.hasRemaining()) {
                channel.write(buffer);
            }
            channel.force(true);
        } catch (FileSystemException e) {
            throw e;
        } catch (IOException e) {
            throw Reasons.isFull(file) ? new IOException(Words.say("file.full", file.getParent()), e) : e;
        }
    }

    private static PosixFileAttributeView view(Path file) {
        return Files.getFileAttributeView(file, PosixFileAttributeView.class, LinkOption.NOFOLLOW_LINKS);
    }

    /** The mode of the old file, to make the new one with, so that nobody reads who may not. */
    private static FileAttribute<?>[] rights(Path old) throws IOException {
        PosixFileAttributeView view = view(old);
        return view == null || !isThere(old)
                ? new FileAttribute<?>[0]
                : new FileAttribute<?>[]{
                        PosixFilePermissions.asFileAttribute(view.readAttributes().permissions())};
    }

    /** Gives the new file the mode, owner and group of the old one. */
    private static void keepRights(Path old, Path fresh) throws IOException {
        PosixFileAttributeView view = view(old);
        if (view == null || !isThere(old)) {
            return;
        }
        PosixFileAttributes had = view.readAttributes();
        PosixFileAttributeView now = view(fresh);
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
        String stem = stem(target);
        try (DirectoryStream<Path> left = Files.newDirectoryStream(target.getParent(), f -> {
            String name = f.getFileName().toString();
            return name.startsWith(stem) && name.substring(stem.length()).matches("[0-9a-f]{16}\\.new");
        })) {
            for (Path file : left) {
                if (Files.getLastModifiedTime(file, LinkOption.NOFOLLOW_LINKS).toInstant()
                        .isBefore(Instant.now().minus(ABANDONED))) {
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
