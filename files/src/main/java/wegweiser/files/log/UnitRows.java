package wegweiser.files.log;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import wegweiser.core.model.Job;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.prove.Test;
import wegweiser.core.prove.Verdict;
import wegweiser.core.words.Words;
import wegweiser.files.job.JobFile;
import wegweiser.files.json.Mapping;

/** The rows of one unit: what it is, what was read of it, and how each of its tests ended. */
final class UnitRows {
    private UnitRows() {}

    /** Adds the rows; what an assumed reading says was not read, and is not kept. */
    static void insert(Connection connection, Unit unit, Job job, Verdict verdict) throws SQLException {
        unit(connection, unit, job);
        readings(connection, unit, job.readings().stream().filter(r -> !r.isAssumed()).toList());
        results(connection, unit, verdict);
    }

    private static void unit(Connection connection, Unit unit, Job job) throws SQLException {
        try (PreparedStatement s = connection.prepareStatement(
                "INSERT INTO unit (id, label, job, ends, wiring, signature, result, made_at, file, said) VALUES (?,?,?,?,?,?,?,?,?,?)")) {
            s.setLong(1, unit.id());
            s.setString(2, unit.label());
            s.setString(3, unit.job());
            s.setString(4, unit.ends());
            s.setString(5, unit.wiring());
            s.setString(6, unit.signature());
            s.setString(7, unit.result());
            s.setString(8, unit.madeAt());
            s.setString(9, JobFile.text(job));
            s.setString(10, unit.said());
            s.executeUpdate();
        }
    }

    private static void readings(Connection connection, Unit unit, List<Reading> readings)
            throws SQLException {
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

    private static void results(Connection connection, Unit unit, Verdict verdict) throws SQLException {
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
}
