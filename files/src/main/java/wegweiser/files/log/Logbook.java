package wegweiser.files.log;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.CutOff;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.prove.Test;
import wegweiser.core.prove.Verdict;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Recogniser;
import wegweiser.core.wiring.Wiring;
import wegweiser.core.wiring.WiringWords;
import wegweiser.core.words.Words;
import wegweiser.files.io.BadFile;
import wegweiser.files.io.Reasons;
import wegweiser.files.job.JobFile;
import wegweiser.files.json.Mapping;

/**
 * The record of every cable made, in an SQLite database with a write-ahead log. Units, their readings and their
 * results are only ever added: triggers refuse every change.
 */
public final class Logbook implements AutoCloseable {
    private static final int PATIENCE_SECONDS = 10;
    private static final int AGAIN_MILLIS = 20;
    private final Connection connection;

    private Logbook(Connection connection) {
        this.connection = connection;
    }

    /** Opens the logbook at a file, creating or upgrading it. */
    public static Logbook open(Path file) throws IOException {
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
            return new Logbook(connection);
        } catch (SQLException e) {
            throw new IOException(Words.say("logbook.unopened", file, Reasons.of(e)), e);
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

    /** Opens a logbook to look at it; nothing is written, so that a folder that may not be written to will do. */
    public static Logbook look(Path file) throws IOException {
        if (Files.isWritable(file) && isWritable(file.toAbsolutePath().getParent())) {
            return open(file);
        }
        if (!Files.isReadable(file)) {
            throw new IOException(Files.exists(file)
                    ? Words.say("logbook.forbidden", file)
                    : Words.say("logbook.none", file));
        }
        try {
            // nobody else writes here either, so what is there is all there is
            Connection connection = DriverManager
                    .getConnection("jdbc:sqlite:file:" + file.toUri().getRawPath() + "?immutable=1");
            try {
                Migrations.refuseForeign(connection);
                Migrations.refuseUnknown(connection);
            } catch (SQLException e) {
                connection.close();
                throw e;
            }
            return new Logbook(connection);
        } catch (SQLException e) {
            throw new IOException(Words.say("logbook.unreadable", file, Reasons.of(e)), e);
        }
    }

    private static boolean isWritable(Path folder) {
        Path there = folder;
        while (there != null && !Files.exists(there)) {
            there = there.getParent();
        }
        return there != null && Files.isWritable(there);
    }

    /**
     * Records a unit of a job with its readings and the result of each test, under the next label number; a cable that has a
     * number already gets another page of it, such as {@code W-0007/2}.
     *
     * @param madeAt ISO 8601 time
     */
    public Unit add(Job job, Fixture fixture, String madeAt) throws IOException {
        Verdict verdict = Verdict.of(job, fixture);
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
                Unit unit = new Unit(next, label, job.title(), described.ends, described.words,
                        described.signature,
                        verdict.result().id(), madeAt, job.cable().cutOff());
                insert(unit, job);
                readings(unit, job.readings().stream().filter(r -> !r.isAssumed()).toList());
                results(unit, verdict);
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

    private record Described(String ends, String words, String signature) {
        static Described of(Job job) {
            List<String> ends = new ArrayList<>();
            for (End end : job.ends()) {
                String connector = Catalogue.of(job).of(end).map(ConnectorType::title)
                        .orElse(end.connector());
                ends.add(end.device().isBlank() ? connector : end.device() + " (" + connector + ")");
            }
            if (job.ends().size() != 2) {
                return new Described(String.join(" – ", ends),
                        Words.say("log.nets", Nets.planned(job).joinedNets().size()),
                        Nets.planned(job).toString());
            }
            Wiring wiring = Wiring.between(Nets.planned(job), job.ends().get(0).name(),
                    job.ends().get(1).name());
            String near = Catalogue.of(job).of(job.ends().get(0)).map(ConnectorType::family).orElse("");
            String far = Catalogue.of(job).of(job.ends().get(1)).map(ConnectorType::family).orElse("");
            String words = Recogniser.recognise(near, far, wiring).map(c -> c.named().title())
                    .orElseGet(() -> WiringWords.of(wiring));
            return new Described(String.join(" – ", ends), words,
                    near + " " + far + ": " + wiring.signature());
        }
    }

    private void insert(Unit unit, Job job) throws SQLException {
        try (PreparedStatement s = connection.prepareStatement(
                "INSERT INTO unit (id, label, job, ends, wiring, signature, result, made_at, file) VALUES (?,?,?,?,?,?,?,?,?)")) {
            s.setLong(1, unit.id());
            s.setString(2, unit.label());
            s.setString(3, unit.job());
            s.setString(4, unit.ends());
            s.setString(5, unit.wiring());
            s.setString(6, unit.signature());
            s.setString(7, unit.result());
            s.setString(8, unit.madeAt());
            s.setString(9, JobFile.text(job));
            s.executeUpdate();
        }
    }

    private void readings(Unit unit, List<Reading> readings) throws SQLException {
        try (PreparedStatement s = connection.prepareStatement(
                "INSERT INTO reading (unit, n, mode, red, black, outcome, at) VALUES (?,?,?,?,?,?,?)")) {
            for (int i = 0; i < readings.size(); i++) {
                Reading reading = readings.get(i);
                s.setLong(1, unit.id());
                s.setInt(2, i + 1);
                s.setString(3, reading.mode().id());
                s.setString(4, named(reading.red()));
                s.setString(5, named(reading.black()));
                s.setString(6, outcome(reading));
                s.setString(7, reading.at().map(Instant::toString).orElse(null));
                s.addBatch();
            }
            s.executeBatch();
        }
    }

    private void results(Unit unit, Verdict verdict) throws SQLException {
        try (PreparedStatement s = connection.prepareStatement(
                "INSERT INTO result (unit, n, kind, red, black, expect, state) VALUES (?,?,?,?,?,?,?)")) {
            for (int i = 0; i < verdict.plan().size(); i++) {
                Test test = verdict.plan().get(i);
                s.setLong(1, unit.id());
                s.setInt(2, i + 1);
                s.setString(3, test.kind().id());
                s.setString(4, named(test.red()));
                s.setString(5, named(test.black()));
                s.setString(6, expected(test));
                s.setString(7, verdict.states().get(i).name());
                s.addBatch();
            }
            s.executeBatch();
        }
    }

    private static String named(List<Terminal> terminals) {
        return String.join(" ", terminals.stream().map(Terminal::toString).toList());
    }

    /** What was read, as it stands in a job file: {@code {"result":"beep"}}, {@code {"ohms":119.6}}. */
    private static String outcome(Reading reading) {
        ObjectNode members = (ObjectNode) Mapping.tree(reading);
        return members.remove(List.of("mode", "red", "black", "at")).toString();
    }

    /** What was expected, in no language: joined, apart, or from which value to which, in ohms or for a diode in volts. */
    private static String expected(Test test) {
        return test.window().isGiven()
                ? Words.plain(test.window().from(), 2) + ".." + Words.plain(test.window().to(), 2)
                : test.kind().id();
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
                "SELECT id, label, job, ends, wiring, signature, result, made_at FROM unit ORDER BY id DESC");
                ResultSet r = s.executeQuery()) {
            Map<Long, List<CutOff>> anew = anew();
            while (r.next()) {
                found.add(
                        new Unit(r.getLong(1), r.getString(2), r.getString(3), r.getString(4), r.getString(5),
                                r.getString(6), r.getString(7), r.getString(8),
                                anew.getOrDefault(r.getLong(1), List.of())));
            }
        } catch (SQLException e) {
            throw new IOException(Words.say("logbook.lost", Reasons.of(e)), e);
        }
        String[] words = text.toLowerCase(Locale.ROOT).strip().split("\\s+");
        found.removeIf(u -> {
            String all = String.join(" ", u.label(), u.job(), u.ends(), u.wiring(), u.result())
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
        String signature = Described.of(job).signature;
        return all().stream().filter(u -> u.signature().equals(signature)).toList();
    }

    /**
     * The wirings of all units between connectors of two families, those that were made most often weighing most. Each
     * is named after the newest unit that has it; units whose file can no longer be read are passed over.
     */
    public List<NamedWiring> wirings(String near, String far) throws IOException {
        Map<String, List<Unit>> same = new LinkedHashMap<>();
        for (Unit unit : all()) {
            if (unit.signature().startsWith(near + " " + far + ": ")
                    || unit.signature().startsWith(far + " " + near + ": ")) {
                same.computeIfAbsent(unit.signature(), _ -> new ArrayList<>()).add(unit);
            }
        }
        List<NamedWiring> found = new ArrayList<>();
        for (List<Unit> units : same.values()) {
            Unit newest = units.getFirst();
            try {
                Job job = JobFile.parse(file(newest.id()).orElseThrow(), newest.label());
                List<String> families = job.ends().stream()
                        .map(e -> Catalogue.of(job).of(e).map(ConnectorType::family).orElse("")).toList();
                Wiring wiring = Wiring.between(Nets.planned(job), job.ends().get(0).name(),
                        job.ends().get(1).name());
                // a unit without a plan is no wiring to look for
                if (!wiring.nets().isEmpty()) {
                    found.add(new NamedWiring("log-" + newest.label(), families.get(0), families.get(1),
                            Words.say("log.wiring", newest.label(), newest.job()), wiring, 1 + units.size()));
                }
            } catch (BadFile _) {
                // a unit that this version does not understand
            }
        }
        return found;
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
