package wegweiser.files.io;

import java.sql.SQLException;
import wegweiser.core.words.Words;

/** What the database says of a failure, in words for a person. */
public final class Reasons {
    private Reasons() {}

    public static String of(SQLException e) {
        String said = e.getMessage() == null ? "" : e.getMessage();
        if (isBusy(e)) {
            return Words.say("reason.busy");
        }
        if (said.contains("SQLITE_NOTADB")) {
            return Words.say("reason.no-logbook");
        }
        if (said.contains("SQLITE_CORRUPT") || said.contains("SQLITE_IOERR")
                || said.contains("SQLITE_FORMAT")) {
            return Words.say("reason.damaged");
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
