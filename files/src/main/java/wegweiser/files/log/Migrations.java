package wegweiser.files.log;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import wegweiser.core.words.Words;

/** Brings a logbook to the newest layout, one version after the other, each in a transaction of its own. */
final class Migrations {
    private static final List<List<String>> VERSIONS = List.of(List.of("""
            CREATE TABLE unit (
                id INTEGER PRIMARY KEY,
                label TEXT NOT NULL UNIQUE,
                job TEXT NOT NULL,
                ends TEXT NOT NULL,
                wiring TEXT NOT NULL,
                signature TEXT NOT NULL,
                result TEXT NOT NULL,
                made_at TEXT NOT NULL,
                file TEXT NOT NULL)
            """, "CREATE INDEX unit_signature ON unit (signature)", """
            CREATE TABLE reading (
                unit INTEGER NOT NULL REFERENCES unit (id),
                n INTEGER NOT NULL,
                mode TEXT NOT NULL,
                red TEXT NOT NULL,
                black TEXT NOT NULL,
                outcome TEXT NOT NULL,
                at TEXT,
                PRIMARY KEY (unit, n))
            """, """
            CREATE TABLE result (
                unit INTEGER NOT NULL REFERENCES unit (id),
                n INTEGER NOT NULL,
                kind TEXT NOT NULL,
                red TEXT NOT NULL,
                black TEXT NOT NULL,
                expect TEXT NOT NULL,
                state TEXT NOT NULL,
                PRIMARY KEY (unit, n))
            """, refuse("unit", "UPDATE"), refuse("unit", "DELETE"), refuse("reading", "UPDATE"),
            refuse("reading", "DELETE"), refuse("result", "UPDATE"), refuse("result", "DELETE")),
            List.of("ALTER TABLE unit ADD COLUMN said TEXT NOT NULL DEFAULT ''"));

    private static final int OUR_COLUMNS = 4;

    private Migrations() {}

    private static String refuse(String table, String what) {
        return "CREATE TRIGGER " + table + "_no_" + what.toLowerCase(java.util.Locale.ROOT) + " BEFORE "
                + what + " ON " + table
                + " BEGIN SELECT RAISE(ABORT, 'the logbook is only ever added to'); END";
    }

    static int newest() {
        return VERSIONS.size();
    }

    /** Applies what is missing, one at a time among all programs; a logbook of a newer program is refused. */
    static void apply(Connection connection) throws SQLException {
        refuseUnknown(connection);
        if (version(connection) == newest()) {
            return;
        }
        try (Statement statement = connection.createStatement()) {
            statement.execute("BEGIN IMMEDIATE");
            try {
                // somebody else may have been here while this one waited for its turn
                for (int next = version(connection); next < newest(); next++) {
                    for (String sql : VERSIONS.get(next)) {
                        statement.execute(sql);
                    }
                    statement.execute("PRAGMA user_version = " + (next + 1));
                }
                statement.execute("COMMIT");
            } catch (SQLException e) {
                statement.execute("ROLLBACK");
                throw e;
            }
        }
    }

    /** Refuses a logbook whose version is none that this program knows. */
    static void refuseUnknown(Connection connection) throws SQLException {
        int version = version(connection);
        if (version > newest()) {
            throw new SQLException(Words.say("reason.newer"));
        }
        if (version < 0) {
            throw new SQLException(Words.say("reason.damaged"));
        }
    }

    /** Refuses a database that is somebody else's: one in which something lies, and not our table of units. */
    static void refuseForeign(Connection connection) throws SQLException {
        try (Statement s = connection.createStatement();
                ResultSet r = s.executeQuery(
                        "SELECT COUNT(*), (SELECT COUNT(*) FROM pragma_table_info('unit')"
                                + " WHERE name IN ('label', 'signature', 'made_at', 'file')) FROM sqlite_master")) {
            if (r.next() && r.getInt(1) > 0 && r.getInt(2) < OUR_COLUMNS) {
                throw new SQLException(Words.say("reason.other"));
            }
        }
    }

    /** Whether a logbook is only just being made. */
    static boolean isNothing(Connection connection) throws SQLException {
        return version(connection) == 0;
    }

    /** The column of the table of units that says how sure a cable was, or an empty text where only an older program was here. */
    static String said(Connection connection) throws SQLException {
        return version(connection) > 1 ? "said" : "''";
    }

    private static int version(Connection connection) throws SQLException {
        try (Statement s = connection.createStatement();
                ResultSet r = s.executeQuery("PRAGMA user_version")) {
            return r.getInt(1);
        }
    }
}
