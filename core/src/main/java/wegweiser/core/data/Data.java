package wegweiser.core.data;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** The tables that come with the program. They are files of its own, so a fault in one is a fault in the build. */
public final class Data {
    private Data() {}

    /** A table in JSON. */
    public static JsonNode json(String name) {
        try (InputStream in = open(name); JsonParser parser = new JsonFactory().createParser(in)) {
            parser.nextToken();
            return node(parser);
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }

    /** Reads the value at which the parser stands; an object mapper would do it too, but takes longer to get ready. */
    private static JsonNode node(JsonParser parser) throws IOException {
        JsonNodeFactory make = JsonNodeFactory.instance;
        return switch (parser.currentToken()) {
            case START_OBJECT -> {
                ObjectNode object = make.objectNode();
                while (parser.nextToken() == JsonToken.FIELD_NAME) {
                    String name = parser.currentName();
                    parser.nextToken();
                    object.set(name, node(parser));
                }
                yield object;
            }
            case START_ARRAY -> {
                ArrayNode array = make.arrayNode();
                while (parser.nextToken() != JsonToken.END_ARRAY) {
                    array.add(node(parser));
                }
                yield array;
            }
            case VALUE_NUMBER_INT -> make.numberNode(parser.getIntValue());
            case VALUE_NUMBER_FLOAT -> make.numberNode(parser.getDoubleValue());
            case VALUE_TRUE, VALUE_FALSE -> make.booleanNode(parser.getBooleanValue());
            case VALUE_STRING -> make.textNode(parser.getText());
            default -> make.nullNode();
        };
    }

    /** A table of plain lines, without comments and empty lines. */
    public static List<String> lines(String name) {
        try (InputStream in = open(name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines()
                    .map(String::strip)
                    .filter(l -> !l.isEmpty() && !l.startsWith("#"))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(name, e);
        }
    }

    /** A table of numbers, each behind the words that name it; these with one blank between them. */
    public static Map<String, Double> numbers(String name) {
        return lines(name).stream().map(line -> line.split("\\s+")).collect(Collectors.toUnmodifiableMap(
                parts -> String.join(" ", Arrays.copyOf(parts, parts.length - 1)),
                parts -> Double.valueOf(parts[parts.length - 1])));
    }

    private static InputStream open(String name) {
        InputStream in = Data.class.getResourceAsStream(name);
        if (in == null) {
            throw new IllegalStateException("the program lacks its table " + name);
        }
        return in;
    }
}
