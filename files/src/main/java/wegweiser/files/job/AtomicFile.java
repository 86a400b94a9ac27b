package wegweiser.files.job;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Replaces a file in one step: a crash leaves the old content or the new, never half. */
public final class AtomicFile {
    private AtomicFile() {}

    /**
     * Writes beside the target, forces it to the disk, renames it over the target and forces the folder too.
     * Returns when the content would survive a power cut.
     */
    public static void write(Path target, byte[] content) throws IOException {
        Path folder = target.toAbsolutePath().getParent();
        Files.createDirectories(folder);
        Path beside = Files.createTempFile(folder, "." + target.getFileName(), ".new");
        try {
            try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                ByteBuffer buffer = ByteBuffer.wrap(content);
                while (buffer.hasRemaining()) {
                    channel.write(buffer);
                }
                channel.force(true);
            }
            Files.move(beside, target, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(beside);
        }
        forceFolder(folder);
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
