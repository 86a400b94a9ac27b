package wegweiser.app.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.app.demo.DemoWorkshop;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Reading;
import wegweiser.core.route.Router;
import wegweiser.files.job.JobFile;

class CommandsTest {
    @TempDir
    private Path folder;
    private Path demo;
    private String errors = "";

    /** What a command answered. */
    private record Answer(int status, String out) {
        JsonNode json() throws Exception {
            assertThat(out.strip().lines().count()).isEqualTo(1);
            return new ObjectMapper().readTree(out);
        }
    }

    @BeforeEach
    void make() throws Exception {
        demo = DemoWorkshop.create(folder);
    }

    private Answer run(Object... words) {
        List<String> args = new ArrayList<>();
        for (Object word : words) {
            args.add(word.toString());
        }
        PrintStream out = System.out;
        PrintStream err = System.err;
        ByteArrayOutputStream outBytes = new ByteArrayOutputStream();
        ByteArrayOutputStream errBytes = new ByteArrayOutputStream();
        try {
            System.setOut(new PrintStream(outBytes, true, StandardCharsets.UTF_8));
            System.setErr(new PrintStream(errBytes, true, StandardCharsets.UTF_8));
            int status = CommandLineApp.run(args.toArray(String[]::new));
            return new Answer(status, outBytes.toString(StandardCharsets.UTF_8));
        } finally {
            System.setOut(out);
            System.setErr(err);
            errors = errBytes.toString(StandardCharsets.UTF_8);
        }
    }

    private Path file(String name, Job job) throws Exception {
        Path file = folder.resolve(name + JobFile.ENDING);
        JobFile.write(file, job);
        return file;
    }

    private static Job nine(String title, String links) {
        List<Link> all = new ArrayList<>();
        for (String word : links.split(" ")) {
            all.add(Link.of("A." + word.substring(0, 1), "B." + word.substring(2)));
        }
        return Job.of(title, List.of(End.of("A", "Focuser", "dsub-9-socket", List.of()),
                End.of("B", "Dome drive", "dsub-9-plug", List.of())), all, List.of());
    }

    @Test
    void checkIsFineOrWrong() throws Exception {
        Job good = DemoWorkshop.mastLogger();
        Answer fine = run("check", file("good", Router.schemes(good).getFirst().applyTo(good)), "--json");
        assertThat(fine.status()).isZero();
        assertThat(fine.json().get("findings").isArray()).isTrue();
        Answer wrong = run("check", file("bad", good.withLinks(List.of(Link.of("A.3", "B.6")))), "--json");
        assertThat(wrong.status()).isEqualTo(1);
        JsonNode finding = wrong.json().at("/findings/0");
        for (String member : List.of("rule", "severity", "terminals", "message", "remedy")) {
            assertThat(finding.has(member)).as(member).isTrue();
        }
    }

    @Test
    void routeNamesItsReasons() throws Exception {
        JsonNode schemes = run("route", demo, "--json").json().get("schemes");
        assertThat(schemes).hasSizeGreaterThan(1);
        assertThat(StreamSupport.stream(schemes.at("/0/links").spliterator(), false))
                .allMatch(l -> !l.get("why").asText().isBlank());
    }

    @Test
    void traceFindsTheHiddenWiringWithAnyFixture() throws Exception {
        Path odd = file("odd", nine("truth", "1-1 2-3 3-2 5-5"));
        Path named = file("named", nine("truth", "2-3 3-2 5-5"));
        Path job = file("open", nine("open", "1-1").withLinks(List.of()));
        for (String fixture : List.of("probes", "clip", "comb")) {
            for (String goal : List.of("identify", "prove")) {
                boolean prove = goal.equals("prove");
                JsonNode out = run("trace", job, "--hidden", prove ? odd : named, "--fixture", fixture,
                        "--goal", goal,
                        "--seed", 5, "--json").json();
                List<String> nets = StreamSupport.stream(out.get("nets").spliterator(), false)
                        .map(JsonNode::toString).toList();
                assertThat(nets).as("%s %s", fixture, goal)
                        .contains("[\"A.2\",\"B.3\"]", "[\"A.3\",\"B.2\"]", "[\"A.5\",\"B.5\"]")
                        .hasSize(prove ? 4 : 3);
                assertThat(out.at("/recognised/id").asText()).isEqualTo(prove ? "" : "crossed-3");
                assertThat(out.get("sweepTouches").asInt()).isPositive();
                if (prove) {
                    assertThat(out.get("proved").asBoolean()).as(fixture).isEqualTo(fixture.equals("comb"));
                    assertThat(out.get("unproved").asInt()).isEqualTo(out.get("open").size());
                    assertThat(out.get("depth").asText())
                            .isIn(fixture.equals("comb") ? List.of("all") : List.of("rows", "neighbours"));
                }
            }
        }
    }

