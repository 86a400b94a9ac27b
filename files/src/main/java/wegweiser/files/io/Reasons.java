package wegweiser.files.io;

import java.sql.SQLException;

/** What the database says of a failure, in words for a person. */
public final class Reasons {
    private Reasons() {}

    public static String of(SQLException e) {
        String said = e.getMessage() == null ? "" : e.getMessage();
        if (said.contains("SQLITE_BUSY") || said.contains("SQLITE_LOCKED")) {
            return "another program has been writing to it for too long";
        }
        if (said.contains("SQLITE_NOTADB")) {
            return "it is no logbook";
        }
        if (said.contains("SQLITE_CORRUPT") || said.contains("SQLITE_IOERR")
                || said.contains("SQLITE_FORMAT")) {
            return "it is damaged";
        }
        if (said.contains("SQLITE_READONLY") || said.contains("SQLITE_CANTOPEN")
                || said.contains("SQLITE_PERM")) {
            return "it may not be written to";
        }
        if (said.contains("SQLITE_FULL")) {
            return "the disk is full";
        }
        return said.replaceAll("\\[SQLITE_\\w+\\]\\s*", "").lines().findFirst().orElse("no reason is known");
    }
}
