package wegweiser.files.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import wegweiser.core.model.Job;

/** Reads and writes job files. */
public final class JobFile {
    /** The ending of job files. */
    public static final String ENDING = ".wegweiser.json";

    private static final ObjectMapper MAPPER = new ObjectMapper()
            .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);
    private static final SchemaCheck SCHEMA = new SchemaCheck(schema());

    private JobFile() {}

    /** The JSON Schema that every file is checked against. */
    static JsonNode schema() {
        try (InputStream in = JobFile.class.getResourceAsStream("job.schema.json")) {
            return MAPPER.readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Reads a job.
     *
     * @throws BadFile with one plain sentence when the file cannot be read or understood
     */
    public static Job read(Path file) throws BadFile {
        String name = file.getFileName().toString();
        try {
            return parse(Files.readString(file), name);
        } catch (NoSuchFileException _) {
            throw new BadFile(name + ": there is no such file.");
        } catch (CharacterCodingException _) {
            throw new BadFile(name + ": the file is not UTF-8 text.");
        } catch (IOException e) {
            throw new BadFile(name + ": the file cannot be read ("
                    + e.getClass().getSimpleName().replace("Exception", "") + ").");
        }
    }

    /** Reads a job from text; {@code name} stands for the file in messages. */
    public static Job parse(String text, String name) throws BadFile {
        JsonNode node = tree(text, name);
        if (!node.isObject() || !node.path("format").asText().equals("wegweiser-job")) {
            throw new BadFile(
                    name + ": this is not a job file; a job begins with \"format\": \"wegweiser-job\".");
        }
        boolean newer = node.path("version").asInt() > Job.VERSION;
        if (!newer) {
            var violation = SCHEMA.check(node);
            if (violation.isPresent()) {
                throw bad(name, text, violation.get().place(), violation.get().reason());
            }
        }
        try {
            return new JobReader().read(node);
        } catch (JobReader.Senseless e) {
            throw bad(name, text, e.place(), e.getMessage());
        } catch (RuntimeException e) {
            // only a newer file gets here without a schema check, and it may be shaped in ways unknown today
            throw new BadFile(name + ": the file is of a newer version and cannot be understood.");
        }
    }

    private static JsonNode tree(String text, String name) throws BadFile {
        try {
            JsonNode node = MAPPER.readTree(text);
            if (node == null || node.isMissingNode()) {
                throw new BadFile(name + ": the file is empty.");
            }
            return node;
        } catch (JsonProcessingException e) {
            String reason = e.getOriginalMessage().lines().findFirst().orElse("").replaceAll("\\(.*", "")
                    .strip();
            int line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
            if (reason.startsWith("Unexpected end-of-input")) {
                throw new BadFile(
                        name + ", line " + line + ": the file ends too early, something is not closed.");
            }
            throw new BadFile(name + ", line " + line + ": this is not JSON: " + reason + ".");
        }
    }

    private static BadFile bad(String name, String text, Place place, String reason) {
        String where = place.path().isEmpty() ? "the file" : place.path();
        return new BadFile(name + ", line " + place.line(text) + ": " + where + " " + reason + ".");
    }

    /** The text of a job file. */
    public static String text(Job job) {
        DefaultIndenter indent = new DefaultIndenter("  ", "\n");
        DefaultPrettyPrinter printer = new DefaultPrettyPrinter().withObjectIndenter(indent);
        try {
            return MAPPER.writer(printer).writeValueAsString(JobWriter.write(job)) + "\n";
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Writes a job so that a crash leaves the old file or the new one, and returns when it is on the disk.
     *
     * @throws IOException when it could not be written; the old file is then untouched
     * @throws IllegalStateException when the job came from a newer version and must not be written
     */
    public static void write(Path file, Job job) throws IOException {
        if (job.isReadOnly()) {
            throw new IllegalStateException("a job of a newer version is read-only");
        }
        AtomicFile.write(file, text(job).getBytes(StandardCharsets.UTF_8));
    }
}
