package wegweiser.core.readings;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/**
 * Finds the terminals that a person means: as they are written first, then in other letters' case, then without the dot.
 * What fits several is refused. A plus sign joins a gang, and may be part of a contact's name.
 */
final class TypedTerminals {
    /** How a terminal may be written, in the order in which that is tried. */
    private static final List<Function<Terminal, String>> WAYS = List.of(Terminal::toString,
            t -> t.toString().toLowerCase(Locale.ROOT), t -> t.end() + t.contact(),
            t -> (t.end() + t.contact()).toLowerCase(Locale.ROOT));

    private final List<Map<String, List<Terminal>>> byWay;

    TypedTerminals(List<Terminal> known) {
        this.byWay = WAYS.stream().map(way -> known.stream().collect(Collectors.groupingBy(way))).toList();
    }

    /**
     * The terminals of a gang.
     *
     * @throws IllegalArgumentException with one sentence that names what is none, is several, or stands twice
     */
    List<Terminal> gang(String word) {
        List<Terminal> gang = split(word).orElseThrow(() -> unknown(word));
        if (gang.stream().distinct().count() < gang.size()) {
            throw new IllegalArgumentException(Words.say("typed.twice", word));
        }
        return gang;
    }

    /**
     * One terminal.
     *
     * @throws IllegalArgumentException with one sentence when the word is none or several
     */
    Terminal single(String word) {
        return one(word).orElseThrow(() -> new IllegalArgumentException(Words.say("typed.terminal", word)));
    }

    /** The word as one terminal, or its beginning as one and the rest as more; the longest beginning wins. */
    private Optional<List<Terminal>> split(String word) {
        for (int end = word.length(); end > 0; end = word.lastIndexOf('+', end - 1)) {
            Optional<Terminal> first = one(word.substring(0, end));
            if (first.isEmpty()) {
                continue;
            }
            if (end == word.length()) {
                return Optional.of(List.of(first.get()));
            }
            Optional<List<Terminal>> rest = split(word.substring(end + 1));
            if (rest.isPresent()) {
                List<Terminal> gang = new ArrayList<>(List.of(first.get()));
                gang.addAll(rest.get());
                return Optional.of(gang);
            }
        }
        return Optional.empty();
    }

    private Optional<Terminal> one(String word) {
        String wanted = word.replace('\u00B7', '.');
        for (int way = 0; way < byWay.size(); way++) {
            String key = way % 2 == 0 ? wanted : wanted.toLowerCase(Locale.ROOT);
            List<Terminal> found = byWay.get(way).getOrDefault(key, List.of());
            if (found.size() > 1) {
                throw new IllegalArgumentException(Words.say("typed.several", word, Words.list(found)));
            }
            if (found.size() == 1) {
                return Optional.of(found.getFirst());
            }
        }
        return Optional.empty();
    }

    /** Of a gang, the first piece that is none. */
    private IllegalArgumentException unknown(String word) {
        for (String piece : word.split("\\+")) {
            if (one(piece).isEmpty()) {
                return new IllegalArgumentException(Words.say("typed.terminal", piece));
            }
        }
        return new IllegalArgumentException(Words.say("typed.terminal", word));
    }
}
