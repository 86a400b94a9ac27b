package wegweiser.files.io;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import wegweiser.core.words.Words;

/** What the database says of a failure, in words for a person. */
public final class Reasons {
    /** With less left than this a disk is as good as full. */
    private static final long LEAST_BYTES = 200_000;

    private Reasons() {}

    /** The same for a file that may lie on a disk without room, which the database takes for a fault of the disk. */
    public static String of(SQLException e, Path file) {
        return isInOut(e) && isFull(file) ? Words.say("reason.full") : of(e);
    }

    /** Whether there is no room left where a file lies or would lie. */
    public static boolean isFull(Path file) {
        try {
            Path there = file.toAbsolutePath();
            while (there.getParent() != null && !Files.exists(there)) {
                there = there.getParent();
            }
            return Files.getFileStore(there).getUsableSpace() < LEAST_BYTES;
        } catch (IOException _) {
            return false;
        }
    }

    private static boolean isInOut(SQLException e) {
        return e.getMessage() != null && e.getMessage().contains("SQLITE_IOERR");
    }

    public static String of(SQLException e) {
        String said = e.getMessage() == null ? "" : e.getMessage();
        if (isBusy(e)) {
            return Words.say("reason.busy");
        }
        if (said.contains("SQLITE_NOTADB")) {
            return Words.say("reason.no-logbook");
        }
        if (said.contains("SQLITE_CORRUPT") || said.contains("SQLITE_FORMAT")) {
            return Words.say("reason.damaged");
        }
        if (isInOut(e)) {
            return Words.say("reason.disk");
        }
        if (said.contains("SQLITE_READONLY") || said.contains("SQLITE_CANTOPEN")
                || said.contains("SQLITE_PERM")) {
            return Words.say("reason.read-only");
        }
        if (said.contains("SQLITE_FULL")) {
            return Words.say("reason.full");
        }
        return said.replaceAll("\\[SQLITE_\\w+\\]\\s*", "").lines().findFirst()
                .orElse(Words.say("reason.none"));
    }

    /** Whether somebody else has the database just now, so that it may be there a moment later. */
    public static boolean isBusy(SQLException e) {
        String said = e.getMessage() == null ? "" : e.getMessage();
        return said.contains("SQLITE_BUSY") || said.contains("SQLITE_LOCKED");
    }
}
