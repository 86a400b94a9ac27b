package wegweiser.files.job;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import wegweiser.core.model.Job;
import wegweiser.files.json.Document;
import wegweiser.files.json.SchemaCheck;

/** Reads and writes job files. */
public final class JobFile {
    /** The ending of job files. */
    public static final String ENDING = ".wegweiser.json";

    private static final SchemaCheck SCHEMA = new SchemaCheck(schema());

    private JobFile() {}

    /** The JSON Schema that every file is checked against. */
    static JsonNode schema() {
        return Document.schema(JobFile.class, "job.schema.json");
    }

    /**
     * Reads a job.
     *
     * @throws BadFile with one plain sentence when the file cannot be read or understood
     */
    public static Job read(Path file) throws BadFile {
        return parse(Document.textOf(file), file.getFileName().toString());
    }

    /** Reads a job from text; {@code name} stands for the file in messages. */
    public static Job parse(String text, String name) throws BadFile {
        Document document = Document.parse(text, name);
        JsonNode node = document.root();
        if (!node.isObject() || !node.path("format").asText().equals("wegweiser-job")) {
            throw new BadFile(
                    name + ": this is not a job file; a job begins with \"format\": \"wegweiser-job\".");
        }
        boolean newer = node.path("version").asInt() > Job.VERSION;
        if (!newer) {
            document.check(SCHEMA);
        }
        try {
            return new JobReader().read(node);
        } catch (JobReader.Senseless e) {
            throw document.bad(e.place(), e.getMessage());
        } catch (RuntimeException e) {
            // only a newer file gets here without a schema check, and it may be shaped in ways unknown today
            throw new BadFile(name + ": the file is of a newer version and cannot be understood.");
        }
    }

    /** The text of a job file. */
    public static String text(Job job) {
        return Document.write(JobWriter.write(job));
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