    @Test
    void proveTouchesUntilItIsSureEnough() throws Exception {
        Path plan = file("plan", nine("plan", "2-3 3-2 5-5"));
        JsonNode good = run("prove", plan, "--hidden", plan, "--sure", 100, "--json").json();
        assertThat(good.get("verdict").asText()).isEqualTo("tested");
        assertThat(good.get("chanceLeft").asDouble()).isPositive().isLessThanOrEqualTo(0.01);
        assertThat(good.get("harmLeft").asDouble()).isLessThanOrEqualTo(0.001);
        assertThat(good.get("touches").asInt()).isBetween(3, 14);
        assertThat(good.get("seconds").asInt()).isPositive();
        assertThat(run("prove", plan, "--hidden", plan, "--sure", 100).out()).startsWith("Tested: 1 in ")
                .contains("touches made");
        // one wire open: a reading does not fit, and what is wrong is looked for
        Path open = file("open", nine("open", "2-3 5-5"));
        Answer bad = run("prove", plan, "--hidden", open, "--sure", 100, "--json");
        assertThat(bad.status()).isEqualTo(1);
        assertThat(bad.json().get("verdict").asText()).isEqualTo("fail");
        assertThat(bad.json().get("chanceLeft").asDouble()).isEqualTo(1);
        assertThat(bad.json().at("/explanations/0/kind").asText()).isEqualTo("open");
        assertThat(run("prove", plan, "--hidden", open, "--sure", 100).out()).startsWith("Failed: ");
        // how sure the readings of a job make: not at all, where there are none, and where nothing is planned
        for (Path job : List.of(plan, file("blank", nine("blank", "1-1").withLinks(List.of())))) {
            JsonNode none = run("prove", job, "--sure", 20, "--json").json();
            assertThat(none.get("verdict").asText()).isEqualTo("incomplete");
            assertThat(none.get("touches").asInt()).isZero();
        }
        assertThat(run("prove", plan, "--json").json().has("chanceLeft")).isFalse();
        assertThat(run("prove", plan, "--sure", 1).status()).isEqualTo(2);
        assertThat(errors).contains("from 2 on");
    }

    @Test
    void provedAndPassedRestOnNoSingleReading() throws Exception {
        Path truth = file("truth", nine("truth", "2-3 3-2 5-5"));
        Path job = file("open", nine("open", "1-1").withLinks(List.of()));
        for (String goal : List.of("once", "prove")) {
            boolean proved = goal.equals("prove");
            JsonNode out = run("trace", job, "--hidden", truth, "--fixture", "comb", "--goal", goal, "--json")
                    .json();
            assertThat(out.get("depth").asText()).isEqualTo("all");
            assertThat(out.get("proved").asBoolean()).as(goal).isEqualTo(proved);
            assertThat(out.get("alone").isEmpty()).as(goal).isEqualTo(proved);
            assertThat(out.get("unproved").asInt() == 0).as(goal).isEqualTo(proved);
            assertThat(out.get("open").size()).isEqualTo(out.get("unproved").asInt());
        }
        JsonNode once = run("prove", truth, "--hidden", truth, "--fixture", "comb", "--once", "--json")
                .json();
        assertThat(once.get("once").asInt()).isEqualTo(once.get("plan").size());
        assertThat(once.get("blind").toString()).contains("were not read twice");
        JsonNode two = run("prove", truth, "--hidden", truth, "--fixture", "comb", "--json").json();
        assertThat(two.get("once").asInt()).isZero();
        assertThat(two.get("verdict").asText()).isEqualTo("pass");
        assertThat(two.get("blind").toString()).doesNotContain("were not read twice");
    }

    @Test
    void nothingIsProvedWhereThereAreNoContacts() throws Exception {
        Path job = file("blank", Job.of("Blank", List.of(End.of("A", "Mast", End.LEADS, List.of()),
                End.of("B", "Dome", End.LEADS, List.of())), List.of(), List.of()));
        for (String fixture : List.of("probes", "comb")) {
            Answer trace = run("trace", job, "--hidden", job, "--fixture", fixture, "--json");
            assertThat(trace.json().get("proved").asBoolean()).as(fixture).isFalse();
            assertThat(
                    run("prove", job, "--hidden", job, "--fixture", fixture, "--json").json().get("verdict")
                            .asText())
                    .as(fixture).isEqualTo("incomplete");
        }
        assertThat(run("trace", job, "--hidden", job).out()).contains("so nothing is proved");
    }

