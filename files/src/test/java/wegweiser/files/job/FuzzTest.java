package wegweiser.files.job;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.readings.ReadingList;
import wegweiser.core.readings.TypedReading;
import wegweiser.files.Jobs;
import wegweiser.files.io.BadFile;
import wegweiser.files.json.Document;

/**
 * Spoilt job files and lines that a hurried hand types: each is taken, or refused in one sentence; and what is taken can
 * be written, read again, and is the same. {@code -Dfuzz.rounds=200000} tries for long.
 */
class FuzzTest {
    private static final int ROUNDS = Integer.getInteger("fuzz.rounds", 2500);
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final List<String> VALUES = List.of("null", "true", "-1", "0", "1e999", "-1e999", "1e308",
            "2147483648",
            "4294967297", "0.1", "\"\"", "\" \"", "\"\\u2003\"", "\"A.1\"", "\"B.\"", "\"A.1 \"",
            "\"A.1\\n2\"", "\"\\u202Ex\"",
            "\"\\u0001\"", "\"\\uD800\"", "\"\u03B1\"", "\"\u4E2D\"", "\"=1+1\"", "[]", "{}", "[null]",
            "[\"A.1\",\"A.1\"]",
            "{\"kind\":\"diode\"}", "{\"kind\":\"resistor\",\"ohms\":1e400}", "\"reaction\"", "\"reacts\"",
            "\"ohms\"", "\"open\"",
            "\"dsub-9-plug\"", "\"leads\"", "\"A\"", "3");

    private static final List<String> NAMES = List.of("note", "", "\u0001", "\u202Ename", "\uD800", "a\nb",
            "n".repeat(300), "\u03B1", "x.y", "[0]");

    private static void isASentence(String said) {
        assertThat(said).endsWith(".").doesNotContain("\n").doesNotContain("Exception")
                .doesNotContain("java.");
        assertThat(said.length()).isLessThan(400);
    }

    private static List<JsonNode> inner(JsonNode node) {
        List<JsonNode> found = new ArrayList<>();
        if (node.isContainerNode() && !node.isEmpty()) {
            found.add(node);
            node.forEach(child -> found.addAll(inner(child)));
        }
        return found;
    }

    private static void spoil(JsonNode root, SplittableRandom random) throws Exception {
        List<JsonNode> all = inner(root);
        JsonNode node = all.get(random.nextInt(all.size()));
        JsonNode value = MAPPER.readTree(VALUES.get(random.nextInt(VALUES.size())));
        if (node instanceof ArrayNode array) {
            int at = random.nextInt(array.size());
            switch (random.nextInt(3)) {
                case 0 -> array.remove(at);
                case 1 -> array.insert(at, array.get(random.nextInt(array.size())).deepCopy());
                default -> array.set(at, value);
            }
        } else if (node instanceof ObjectNode object) {
            List<String> names = new ArrayList<>();
            object.fieldNames().forEachRemaining(names::add);
            String name = names.get(random.nextInt(names.size()));
            int what = random.nextInt(7);
            if (what < 2) {
                object.remove(name);
            } else if (what == 2) {
                // a member that nobody knows is kept, name and all
                object.set(NAMES.get(random.nextInt(NAMES.size())), value);
            } else {
                object.set(name, value);
            }
        }
    }

    @Test
    void aSpoiltFileIsRefusedInASentenceOrSurvivesWritingAndReading() throws Exception {
        SplittableRandom random = new SplittableRandom(20261126);
        int taken = 0;
        int refused = 0;
        for (int round = 0; round < ROUNDS; round++) {
            JsonNode root = MAPPER.readTree(JobFile.text(Jobs.random(random)));
            for (int k = random.nextInt(3); k >= 0; k--) {
                spoil(root, random);
            }
            String text = root.toString();
            Job job;
            try {
                job = JobFile.parse(text, "job.json");
            } catch (BadFile e) {
                refused++;
                isASentence(e.getMessage());
                continue;
            }
            if (!job.isReadOnly()) {
                taken++;
                byte[] bytes = Document.bytes(JobFile.text(job));
                assertThat(JobFile.parse(Document.decoded(bytes), "again.json")).as(text).isEqualTo(job);
            }
        }
        assertThat(taken).isGreaterThan(ROUNDS / 10);
        assertThat(refused).isGreaterThan(ROUNDS / 10);
    }

    private static final List<String> WORDS = List.of("A.1", "A1", "a.1", "B.2", "A.D+", "A.D-", "A.RD BK",
            "\"A.RD BK\"", "B.a",
            "B.A", "A1.1", "A11", "A.1+A.2", "A.1+A.1", "A.D++A.1", "A1+B2", "beep", "silent", "open", "OL",
            "reacts", "nothing",
            "0,4", "0.4", "4,7k", "4k7", "1,234", "1.234,5", "119,6", "5", "6", "1m", "1M", "580mV", "0,61 V",
            "-3", "1e3", "0x1p3",
            "5d", "NaN", "Infinity", "33 ohm", "2.2 M\u03A9", "\u2126", "+", ",", ";", "\t", "\"", "'", "=",
            "#", "2026-11-26T10:00:00Z");

    private static Job oddNames() {
        return Job.of("odd names", List.of(
                End.of("A", "Mast", End.LEADS,
                        List.of(PinRow.named("1"), PinRow.named("2"), PinRow.named("11"),
                                PinRow.named("D+"), PinRow.named("D-"), PinRow.named("RD BK"),
                                PinRow.named("x,y"), PinRow.named("say \"so\""))),
                End.of("A1", "Sky", End.LEADS, List.of(PinRow.named("1"))),
                End.of("B", "Dome", End.LEADS,
                        List.of(PinRow.named("1"), PinRow.named("2"), PinRow.named("a"), PinRow.named("A")))),
                List.of(), List.of());
    }

    @Test
    void aTypedLineIsRefusedInASentenceOrIsAReadingThatComesBack() throws Exception {
        SplittableRandom random = new SplittableRandom(7);
        Job job = oddNames();
        int taken = 0;
        for (int round = 0; round < ROUNDS; round++) {
            StringBuilder line = new StringBuilder();
            for (int k = 2 + random.nextInt(3); k > 0; k--) {
                line.append(WORDS.get(random.nextInt(WORDS.size())))
                        .append(random.nextInt(8) == 0 ? "," : " ");
            }
            Reading reading;
            try {
                reading = TypedReading.parse(line.toString(), job);
            } catch (IllegalArgumentException e) {
                isASentence(e.getMessage());
                continue;
            }
            taken++;
            Job with = job.withReading(reading);
            assertThat(JobFile.parse(JobFile.text(with), "job.json")).as(line.toString()).isEqualTo(with);
            assertThat(ReadingList.read(ReadingList.csv(with.readings()), with).values())
                    .as(line.toString())
                    .containsExactly(reading);
        }
        assertThat(taken).isGreaterThan(ROUNDS / 200);
    }

    @Test
    void everyTerminalComesBackFromTheTableThatItIsWrittenInto() {
        Job job = oddNames();
        List<Terminal> all = Terminals.of(job);
        for (Terminal red : all) {
            for (Terminal black : all) {
                if (!red.equals(black)) {
                    Reading reading = Reading.silent("A.1", "B.1");
                    Reading own = Reading.of(reading.mode(), wegweiser.core.model.Touch.of(red, black),
                            reading.outcome());
                    assertThat(ReadingList.read(ReadingList.csv(List.of(own)), job).values())
                            .containsExactly(own);
                }
            }
        }
    }
}
