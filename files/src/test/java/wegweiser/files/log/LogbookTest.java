package wegweiser.files.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.advice.Advisor;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Goal;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.make.Redo;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.CutOff;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.prove.Testing;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.files.Jobs;
import wegweiser.files.job.JobFile;

class LogbookTest {
    @TempDir
    private Path folder;
    private Path file;

    @BeforeEach
    void place() {
        file = folder.resolve("workshop").resolve("logbook.db");
    }

    private static Job crossed(String title) {
        return Job.of(title,
                List.of(End.of("A", "Mast logger", "dsub-9-socket", List.of()),
                        End.of("B", "Dome computer", "dsub-9-socket", List.of())),
                List.of(Link.of("A.2", "B.3"), Link.of("A.3", "B.2"), Link.of("A.5", "B.5")), List.of());
    }

    @Test
    void aCableThatHasANumberGetsAnotherPageOfIt() throws Exception {
        Job first = crossed("mast");
        try (Logbook log = Logbook.open(file)) {
            String number = log.add(first, Testing.with(Fixture.COMB), "2026-03-01T20:00:00Z").label();
            assertThat(number).isEqualTo("W-0001");
            Job anew = Redo.of(first, "A", 30, "mast, end A anew", Optional.of(number));
            assertThat(log.add(anew, Testing.with(Fixture.COMB), "2026-04-01T20:00:00Z").label())
                    .isEqualTo("W-0001/2");
            assertThat(log.add(anew, Testing.with(Fixture.COMB), "2026-05-01T20:00:00Z").label())
                    .isEqualTo("W-0001/3");
            assertThat(log.find("W-0001")).extracting(Unit::label)
                    .containsExactlyInAnyOrder("W-0001", "W-0001/2", "W-0001/3");
            assertThat(log.add(crossed("other"), Testing.with(Fixture.COMB), "2026-05-02T20:00:00Z").label())
                    .doesNotContain("/").isNotEqualTo("W-0001");
        }
    }

    @Test
    void whatIsKeptNamesNoClassAndIsInNoLanguage() throws Exception {
        Job job = crossed("kept").withReadings(List.of(Reading.beep("A.2", "B.3"),
                Reading.of(Mode.OHMS, Touch.of(Terminal.parse("A.3"), Terminal.parse("B.2")),
                        new Outcome.Resistance(0.4)),
                Reading.of(Mode.OHMS, Touch.of(Terminal.parse("A.2"), Terminal.parse("A.5")), Outcome.OPEN)));
        try (Logbook log = Logbook.open(file)) {
            log.add(job, Testing.with(Fixture.COMB), "2026-03-01T20:00:00Z");
        }
        assertThat(rows("SELECT red || ' | ' || black || ' | ' || outcome FROM reading ORDER BY n"))
                .containsExactly(
                        "A.2 | B.3 | {\"result\":\"beep\"}", "A.3 | B.2 | {\"ohms\":0.4}",
                        "A.2 | A.5 | {\"result\":\"open\"}");
        assertThat(rows("SELECT DISTINCT kind || ' ' || expect FROM result")).containsExactlyInAnyOrder(
                "apart apart", "joined joined");
        assertThat(rows("SELECT red FROM result WHERE kind = 'apart'"))
                .allMatch(red -> red.matches("[A-B]\\.\\w+( [A-B]\\.\\w+)*"));
    }

    @Test
    void aUnitIsKnownAgainUntilSomethingOfTheJobChanges() throws Exception {
        Job job = crossed("known").withReadings(List.of(Reading.beep("A.2", "B.3")));
        try (Logbook log = Logbook.open(file)) {
            assertThat(log.recorded(job)).isEmpty();
            String label = log.add(job, Testing.with(Fixture.COMB), "2026-03-01T20:00:00Z").label();
            assertThat(log.recorded(job)).contains(label);
            assertThat(log.recorded(job.withReading(Reading.beep("A.3", "B.2")))).isEmpty();
            assertThat(log.recorded(job.withTitle("other"))).isEmpty();
        }
    }

