package wegweiser.core.readings;

import java.util.List;
import java.util.Optional;

/**
 * A text read line by line. A line that is not understood is told with its reason; the others are taken all the same.
 *
 * @param <T> what a line says
 */
public record TypedLines<T>(List<Line<T>> lines) {
    public TypedLines {
        lines = List.copyOf(lines);
    }

    /**
     * One line; headings, remarks and empty ones are left out.
     *
     * @param value what it says; none when it was not understood
     * @param why what was not understood, or empty
     */
    public record Line<T>(int number, String text, Optional<T> value, String why) {
        static <T> Line<T> good(int number, String text, T value) {
            return new Line<>(number, text, Optional.of(value), "");
        }

        static <T> Line<T> bad(int number, String text, String why) {
            return new Line<>(number, text, Optional.empty(), why);
        }
    }

    /** All that was understood, in order. */
    public List<T> values() {
        return lines.stream().flatMap(l -> l.value().stream()).toList();
    }

    /** The lines that were not understood. */
    public List<Line<T>> open() {
        return lines.stream().filter(l -> l.value().isEmpty()).toList();
    }
}
