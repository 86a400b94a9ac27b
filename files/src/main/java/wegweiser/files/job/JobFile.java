package wegweiser.files.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.model.Job;
import wegweiser.core.words.Words;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;
import wegweiser.files.io.Digest;
import wegweiser.files.io.FileTurn;
import wegweiser.files.json.Document;
import wegweiser.files.json.Mapping;
import wegweiser.files.json.SchemaCheck;

/** Reads and writes job files. */
public final class JobFile {
    /** The ending of job files. */
    public static final String ENDING = ".wegweiser.json";

    /** A job with one of each that nearly every job has. */
    private static final String SMALL = """
            {"format": "wegweiser-job", "version": 3, "title": "",
             "ends": [{"name": "A", "connector": "dsub-9-plug",
               "pinout": [{"contact": "1", "signal": "DCD", "direction": "in", "level": "rs232"}]}],
             "links": [{"from": "A.1", "to": "A.2"}],
             "readings": [{"mode": "continuity", "red": ["A.1"], "black": ["A.2"], "result": "beep"}]}
            """;
    private static final SchemaCheck SCHEMA = new SchemaCheck(schema());

    private JobFile() {}

    /** The JSON Schema that every file is checked against. */
    static JsonNode schema() {
        return Document.schema(JobFile.class, "job.schema.json");
    }

    /** Gets ready to read and write jobs, so that the first is there as fast as the next. */
    public static void prepare() {
        try {
            parse(SMALL, "small");
        } catch (BadFile e) {
            throw new IllegalStateException(e);
        }
        Mapping.prepare(Job.class);
        Catalogue.standard();
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
            throw BadFile.of(name, "file.no-job");
        }
        boolean newer = node.path("version").isIntegralNumber()
                && node.path("version").asDouble() > Job.VERSION;
        try {
            document.check(SCHEMA);
            document.checkValues();
        } catch (BadFile e) {
            throw newer
                    ? new BadFile(e.getMessage() + " " + Words.say("file.newer"))
                    : e;
        }
        try {
            // every version before this one says the same with fewer words
            int version = (int) Math.clamp(node.get("version").asDouble(), Job.VERSION, Integer.MAX_VALUE);
            Job job = Mapping.read(((ObjectNode) node).put("version", version), Job.class);
            JobSense.check(job);
            return job;
        } catch (Mapping.Senseless e) {
            throw document.bad(e.place(), e.getMessage());
        }
    }

    /**
     * A job as a file has it, or had it when it was last read or written.
     *
     * @param digest of the file's bytes, by which a change by someone else is seen; empty when there was no file
     */
    public record Stored(Job job, String digest) {}

    /** A change of a job; told whether the job is another than the one that was known, since somebody else wrote it. */
    @FunctionalInterface
    public interface Change {
        Job apply(Job fresh, boolean changedElsewhere);
    }

    /**
     * Reads a job together with the mark by which {@link #update} sees whether it was changed meanwhile.
     *
     * @throws BadFile as {@link #read}
     */
    public static Stored load(Path file) throws BadFile {
        String text = Document.textOf(file);
        return new Stored(parse(text, file.getFileName().toString()), Digest.of(text));
    }

    /**
     * Changes a job on the disk, alone with it among all threads and processes. The change is applied to what the file
     * says now: where somebody else wrote it since, to their job and not to the one that is known here, so that nobody's
     * work is lost. A file that is gone is written again. What changes nothing is not written.
     *
     * @throws IOException when it could not be written, or could not be read back; the file is then untouched
     * @throws BadFile when somebody else put something there that is no job
     */
    public static Stored update(Path file, Stored known, Change change) throws IOException, BadFile {
        return FileTurn.<Stored, BadFile>take(file, () -> {
            Stored now = known;
            if (Files.exists(file)) {
                String text = Document.textOf(file);
                String digest = Digest.of(text);
                now = digest.equals(known.digest())
                        ? known
                        : new Stored(parse(text, file.getFileName().toString()), digest);
            }
            Job next = change.apply(now.job(), now != known);
            if (next.equals(now.job()) && Files.exists(file)) {
                return now;
            }
            return new Stored(next, written(file, next));
        });
    }

    /** The text of a job file. */
    public static String text(Job job) {
        return Document.write(Mapping.tree(job));
    }

    /**
     * Writes a job so that a crash leaves the old file or the new one, and returns when it is on the disk. What is written
     * was read back first: no file is replaced by one that could not be opened again.
     *
     * @throws IOException when it could not be written or not be read back, or came from a newer version; the old file is
     *         then untouched
     */
    public static void write(Path file, Job job) throws IOException {
        FileTurn.take(file, () -> written(file, job));
    }

    /**
     * Writes a job into a file of its own, under the first of some names that nothing has.
     *
     * @throws IOException as {@link #write}
     */
    public static Path create(Stream<Path> names, Job job) throws IOException {
        return AtomicFile.create(names, checked("job" + ENDING, job));
    }

    private static String written(Path file, Job job) throws IOException {
        byte[] bytes = checked(file.getFileName().toString(), job);
        AtomicFile.write(file, bytes);
        return Digest.of(bytes);
    }

    /** The bytes of a job, after they were read back: no file is made that could not be opened again. */
    private static byte[] checked(String name, Job job) throws IOException {
        if (job.isReadOnly()) {
            throw new IOException(Words.say("file.read-only", name));
        }
        try {
            byte[] bytes = Document.bytes(text(job));
            parse(Document.decoded(bytes), name);
            return bytes;
        } catch (BadFile e) {
            throw new IOException(Words.say("file.again", e.getMessage().replaceFirst("\\.$", "")), e);
        } catch (CharacterCodingException e) {
            throw new IOException(Words.say("file.half-letter", name), e);
        }
    }
}
