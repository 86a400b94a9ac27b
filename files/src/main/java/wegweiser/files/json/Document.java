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
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.words.Unshowable;
import wegweiser.core.words.Words;
import wegweiser.files.io.BadFile;
import wegweiser.files.io.PipeEnd;

/**
 * A JSON document with its text, so that what is wrong in it can be told by line and place.
 *
 * @param name the file's name, for messages
 */
public record Document(String name, String text, JsonNode root) {
    private static final int MOST_LETTERS = 10_000;
    private static final int MOST_NAME = 200;
    private static final int SHORT = 20;
    private static final int MOST_BYTES = 64_000_000;
    private static final ObjectMapper MAPPER = new ObjectMapper()
            .enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);

    /**
     * Reads a file's text.
     *
     * @throws BadFile with one plain sentence when it cannot be read
     */
    public static String textOf(Path file) throws BadFile {
        String name = file.getFileName() == null ? file.toString() : file.getFileName().toString();
        try {
            if (Files.isDirectory(file)) {
                throw BadFile.of(name, "file.folder");
            }
            String text = decoded(bytes(file, name));
            // some editors begin every file with a byte order mark
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (NoSuchFileException _) {
            throw BadFile.of(name, "file.none");
        } catch (CharacterCodingException _) {
            throw BadFile.of(name, "file.no-text");
        } catch (AccessDeniedException _) {
            throw BadFile.of(name, "file.forbidden");
        } catch (IOException e) {
            throw BadFile.of(name, "file.unreadable", reason(e));
        }
    }

    /** A pipe is read as well as a file, and neither beyond what a job can be. */
    private static byte[] bytes(Path file, String name) throws IOException, BadFile {
        try (InputStream in = PipeEnd.is(file) ? PipeEnd.toRead(file) : Files.newInputStream(file)) {
            byte[] bytes = in.readNBytes(MOST_BYTES + 1);
            if (bytes.length > MOST_BYTES) {
                throw BadFile.of(name, "file.large", MOST_BYTES / 1_000_000);
            }
            return bytes;
        }
    }

    /** The text that bytes stand for. */
    public static String decoded(byte[] bytes) throws CharacterCodingException {
        return StandardCharsets.UTF_8.newDecoder().onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT).decode(ByteBuffer.wrap(bytes)).toString();
    }

    /** What the platform says of a failure, without the path that stands before it. */
    private static String reason(IOException e) {
        String said = e instanceof FileSystemException f && f.getReason() != null
                ? f.getReason()
                : e.getMessage();
        return said == null || said.isBlank() ? Words.say("reason.none") : said;
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
                throw BadFile.of(name, "file.empty");
            }
            return new Document(name, text, node);
        } catch (JsonProcessingException e) {
            String reason = e.getOriginalMessage().lines().findFirst().orElse("").replaceAll("\\(.*", "")
                    .strip();
            int line = e.getLocation() == null ? 1 : e.getLocation().getLineNr();
            if (reason.startsWith("Unexpected end-of-input")) {
                throw BadFile.of(name, line, "file.early");
            }
            throw BadFile.of(name, line, "file.no-json", plain(reason));
        }
    }

    /** What the parser says, where it speaks of its own settings, in words for a person. */
    private static String plain(String reason) {
        if (reason.startsWith("Non-standard token")) {
            return reason.replaceAll("Non-standard token ('[^']*').*", Words.say("json.number", "$1"));
        }
        if (reason.startsWith("Number value length")) {
            return Words.say("json.digits");
        }
        if (reason.startsWith("Document nesting depth")) {
            return Words.say("json.deep");
        }
        return reason.startsWith("String value length") ? Words.say("json.long") : reason;
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
        String where = place.path().isEmpty() ? Words.say("file.whole") : place.path();
        return BadFile.of(name, place.line(text), "file.place", where, reason);
    }

    /** Checks the document against a schema. */
    public void check(SchemaCheck schema) throws BadFile {
        var violation = schema.check(root);
        if (violation.isPresent()) {
            throw bad(violation.get().place(), violation.get().reason());
        }
    }

    /**
     * Checks what no schema can say: that numbers are ones, and that no text holds what cannot be shown or turns the order
     * of what is written after it.
     */
    public void checkValues() throws BadFile {
        checkValues(root, Place.ROOT);
    }

    private void checkValues(JsonNode node, Place place) throws BadFile {
        if (node.isNumber() && !Double.isFinite(node.asDouble())) {
            throw bad(place, Words.say("bad.large"));
        }
        if (node.isTextual()) {
            checkText(node.asText(), place, MOST_LETTERS);
        }
        if (node.isObject()) {
            for (Map.Entry<String, JsonNode> member : node.properties()) {
                checkName(member.getKey(), place);
                checkValues(member.getValue(), place.member(member.getKey()));
            }
        }
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            checkValues(node.get(i), place.element(i));
        }
    }

    /** Names that nobody knows are kept and written back, so they are held to what texts are held to. */
    private void checkName(String name, Place place) throws BadFile {
        checkText(name, place.member(name.length() > SHORT ? name.substring(0, SHORT) : name), MOST_NAME);
    }

    private void checkText(String text, Place place, int most) throws BadFile {
        if (text.length() > most) {
            throw bad(place, Words.say("bad.long", most));
        }
        Optional<String> hidden = Unshowable.in(text);
        if (hidden.isPresent()) {
            throw bad(place, Words.say("bad.hidden", hidden.get()));
        }
    }

    /**
     * A text as the bytes of a file.
     *
     * @throws CharacterCodingException when it holds half a letter, which no file can
     */
    public static byte[] bytes(String text) throws CharacterCodingException {
        ByteBuffer bytes = StandardCharsets.UTF_8.newEncoder().onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT).encode(CharBuffer.wrap(text));
        byte[] all = new byte[bytes.remaining()];
        bytes.get(all);
        return all;
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
