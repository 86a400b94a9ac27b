package wegweiser.files.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.model.Job;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.files.Jobs;
import wegweiser.files.io.BadFile;
import wegweiser.files.json.SchemaCheck;

class JobFileTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final String SMALL = """
            { "format": "wegweiser-job", "version": 1, "title": "small",
              "ends": [
                { "name": "A", "device": "Focuser", "connector": "dsub-9-socket", "pinout": [] },
                { "name": "B", "device": "Dome computer", "connector": "dsub-9-plug", "pinout": [] } ],
              "links": [], "readings": [] }
            """;

    @TempDir
    private Path folder;

    @Test
    void theSmallJobThatIsReadAheadOfAllOthersIsOne() {
        assertThatCode(JobFile::prepare).doesNotThrowAnyException();
    }

    @Test
    void whatIsWrittenIsReadBackTheSame() throws Exception {
        SplittableRandom random = new SplittableRandom(1);
        for (int k = 0; k < 300; k++) {
            Job job = Jobs.random(random);
            String text = JobFile.text(job);
            Job back = JobFile.parse(text, "job.json");
            assertThat(back).isEqualTo(job);
            assertThat(JobFile.text(back)).isEqualTo(text);
        }
    }

    @Test
    void unknownMembersSurviveEverywhere() throws Exception {
        ObjectNode node = (ObjectNode) MAPPER
                .readTree(JobFile.text(Jobs.random(new SplittableRandom(7)).withReadingsSetAside("x")));
        List<String> marks = new ArrayList<>();
        mark(node, marks);
        assertThat(marks).hasSizeGreaterThan(30);
        String back = JobFile.text(JobFile.parse(node.toString(), "job.json"));
        assertThat(marks).allSatisfy(m -> assertThat(back).contains(m));
    }

    @Test
    void theFirstVersionIsReadForEver() throws Exception {
        Job job = JobFile.read(Path.of("src/test/resources/wegweiser/files/job/version-1.wegweiser.json"));
        assertThat(job.isReadOnly()).isFalse();
        assertThat(job.version()).isEqualTo(Job.VERSION);
        assertThat(job.readings()).extracting(Reading::how).containsExactly(Provenance.MEASURED,
                new Provenance.Wiggled(12), new Provenance.ByLadder(4700, false),
                new Provenance.ByLadder(Double.POSITIVE_INFINITY, true), Provenance.ASSUMED);
        assertThat(job.readings().get(1).at()).contains(Instant.parse("2026-03-01T19:15:00Z"));
        assertThat(job.readings().getFirst().at()).as("a time without its offset is no time").isEmpty();
        assertThat(job.readings().getFirst().extra()).containsEntry("at", "2026-03-01T20:15");
        assertThat(job.ladderValues().orElseThrow().ohms()).containsEntry(Terminal.parse("A.1"), 1000.0)
                .containsEntry(Terminal.parse("A.2"), Double.POSITIVE_INFINITY);
        assertThat(job.simulation().orElseThrow().lead().orElseThrow()).hasSize(2);
        assertThat(job.ends().getFirst().row("2").orElseThrow().sources().getFirst().confidence())
                .hasValue(0.99);
        String text = JobFile.text(job);
        assertThat(text).contains("\"version\" : " + Job.VERSION, "2026-03-01T20:15\"", "later-perhaps");
        assertThat(JobFile.parse(text, "again")).isEqualTo(job);
    }

    /** Puts a member that nobody knows into every object of a job; in two, members are not named by the format. */
    private static void mark(JsonNode node, List<String> marks) {
        boolean byName = node.has("A.1") || node.path("B").has("pinout");
        for (JsonNode child : node) {
            mark(child, marks);
        }
        if (node instanceof ObjectNode object && !byName) {
            String mark = "unheard-of-" + marks.size() + "-";
            marks.add(mark);
            object.put(mark, "kept");
        }
    }

    @Test
    void aNewerVersionIsReadOnlyAndIsNotWritten() throws Exception {
        Job job = JobFile.parse(SMALL.replace("\"version\": 1", "\"version\": " + (Job.VERSION + 1)),
                "job.json");
        assertThat(job.isReadOnly()).isTrue();
        assertThatThrownBy(() -> JobFile.write(folder.resolve("job.json"), job))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("newer version");
        assertThat(folder.resolve("job.json")).doesNotExist();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"{ \"format\": \"wegweiser-job\", |line 1|ends too early",
            "|the file is empty|", "[1,2]|not a job file|", "{}|not a job file|",
            "{ \"format\": \"wegweiser-job\", \"version\": 1, \"title\": \"x\" }|ends|is missing",
            "{ \"a\": 1, \"a\": 2 }|line 1|Duplicate", "hello|line 1|not JSON",
            "{ \"format\": \"wegweiser-job\", \"version\": \"one\", \"title\": \"x\", \"ends\": [] }|version|must be a whole number"})
    void aBrokenFileGetsOnePlainSentence(String text, String place, String reason) {
        BadFile e = catchThrowableOfType(BadFile.class,
                () -> JobFile.parse(text == null ? "" : text, "job.json"));
        assertThat(e).isNotNull();
        assertThat(e.getMessage()).startsWith("job.json").contains(place).endsWith(".")
                .doesNotContain("Exception").doesNotContain("\n");
        if (reason != null) {
            assertThat(e.getMessage()).contains(reason);
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "\"connector\": \"dsub-9-plug\"|\"connector\": \"dsub-10-plug\"|line 4|ends[1].connector|dsub-10-plug",
            "\"name\": \"B\"|\"name\": \"A\"|line 4|ends[1].name|used twice",
            "\"links\": []|\"links\": [ { \"from\": \"A2\" } ]|line 5|links[0].from|A2",
            "\"links\": []|\"links\": [ { \"from\": \"C.2\" } ]|line 5|links[0].from|does not have",
            "\"links\": []|\"links\": [ { \"from\": \"A.2\", \"to\": \"B.2\", \"part\": { \"kind\": \"resistor\" } } ]|line 5|links[0].part.ohms|needs its value",
            "\"readings\": []|\"readings\": [ { \"mode\": \"continuity\", \"red\": [\"A.1\"], \"black\": [\"B.1\"] } ]|line 5|readings[0].result|beep or silent",
            "\"readings\": []|\"readings\": [ { \"mode\": \"ohms\", \"red\": [\"A.1\"], \"black\": [\"A.1\"], \"ohms\": 3 } ]|line 5|readings[0]|both probes",
            "\"readings\": []|\"readings\": [ { \"mode\": \"ohms\", \"red\": [], \"black\": [\"A.1\"] } ]|line 5|readings[0].red|at least 1",
            "\"readings\": []|\"readings\": [ { \"mode\": \"smell\", \"red\": [\"A.1\"], \"black\": [\"B.1\"] } ]|line 5|readings[0].mode|must be one of"})
    void aSenselessFileNamesPlaceAndReason(String from, String to, String line, String place, String reason) {
        BadFile e = catchThrowableOfType(BadFile.class,
                () -> JobFile.parse(SMALL.replace(from, to), "job.json"));
        assertThat(e).isNotNull();
        assertThat(e.getMessage()).contains(line).contains(place).contains(reason);
    }

    @Test
    void theFileIsReplacedWholeAndNothingIsLeftBeside() throws Exception {
        Path file = folder.resolve("jobs").resolve("a.wegweiser.json");
        Job job = Jobs.random(new SplittableRandom(3));
        JobFile.write(file, job);
        JobFile.write(file, job.withTitle("another"));
        assertThat(JobFile.read(file).title()).isEqualTo("another");
        try (var files = Files.list(file.getParent())) {
            assertThat(files).containsExactly(file);
        }
    }

    @Test
    void aFileThatIsNotThereOrNotTextIsSaidToBe() throws Exception {
        assertThatThrownBy(() -> JobFile.read(folder.resolve("none.json"))).isInstanceOf(BadFile.class)
                .hasMessage("none.json: there is no such file.");
        Path binary = folder.resolve("binary.json");
        Files.write(binary, new byte[]{(byte) 0xff, (byte) 0xfe, 0, 1});
        assertThatThrownBy(() -> JobFile.read(binary)).isInstanceOf(BadFile.class)
                .hasMessageContaining("not UTF-8");
    }

    @Test
    void theSchemaIsPublishedBesideTheFormat() throws IOException {
        Path published = Path.of("..", "docs", "job.schema.json");
        String own = new String(JobFile.class.getResourceAsStream("job.schema.json").readAllBytes(),
                StandardCharsets.UTF_8);
        assertThat(Files.readString(published)).isEqualTo(own);
    }

    /** The project's own small checker against a full implementation of JSON Schema, over thousands of spoilt files. */
    @Test
    void theSchemaCheckAgreesWithAFullValidator() throws IOException {
        JsonSchema full = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(JobFile.schema());
        SchemaCheck own = new SchemaCheck(JobFile.schema());
        SplittableRandom random = new SplittableRandom(99);
        int broken = 0;
        for (int k = 0; k < 3000; k++) {
            JsonNode node = MAPPER.readTree(JobFile.text(Jobs.random(random)));
            for (int m = random.nextInt(3); m >= 0; m--) {
                spoil(node, random);
            }
            boolean valid = full.validate(node).isEmpty();
            assertThat(own.check(node).isEmpty()).as("%s", node).isEqualTo(valid);
            broken += valid ? 0 : 1;
        }
        assertThat(broken).isBetween(300, 2990);
    }

    private static void spoil(JsonNode root, SplittableRandom random) {
        List<JsonNode> inner = new ArrayList<>();
        collect(root, inner);
        JsonNode chosen = inner.get(random.nextInt(inner.size()));
        JsonNode junk = switch (random.nextInt(7)) {
            case 0 -> MAPPER.nullNode();
            case 1 -> MAPPER.getNodeFactory().numberNode(-7);
            case 2 -> MAPPER.getNodeFactory().textNode("");
            case 3 -> MAPPER.createArrayNode();
            case 4 -> MAPPER.createObjectNode();
            case 5 -> MAPPER.getNodeFactory().booleanNode(true);
            default -> MAPPER.getNodeFactory().numberNode(2.5);
        };
        if (chosen instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            String name = names.get(random.nextInt(names.size()));
            if (random.nextBoolean()) {
                object.remove(name);
            } else {
                object.set(name, junk);
            }
        } else if (chosen instanceof ArrayNode array && !array.isEmpty()) {
            array.set(random.nextInt(array.size()), junk);
        }
    }

    private static void collect(JsonNode node, List<JsonNode> into) {
        if (node.isContainerNode()) {
            into.add(node);
            node.forEach(child -> collect(child, into));
        }
    }
}