    @Test
    void evidenceEndsWithOneOnlyWhenSomethingConflicts() throws Exception {
        Job job = nine("x", "1-1").withLinks(List.of());
        assertThat(
                run("evidence", file("fine", job.withReading(Reading.beep("A.1", "B.1"))), "--json").status())
                .isZero();
        assertThat(
                run("evidence",
                        file("doubt",
                                job.withReading(Reading.beep("A.1", "B.1"))
                                        .withReading(Reading.silent("A.1", "B.1"))),
                        "--json").status())
                .isEqualTo(1);
    }

    @Test
    void proveMakeChainSheetAndLogAnswer() throws Exception {
        Path job = file("plan", nine("plan", "2-3 3-2 5-5"));
        assertThat(run("prove", job, "--json").json().get("verdict").asText()).isEqualTo("incomplete");
        Answer pass = run("prove", job, "--hidden", job, "--fixture", "comb", "--json");
        assertThat(pass.status()).isZero();
        assertThat(pass.json().get("verdict").asText()).isEqualTo("pass");
        Answer fail = run("prove", job, "--hidden", file("other", nine("other", "2-2 3-3 5-5")), "--json");
        assertThat(fail.status()).isEqualTo(1);
        assertThat(fail.json().at("/explanations/0/repair")).isNotEmpty();
        assertThat(run("make", job, "--json").json().get("steps")).isNotEmpty();
        JsonNode chain = run("chain", job, job, "--json").json();
        assertThat(chain.get("map").toString()).isEqualTo("{\"2\":[\"2\"],\"3\":[\"3\"],\"5\":[\"5\"]}");
        assertThat(chain.get("problems")).isEmpty();
        assertThat(run("chain", demo, demo, "--json").status()).isEqualTo(1);
        assertThat(run("sheet", job, "-o", folder.resolve("s.svg")).status()).isZero();
        assertThat(folder.resolve("s.svg")).isNotEmptyFile();
        assertThat(
                run("log", "add", job, "--workshop", folder, "--json").json().at("/units/0/label").asText())
                .isEqualTo("W-0001");
        assertThat(run("log", "find", job, "--workshop", folder, "--json").json().get("units")).hasSize(1);
        assertThat(run("log", "find", "zebra", "--workshop", folder, "--json").json().get("units")).isEmpty();
        assertThat(run("log", "list", "--workshop", folder).out()).contains("W-0001")
                .contains("crossed, three wires");
    }

    @Test
    void readSavesEachReadingAndRefusesWhatItDoesNotUnderstand() throws Exception {
        InputStream in = System.in;
        try {
            System.setIn(new ByteArrayInputStream(
                    "A.2 B.5 beep\nnonsense\nA.3 B.6 silent\n".getBytes(StandardCharsets.UTF_8)));
            Answer answer = run("read", demo);
            assertThat(answer.out().lines()).containsExactly("saved 1", "saved 2");
            assertThat(answer.status()).isEqualTo(2);
            assertThat(errors).contains("nonsense");
        } finally {
            System.setIn(in);
        }
        assertThat(JobFile.read(demo).readings()).hasSize(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"check none.json", "check", "nonsense", "trace x.json", "log", "log burn",
            "check --fast", "prove none.json --fixture tongs"})
    void whatCannotBeDoneIsSaidInOneSentence(String words) {
        Answer answer = run((Object[]) words.split(" "));
        assertThat(answer.status()).isEqualTo(2);
        assertThat(errors.strip().lines()).hasSize(1);
        assertThat(errors).startsWith("wegweiser: ").doesNotContain("Exception").doesNotContain("\tat ");
        assertThat(answer.out()).isEmpty();
    }

    @Test
    void aBrokenFileIsNotTouched() throws Exception {
        Path broken = folder.resolve("broken.json");
        Files.writeString(broken, "{ \"format\": \"wegweiser-job\", ");
        assertThat(run("check", broken, "--json").status()).isEqualTo(2);
        assertThat(errors).contains("broken.json, line 1");
        assertThat(Files.readString(broken)).isEqualTo("{ \"format\": \"wegweiser-job\", ");
    }

    @Test
    void helpIsThere() {
        assertThat(run("--help").status()).isZero();
        assertThat(run("trace", "--help").out()).contains("--hidden").contains("Example");
        assertThat(run("--help").out()).contains("demo", "screenshots", "window", "generate-completion");
        for (String word : List.of("demo", "screenshots", "window")) {
            assertThat(run(word, "--help").out()).as(word).contains("Usage: wegweiser " + word);
        }
        assertThat(run("--version").out()).matches("wegweiser \\d+\\.\\d+\\.\\d+\\s*");
        assertThat(run("generate-completion").out()).contains("complete -F _complete_wegweiser");
    }
}
