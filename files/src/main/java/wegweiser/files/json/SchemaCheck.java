package wegweiser.files.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeType;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import wegweiser.core.words.Words;

/**
 * Checks a JSON document against the parts of JSON Schema (draft 2020-12) that the project's own schemas use:
 * type, enum, const, required, properties, items, minItems, maxItems, minLength, pattern, minimum and $ref into
 * $defs. Stops at the first violation and says it in plain words. O(document x depth of the schema).
 */
public final class SchemaCheck {
    private final JsonNode root;

    public SchemaCheck(JsonNode schema) {
        this.root = schema;
    }

    /** What is wrong, and where. */
    public record Violation(Place place, String reason) {}

    public Optional<Violation> check(JsonNode document) {
        return Optional.ofNullable(check(root, document, Place.ROOT));
    }

    private Violation check(JsonNode schema, JsonNode value, Place place) {
        if (schema.has("$ref")) {
            return check(root.at(schema.get("$ref").asText().substring(1)), value, place);
        }
        String wrong = scalar(schema, value);
        if (wrong != null) {
            return new Violation(place, wrong);
        }
        return value.isObject()
                ? object(schema, value, place)
                : value.isArray() ? array(schema, value, place) : null;
    }

    private Violation object(JsonNode schema, JsonNode value, Place place) {
        for (JsonNode name : schema.path("required")) {
            if (!value.has(name.asText())) {
                return new Violation(place.member(name.asText()), Words.say("bad.missing"));
            }
        }
        for (Map.Entry<String, JsonNode> member : schema.path("properties").properties()) {
            JsonNode found = value.get(member.getKey());
            Violation violation = found == null
                    ? null
                    : check(member.getValue(), found, place.member(member.getKey()));
            if (violation != null) {
                return violation;
            }
        }
        return null;
    }

    private Violation array(JsonNode schema, JsonNode value, Place place) {
        if (value.size() < schema.path("minItems").asInt(0)) {
            return new Violation(place,
                    Words.say("bad.few",
                            Words.say("entries", schema.get("minItems").asInt())));
        }
        if (value.size() > schema.path("maxItems").asInt(Integer.MAX_VALUE)) {
            return new Violation(place, Words.say("bad.many", schema.get("maxItems").asInt()));
        }
        for (int i = 0; schema.has("items") && i < value.size(); i++) {
            Violation violation = check(schema.get("items"), value.get(i), place.element(i));
            if (violation != null) {
                return violation;
            }
        }
        return null;
    }

    private static String scalar(JsonNode schema, JsonNode value) {
        if (schema.has("type") && !hasType(schema.get("type"), value)) {
            return Words.say("bad.type", words(schema.get("type")), word(value));
        }
        if (schema.has("const") && !schema.get("const").equals(value)) {
            return Words.say("bad.type", schema.get("const"), shortened(value));
        }
        if (schema.has("enum") && !contains(schema.get("enum"), value)) {
            return Words.say("bad.choice", list(schema.get("enum")), shortened(value));
        }
        if (value.isTextual() && value.asText().length() < schema.path("minLength").asInt(0)) {
            return Words.say("bad.empty");
        }
        if (value.isTextual()
                && value.asText().length() > schema.path("maxLength").asInt(Integer.MAX_VALUE)) {
            return Words.say("bad.long", schema.get("maxLength").asInt());
        }
        if (value.isTextual() && schema.has("pattern")
                && !Pattern.compile(schema.get("pattern").asText()).matcher(value.asText()).find()) {
            return Words.say("bad.form", shortened(value));
        }
        if (value.isNumber() && schema.has("minimum")
                && value.asDouble() < schema.get("minimum").asDouble()) {
            return Words.say("bad.small", schema.get("minimum"), value);
        }
        if (value.isNumber() && schema.has("maximum")
                && value.asDouble() > schema.get("maximum").asDouble()) {
            return Words.say("bad.big", schema.get("maximum"), value);
        }
        return null;
    }

    private static boolean hasType(JsonNode type, JsonNode value) {
        if (type.isArray()) {
            for (JsonNode one : type) {
                if (hasType(one, value)) {
                    return true;
                }
            }
            return false;
        }
        return switch (type.asText()) {
            case "object" -> value.isObject();
            case "array" -> value.isArray();
            case "string" -> value.isTextual();
            case "integer" -> value.isIntegralNumber()
                    || value.isNumber() && value.asDouble() == Math.rint(value.asDouble());
            case "number" -> value.isNumber();
            case "boolean" -> value.isBoolean();
            case "null" -> value.isNull();
            default -> false;
        };
    }

    private static boolean contains(JsonNode options, JsonNode value) {
        for (JsonNode option : options) {
            if (option.equals(value)) {
                return true;
            }
        }
        return false;
    }

    private static String words(JsonNode type) {
        if (!type.isArray()) {
            return switch (type.asText()) {
                case "object" -> Words.say("json.object");
                case "array" -> Words.say("json.list");
                case "string" -> Words.say("json.text");
                case "integer" -> Words.say("json.integer");
                case "number" -> Words.say("json.any-number");
                case "boolean" -> Words.say("json.boolean");
                default -> "null";
            };
        }
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < type.size(); i++) {
            text.append(i == 0 ? "" : " " + Words.say("or") + " ").append(words(type.get(i)));
        }
        return text.toString();
    }

    private static String word(JsonNode value) {
        JsonNodeType type = value.getNodeType();
        return switch (type) {
            case OBJECT -> Words.say("json.object");
            case ARRAY -> Words.say("json.list");
            case STRING -> Words.say("json.the-text", shortened(value));
            case NUMBER -> Words.say("json.the-number", value);
            case BOOLEAN -> value.toString();
            default -> "null";
        };
    }

    private static String list(JsonNode options) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < options.size(); i++) {
            text.append(i == 0 ? "" : i == options.size() - 1 ? " " + Words.say("or") + " " : ", ")
                    .append(options.get(i).asText());
        }
        return text.toString();
    }

    private static String shortened(JsonNode value) {
        String text = value.isTextual() ? "“" + value.asText() + "”" : value.toString();
        return text.length() > 60 ? text.substring(0, 57) + "..." : text;
    }
}
