package wegweiser.core.data;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import wegweiser.core.words.Titles;

/**
 * One entry of a table, at its place in the file.
 *
 * @param place such as {@code pinouts[2].rows[0]}
 */
public record Entry(JsonNode node, String place) {
    /** An entry that is well-formed but makes no sense, with the place and a reason that continues it. */
    public static final class Senseless extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final String place;

        Senseless(String place, String reason) {
            super(reason);
            this.place = place;
        }

        public String place() {
            return place;
        }
    }

    /** The refusal of this entry. */
    public Senseless senseless(String reason) {
        return new Senseless(place, reason);
    }

    public Entry member(String name) {
        return new Entry(node.path(name), place.isEmpty() ? name : place + "." + name);
    }

    /** Every element of a list, read one by one; empty when there is no such list. */
    public <T> List<T> list(String name, Function<Entry, T> read) {
        List<T> found = new ArrayList<>();
        Entry list = member(name);
        for (int i = 0; i < list.node.size(); i++) {
            found.add(read.apply(new Entry(list.node.get(i), list.place + "[" + i + "]")));
        }
        return found;
    }

    /** A text that must be there. */
    public String text(String name) {
        return node.path(name).asText();
    }

    /** What it is called: as it says itself, or by its id in the bundle of the tables that come with the program. */
    public String title(String kind) {
        return word("title").orElseGet(() -> Titles.of(kind + "." + text("id")));
    }

    /** What else is to be known of it, in the same way; may be empty. */
    public String note(String kind) {
        return word("note").orElseGet(() -> Titles.orNone(kind + "." + text("id") + ".note"));
    }

    public String text(String name, String otherwise) {
        return word(name).orElse(otherwise);
    }

    /** A text that may be missing or null. */
    public Optional<String> word(String name) {
        return Optional.ofNullable(node.get(name)).filter(n -> !n.isNull()).map(JsonNode::asText)
                .filter(t -> !t.isBlank());
    }

    public OptionalDouble number(String name) {
        JsonNode found = node.path(name);
        return found.isNumber() ? OptionalDouble.of(found.asDouble()) : OptionalDouble.empty();
    }

    public double number(String name, double otherwise) {
        return number(name).orElse(otherwise);
    }

    public boolean flag(String name) {
        return node.path(name).asBoolean(false);
    }
}