    private List<String> rows(String sql) throws SQLException {
        List<String> found = new ArrayList<>();
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement();
                var rows = statement.executeQuery(sql)) {
            while (rows.next()) {
                found.add(rows.getString(1));
            }
        }
        return found;
    }

    @Test
    void manyWhoAddAtOnceWaitForEachOtherAndGetNumbersOfTheirOwn() throws Exception {
        List<String> labels = java.util.Collections.synchronizedList(new ArrayList<>());
        try (var pool = java.util.concurrent.Executors.newFixedThreadPool(4)) {
            List<java.util.concurrent.Future<?>> all = new ArrayList<>();
            for (int k = 0; k < 24; k++) {
                // the first of them make the logbook
                all.add(pool.submit(() -> {
                    try (Logbook log = Logbook.open(file)) {
                        return labels.add(log
                                .add(crossed("one of many"), Testing.with(Fixture.COMB),
                                        "2026-03-01T20:00:00Z")
                                .label());
                    }
                }));
            }
            for (var one : all) {
                one.get();
            }
        }
        assertThat(labels).hasSize(24).doesNotHaveDuplicates();
    }

    @Test
    void whatIsNoLogbookIsRefusedInWordsAndLeftAsItIs() throws Exception {
        java.nio.file.Files.createDirectories(file.getParent());
        java.nio.file.Files.writeString(file,
                "a letter to the telescope maker, long enough to be taken for a page".repeat(20));
        refused("it is no logbook");
        java.nio.file.Files.delete(file);
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement s = other.createStatement()) {
            s.execute("CREATE TABLE stars (name TEXT)");
        }
        refused("another program’s database");
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file);
                java.sql.ResultSet tables = other.getMetaData().getTables(null, null, "unit", null)) {
            assertThat(tables.next()).as("nothing of ours was put there").isFalse();
        }
        java.nio.file.Files.delete(file);
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement s = other.createStatement()) {
            s.execute("PRAGMA user_version = -3");
        }
        refused("damaged");
        assertThatThrownBy(() -> Logbook.open(Path.of("/dev/null/logbook.db")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("no folder");
    }

    private void refused(String reason) {
        assertThatThrownBy(() -> Logbook.open(file)).isInstanceOf(IOException.class)
                .hasMessageContaining(reason)
                .message().doesNotContain("SQLITE");
    }

    @Test
    void aUnitWithoutAPlanIsNoWiringToLookFor() throws Exception {
        try (Logbook log = Logbook.open(file)) {
            log.add(crossed("bare").withLinks(List.of()), Testing.with(Fixture.COMB), "2026-03-01T20:00:00Z");
            assertThat(log.wirings("dsub-9", "dsub-9")).isEmpty();
        }
    }

    @Test
    void unitsAreThereAfterARestartWithRisingNumbers() throws Exception {
        try (Logbook log = Logbook.open(file)) {
            assertThat(log.add(crossed("one"), Testing.with(Fixture.COMB), "2026-03-01T20:00:00Z").label())
                    .isEqualTo("W-0001");
        }
        try (Logbook log = Logbook.open(file)) {
            Job other = Jobs.random(new SplittableRandom(2));
            Unit second = log.add(other.withCable(other.cable().withLabel(Optional.empty())),
                    Testing.with(Fixture.PROBES),
                    "2026-03-02T20:00:00Z");
            assertThat(second.label()).isEqualTo("W-0002");
            assertThat(log.all()).extracting(Unit::label).containsExactly("W-0002", "W-0001");
            assertThat(log.all().getLast().wiring()).isEqualTo("crossed, three wires");
            assertThat(log.all().getLast().result()).isEqualTo("incomplete");
            assertThat(JobFile.parse(log.file(1).orElseThrow(), "job.json")).isEqualTo(crossed("one"));
            assertThat(log.file(99)).isEmpty();
        }
    }

    @Test
    void whatWasPutOnAnewStaysWithItsUnit() throws Exception {
        Job before = crossed("mast lead");
        Job after = before.withCable(CableUse.of("ribbon-10", 900).withCutOff(CutOff.of("B", 40))
                .withCutOff(CutOff.of("A", 25.5)));
        try (Logbook log = Logbook.open(file)) {
            log.add(before, Testing.with(Fixture.COMB), "2026-03-01T20:00:00Z");
            Unit redone = log.add(after, Testing.with(Fixture.COMB), "2026-04-01T20:00:00Z");
            assertThat(redone.anew()).containsExactly(CutOff.of("B", 40), CutOff.of("A", 25.5));
            assertThat(log.all()).extracting(Unit::anew).containsExactly(redone.anew(), List.of());
        }
    }

    @Test
    void wordsInAnyOrderFindAUnitAndSoDoesItsWiring() throws Exception {
        try (Logbook log = Logbook.open(file)) {
            log.add(crossed("focuser lead"), Testing.with(Fixture.COMB), "2026-03-01T20:00:00Z");
            log.add(crossed("dome lead").withLinks(List.of(Link.of("A.1", "B.1"))),
                    Testing.with(Fixture.COMB),
                    "2026-03-01T21:00:00Z");
            assertThat(log.find("lead focuser")).extracting(Unit::label).containsExactly("W-0001");
            assertThat(log.find("LEAD")).hasSize(2);
            assertThat(log.find("nothing of the kind")).isEmpty();
            assertThat(log.sameWiring(crossed("other title"))).extracting(Unit::label)
                    .containsExactly("W-0001");
        }
    }

    @Test
    void wiringsThatWereMadeMayBeExpectedAgain() throws Exception {
        Job odd = crossed("mast lead").withLinks(List.of(Link.of("A.1", "B.7"), Link.of("A.4", "B.2")));
        try (Logbook log = Logbook.open(file)) {
            assertThat(log.wirings("dsub-9", "dsub-9")).isEmpty();
            log.add(crossed("focuser lead"), Testing.with(Fixture.COMB), "2026-03-01T20:00:00Z");
            log.add(odd, Testing.with(Fixture.COMB), "2026-03-01T21:00:00Z");
            log.add(odd.withTitle("mast lead, second"), Testing.with(Fixture.COMB), "2026-03-01T22:00:00Z");
            assertThat(log.wirings("dsub-9", "dsub-25")).isEmpty();
            assertThat(log.wirings("dsub-9", "dsub-9")).hasSize(2).first().satisfies(w -> {
                assertThat(w.title()).isEqualTo("as W-0003 in the log (mast lead, second)");
                assertThat(w.weight()).isEqualTo(3);
                assertThat(w.wiring().nets()).hasSize(2);
            });
            Job blank = odd.withLinks(List.of());
            TerminalIndex index = new TerminalIndex(Terminals.of(blank));
            List<NamedWiring> known = new ArrayList<>(NamedWiring.standard());
            known.addAll(log.wirings("dsub-9", "dsub-9"));
            Evidence seen = new Evidence(index,
                    List.of(Reading.beep("A.1", "B.7"), Reading.beep("A.4", "B.2")));
            Advisor advisor = new Advisor(blank, index, Fixture.PROBES, Goal.IDENTIFY, CostModel.USUAL, 1,
                    known);
            assertThat(advisor.belief(seen).shares().getFirst().hypothesis().title()).contains("W-0003");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"UPDATE unit SET result = 'pass'", "DELETE FROM unit",
            "UPDATE reading SET outcome = 'x'", "DELETE FROM reading", "UPDATE result SET state = 'PASSED'",
            "DELETE FROM result"})
    void nothingThatWasRecordedCanBeChanged(String sql) throws Exception {
        try (Logbook log = Logbook.open(file)) {
            log.add(Jobs.random(new SplittableRandom(4)).withDone(List.of()), Testing.with(Fixture.COMB),
                    "2026-03-01T20:00:00Z");
            log.add(crossed("x").withReading(wegweiser.core.model.Reading.beep("A.2", "B.3")),
                    Testing.with(Fixture.COMB),
                    "2026-03-01T20:00:00Z");
        }
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement s = c.createStatement()) {
            assertThatThrownBy(() -> s.executeUpdate(sql)).isInstanceOf(SQLException.class)
                    .hasMessageContaining("only ever added to");
        }
    }

    @Test
    void aLogbookOfANewerProgramIsLeftAlone() throws Exception {
        Logbook.open(file).close();
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement s = c.createStatement()) {
            s.execute("PRAGMA user_version = " + (Migrations.newest() + 1));
        }
        assertThatThrownBy(() -> Logbook.open(file)).isInstanceOf(IOException.class)
                .hasMessageContaining("newer version");
    }

    /** Whoever looks at a logbook that is being made may see nothing yet, and must not keep the one who makes it from doing so. */
    @Test
    void aNewLogbookIsMadeWhileOthersLookAtIt() throws Exception {
        for (int round = 0; round < 60; round++) {
            Path made = file.resolveSibling("new-" + round).resolve("logbook.db");
            try (var pool = Executors.newFixedThreadPool(4)) {
                CountDownLatch done = new CountDownLatch(1);
                for (int k = 0; k < 3; k++) {
                    pool.submit(() -> {
                        while (done.getCount() > 0) {
                            if (Files.exists(made)) {
                                look(made);
                            }
                        }
                    });
                }
                try (Logbook log = Logbook.open(made)) {
                    assertThat(
                            log.add(crossed("the first"), Testing.with(Fixture.COMB), "2026-03-01T20:00:00Z")
                                    .label())
                            .as(
                                    "round %d", round)
                            .isNotBlank();
                } finally {
                    done.countDown();
                }
            }
        }
    }

    private static void look(Path made) {
        try (Logbook log = Logbook.look(made)) {
            assertThat(log.all()).hasSizeLessThan(2);
        } catch (IOException _) {
            // it may be too early to look
        }
    }

    /** What a program before this one recorded is read as it is, also where nothing may be written; a new page is added to it. */
    @Test
    void aLogbookOfAnEarlierProgramIsReadAndGoesOn() throws Exception {
        try (Logbook log = Logbook.open(file)) {
            log.add(crossed("before"), Testing.with(Fixture.PROBES), "2026-03-01T20:00:00Z");
        }
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement s = c.createStatement()) {
            s.execute("ALTER TABLE unit DROP COLUMN said");
            s.execute("PRAGMA user_version = 1");
        }
        try (Logbook log = Logbook.look(file)) {
            assertThat(log.all()).extracting(Unit::said).containsExactly("");
        }
        try (Logbook log = Logbook.open(file)) {
            Unit now = log.add(crossed("after").withReading(Reading.beep("A.2", "B.3")),
                    Testing.with(Fixture.PROBES), "2026-03-02T20:00:00Z");
            assertThat(now.said()).startsWith("Not yet: 1 in ");
            assertThat(log.all()).extracting(Unit::said).containsExactly(now.said(), "");
            assertThat(log.find("fault left")).extracting(Unit::job).containsExactly("after");
        }
    }
}
