package wegweiser.files.log;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import wegweiser.core.words.Words;
import wegweiser.files.io.Reasons;

/** How a connection to the file of a logbook is made: to write in it, or only to look at it. */
final class Connecting {
    private static final int PATIENCE_SECONDS = 10;
    private static final int AGAIN_MILLIS = 20;

    private Connecting() {}

    /** A connection to the logbook at a file, which is created or upgraded. */
    static Connection toWrite(Path file) throws IOException {
        Path folder = file.toAbsolutePath().getParent();
        if (Files.exists(folder) && !Files.isDirectory(folder)) {
            throw new IOException(Words.say("logbook.no-folder", folder));
        }
        if (Files.exists(file) && !Files.isWritable(file) || !Files.exists(file) && !isWritable(folder)) {
            throw new IOException(Words.say("logbook.read-only", file));
        }
        try {
            Files.createDirectories(folder);
            Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
            try {
                prepare(connection);
            } catch (SQLException e) {
                connection.close();
                throw e;
            }
            return connection;
        } catch (SQLException e) {
            throw new IOException(Words.say("logbook.unopened", file, Reasons.of(e, file)), e);
        }
    }

    /**
     * Sets a connection up, and makes the logbook where there is none yet. While somebody else makes it or looks at it, the
     * database refuses the change to a write-ahead log at once and does not wait, so this asks again.
     */
    private static void prepare(Connection connection) throws SQLException {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_SECONDS);
        while (true) {
            try (Statement statement = connection.createStatement()) {
                statement.execute("PRAGMA busy_timeout = 5000");
                Migrations.refuseForeign(connection);
                statement.execute("PRAGMA journal_mode = WAL");
                statement.execute("PRAGMA synchronous = FULL");
                statement.execute("PRAGMA foreign_keys = ON");
                Migrations.apply(connection);
                return;
            } catch (SQLException e) {
                if (!Reasons.isBusy(e) || System.nanoTime() > until) {
                    throw e;
                }
                LockSupport.parkNanos(TimeUnit.MILLISECONDS.toNanos(AGAIN_MILLIS));
            }
        }
    }

    /**
     * A connection that writes nothing, so that a folder that may not be written to will do. Where there is no logbook yet
     * there is none afterwards either, and what is looked at is empty.
     */
    static Connection toLook(Path file) throws IOException {
        if (Files.exists(file) && !Files.isReadable(file)) {
            throw new IOException(Words.say("logbook.forbidden", file));
        }
        try {
            if (!Files.exists(file)) {
                return empty();
            }
            // where nobody can write, or where there is no room to, what is there is all there is; elsewhere the newest may still be in the log beside
            boolean alone = !isWritable(file.toAbsolutePath().getParent())
                    || Reasons.isFull(file)
                            && !Files.exists(file.resolveSibling(file.getFileName() + "-wal"));
            Connection connection = DriverManager.getConnection(
                    "jdbc:sqlite:file:" + file.toUri().getRawPath() + (alone ? "?immutable=1" : "?mode=ro"));
            try {
                try (Statement statement = connection.createStatement()) {
                    statement.execute("PRAGMA busy_timeout = 5000");
                }
                Migrations.refuseForeign(connection);
                Migrations.refuseUnknown(connection);
                if (Migrations.isNothing(connection)) {
                    connection.close();
                    return empty();
                }
            } catch (SQLException e) {
                connection.close();
                throw e;
            }
            return connection;
        } catch (SQLException e) {
            throw new IOException(Words.say("logbook.unreadable", file, Reasons.of(e, file)), e);
        }
    }

    private static Connection empty() throws SQLException {
        Connection empty = DriverManager.getConnection("jdbc:sqlite::memory:");
        Migrations.apply(empty);
        return empty;
    }

    private static boolean isWritable(Path folder) {
        Path there = folder;
        while (there != null && !Files.exists(there)) {
            there = there.getParent();
        }
        return there != null && Files.isWritable(there);
    }
}
