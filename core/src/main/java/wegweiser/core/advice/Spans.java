package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** Terminals in few words: three and more of one end whose numbers follow each other become a span. */
final class Spans {
    private static final int LEAST = 3;

    private Spans() {}

    /** The terminals in their order, such as {@code A.1, A.4 to A.9 and A.shell}. */
    static String of(List<Terminal> terminals) {
        List<String> words = new ArrayList<>();
        for (int from = 0; from < terminals.size();) {
            int to = from;
            while (to + 1 < terminals.size() && follows(terminals.get(to), terminals.get(to + 1))) {
                to++;
            }
            if (to - from + 1 >= LEAST) {
                words.add(Words.say("terminals.span", terminals.get(from), terminals.get(to)));
            } else {
                terminals.subList(from, to + 1).forEach(t -> words.add(t.toString()));
            }
            from = to + 1;
        }
        return Words.list(words);
    }

    private static boolean follows(Terminal one, Terminal other) {
        OptionalInt number = number(one);
        OptionalInt next = number(other);
        return one.end().equals(other.end()) && number.isPresent() && next.isPresent()
                && next.getAsInt() == number.getAsInt() + 1;
    }

    private static OptionalInt number(Terminal terminal) {
        return terminal.contact().matches("\\d{1,3}")
                ? OptionalInt.of(Integer.parseInt(terminal.contact()))
                : OptionalInt.empty();
    }
}
