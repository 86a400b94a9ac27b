package wegweiser.files.json;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import wegweiser.files.job.BadFile;

/**
 * A JSON document with its text, so that what is wrong in it can be told by line and place.
 *
 * @param name the file's name, for messages
 */
public record Document(String name, String text, JsonNode root) {
    private static final ObjectMapper MAPPER = new ObjectMapper()
            .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);

    /**
     * Reads a file's text.
     *
     * @throws BadFile with one plain sentence when it cannot be read
     */
    public static String textOf(Path file) throws BadFile {
        String name = file.getFileName().toString();
        try {
            return Files.readString(file);
        } catch (NoSuchFileException _) {
            throw new BadFile(name + ": there is no such file.");
        } catch (CharacterCodingException _) {
            throw new BadFile(name + ": the file is not UTF-8 text.");
        } catch (IOException e) {
            throw new BadFile(name + ": the file cannot be read ("
                    + e.getClass().getSimpleName().replace("Exception", "") + ").");
        }
    }

    /**
     * Parses a text.
     *
     * @throws BadFile when it is not one JSON value
     */
    public static Document parse(String text, String name) throws BadFile {
        try {
            JsonNode node = MAPPER.readTree(text);
            if (node == null || node.isMissingNode()) {
                throw new BadFile(name + ": the file is empty.");
            }
            return new Document(name, text, node);
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

    /** A schema that lies beside a class. */
    public static JsonNode schema(Class<?> beside, String name) {
        try (InputStream in = beside.getResourceAsStream(name)) {
            return MAPPER.readTree(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The refusal of this document because of something at a place. */
    public BadFile bad(Place place, String reason) {
        String where = place.path().isEmpty() ? "the file" : place.path();
        return new BadFile(name + ", line " + place.line(text) + ": " + where + " " + reason + ".");
    }

    /** Checks the document against a schema. */
    public void check(SchemaCheck schema) throws BadFile {
        var violation = schema.check(root);
        if (violation.isPresent()) {
            throw bad(violation.get().place(), violation.get().reason());
        }
    }

    /** The text of a document, indented. */
    public static String write(Object value) {
        DefaultIndenter indent = new DefaultIndenter("  ", "\n");
        DefaultPrettyPrinter printer = new DefaultPrettyPrinter().withObjectIndenter(indent);
        try {
            return MAPPER.writer(printer).writeValueAsString(value) + "\n";
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }
}
