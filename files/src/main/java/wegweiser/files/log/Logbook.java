package wegweiser.files.log;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CutOff;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Sure;
import wegweiser.core.prove.Testing;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.words.Words;
import wegweiser.files.io.Reasons;
import wegweiser.files.job.JobFile;

/**
 * The record of every cable made, in an SQLite database with a write-ahead log. Units, their readings and their
 * results are only ever added: triggers refuse every change.
 */
public final class Logbook implements AutoCloseable {
    private final Connection connection;

    private Logbook(Connection connection) {
        this.connection = connection;
    }

    /** Opens the logbook at a file, creating or upgrading it. */
    public static Logbook open(Path file) throws IOException {
        return new Logbook(Connecting.toWrite(file));
    }

    /** Opens a logbook to look at it; nothing is written, so that a folder that may not be written to will do. */
    public static Logbook look(Path file) throws IOException {
        return new Logbook(Connecting.toLook(file));
    }

    /**
     * Records a unit of a job with its readings and the result of each test, under the next label number; a cable that has a
     * number already gets another page of it, such as {@code W-0007/2}.
     *
     * @param testing how it was tested
     * @param madeAt ISO 8601 time
     */
    public Unit add(Job job, Testing testing, String madeAt) throws IOException {
        Sure sure = Sure.of(Derived.of(job), testing);
        Described described = Described.of(job);
        try {
            // the turn to write is taken before the next number is read, so that nobody else gets it as well
            execute("BEGIN IMMEDIATE");
            try {
                find("");
                long next = number("SELECT COALESCE(MAX(id), 0) + 1 FROM unit");
                Optional<String> before = job.cable().label();
                String label = before.isPresent()
                        ? page(before.get())
                        : String.format(Locale.ROOT, "W-%04d", next);
                Unit unit = new Unit(next, label, job.title(), described.ends(), described.words(),
                        described.signature(), sure.id(), sure.words(), madeAt, job.cable().cutOff());
                UnitRows.insert(connection, unit, job, sure.verdict());
                execute("COMMIT");
                return unit;
            } catch (SQLException | IOException e) {
                execute("ROLLBACK");
                throw e;
            }
        } catch (SQLException e) {
            throw new IOException(Words.say("logbook.unrecorded", Reasons.of(e)), e);
        }
    }

    private void execute(String sql) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    /** The next page of a number; the first page is the number itself, in whichever logbook that is. */
    private String page(String number) throws SQLException {
        int page = 2;
        while (isTaken(number + "/" + page)) {
            page++;
        }
        return number + "/" + page;
    }

    private boolean isTaken(String label) throws SQLException {
        try (PreparedStatement s = connection.prepareStatement("SELECT 1 FROM unit WHERE label = ?")) {
            s.setString(1, label);
            try (ResultSet r = s.executeQuery()) {
                return r.next();
            }
        }
    }

    private long number(String sql) throws SQLException {
        try (Statement s = connection.createStatement(); ResultSet r = s.executeQuery(sql)) {
            return r.next() ? r.getLong(1) : 0;
        }
    }

    /** Every unit, the newest first. */
    public List<Unit> all() throws IOException {
        return find("");
    }

    /** What was cut off the ends of units whose connectors were put on anew, by the unit. */
    private Map<Long, List<CutOff>> anew() throws SQLException {
        Map<Long, List<CutOff>> found = new HashMap<>();
        try (PreparedStatement s = connection.prepareStatement(
                "SELECT unit.id, json_extract(c.value, '$.end'), json_extract(c.value, '$.mm')"
                        + " FROM unit, json_each(unit.file, '$.cable.cutOff') c");
                ResultSet r = s.executeQuery()) {
            while (r.next()) {
                found.computeIfAbsent(r.getLong(1), _ -> new ArrayList<>())
                        .add(CutOff.of(r.getString(2), r.getDouble(3)));
            }
        }
        return found;
    }

    /** Units whose label, job, ends, wiring or result contain every word of the text, the newest first. */
    public List<Unit> find(String text) throws IOException {
        List<Unit> found = new ArrayList<>();
        try (PreparedStatement s = connection.prepareStatement(
                "SELECT id, label, job, ends, wiring, signature, result, " + Migrations.said(connection)
                        + ", made_at FROM unit ORDER BY id DESC");
                ResultSet r = s.executeQuery()) {
            Map<Long, List<CutOff>> anew = anew();
            while (r.next()) {
                found.add(
                        new Unit(r.getLong(1), r.getString(2), r.getString(3), r.getString(4), r.getString(5),
                                r.getString(6), r.getString(7), r.getString(8), r.getString(9),
                                anew.getOrDefault(r.getLong(1), List.of())));
            }
        } catch (SQLException e) {
            throw new IOException(Words.say("logbook.lost", Reasons.of(e)), e);
        }
        String[] words = text.toLowerCase(Locale.ROOT).strip().split("\\s+");
        found.removeIf(u -> {
            String all = String.join(" ", u.label(), u.job(), u.ends(), u.wiring(), u.result(), u.said())
                    .toLowerCase(Locale.ROOT);
            return !java.util.Arrays.stream(words).allMatch(all::contains);
        });
        return found;
    }

    /** The unit that was recorded of a job exactly as it is now; empty where there is none. */
    public Optional<String> recorded(Job job) throws IOException {
        try (PreparedStatement s = connection
                .prepareStatement(
                        "SELECT label FROM unit WHERE job = ? AND file = ? ORDER BY id DESC LIMIT 1")) {
            s.setString(1, job.title());
            s.setString(2, JobFile.text(job));
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? Optional.of(r.getString(1)) : Optional.empty();
            }
        } catch (SQLException e) {
            throw new IOException(Words.say("logbook.lost", Reasons.of(e)), e);
        }
    }

    /** Units with the wiring that a job plans, the newest first. */
    public List<Unit> sameWiring(Job job) throws IOException {
        String signature = Described.of(job).signature();
        return all().stream().filter(u -> u.signature().equals(signature)).toList();
    }

    /**
     * The wirings of all units between connectors of two families, those that were made most often weighing most. Each
     * is named after the newest unit that has it; units whose file can no longer be read are passed over.
     */
    public List<NamedWiring> wirings(String near, String far) throws IOException {
        return MadeWirings.of(this, near, far);
    }

    /** The job file as it was when the unit was recorded. */
    public Optional<String> file(long unit) throws IOException {
        try (PreparedStatement s = connection.prepareStatement("SELECT file FROM unit WHERE id = ?")) {
            s.setLong(1, unit);
            try (ResultSet r = s.executeQuery()) {
                return r.next() ? Optional.of(r.getString(1)) : Optional.empty();
            }
        } catch (SQLException e) {
            throw new IOException(Words.say("logbook.lost", Reasons.of(e)), e);
        }
    }

    @Override
    public void close() throws IOException {
        try {
            connection.close();
        } catch (SQLException e) {
            throw new IOException(Words.say("logbook.unclosed", Reasons.of(e)), e);
        }
    }
}
