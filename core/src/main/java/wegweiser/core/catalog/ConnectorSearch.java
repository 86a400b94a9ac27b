package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.data.Data;

/**
 * Finds connectors by what people call them: "serial nine", "phone plug six", "m12 4 socket". Every word of the
 * question must fit; a number fits the count of contacts or positions. The words of each connector are gathered once;
 * a search costs O(connectors x words).
 */
public final class ConnectorSearch {
    private static final Map<String, Integer> NUMBERS = numbers();
    private static final Set<String> FILLERS = Set.of("pin", "pins", "pole", "poles", "way", "ways",
            "contact",
            "contacts", "polig", "pol", "poliger", "connector", "the", "a", "an", "with", "mit", "for", "und",
            "and",
            "of", "mm");
    private static final Map<String, Gender> GENDERS = Map.of("plug", Gender.PLUG, "male", Gender.PLUG,
            "stecker",
            Gender.PLUG, "pinned", Gender.PLUG, "socket", Gender.SOCKET, "female", Gender.SOCKET, "buchse",
            Gender.SOCKET, "jack", Gender.NONE, "receptacle", Gender.SOCKET, "kupplung", Gender.SOCKET);

    private final List<Indexed> all = new ArrayList<>();

    private record Indexed(ConnectorType type, Set<String> own, Set<String> usual, int count,
            int positions) {}

    /** A search over these connectors. */
    public ConnectorSearch(List<ConnectorType> types) {
        Map<String, Set<String>> words = new HashMap<>();
        for (String line : Data.lines("connector-words.txt")) {
            int equals = line.indexOf(" = ");
            words.put(line.substring(0, equals), Set.of(Arrays.stream(line.substring(equals + 3).split(" "))
                    .distinct().toArray(String[]::new)));
        }
        for (ConnectorType type : types) {
            Set<String> usual = new LinkedHashSet<>();
            words.forEach((stem, list) -> {
                if (type.family().equals(stem) || type.family().startsWith(stem + "-")) {
                    usual.addAll(list);
                }
            });
            Set<String> own = new LinkedHashSet<>(
                    List.of(normal(type.title() + " " + type.family()).split(" ")));
            all.add(new Indexed(type, own, usual, type.pinIds().size(), positions(type)));
        }
    }

    private static Map<String, Integer> numbers() {
        Map<String, Integer> found = new HashMap<>();
        List<String> english = List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine",
                "ten",
                "eleven", "twelve");
        List<String> german = List.of("ein", "zwei", "drei", "vier", "fünf", "sechs", "sieben", "acht",
                "neun", "zehn",
                "elf", "zwölf");
        for (int k = 0; k < english.size(); k++) {
            found.put(english.get(k), k + 1);
            found.put(german.get(k), k + 1);
        }
        found.put("fifteen", 15);
        found.put("fünfzehn", 15);
        found.put("sixteen", 16);
        found.put("twenty-five", 25);
        found.put("fünfundzwanzig", 25);
        return found;
    }

    private static int positions(ConnectorType type) {
        return type.kind() == ConnectorKind.MODULAR ? type.family().charAt("modular-".length()) - '0' : -1;
    }

    private static String normal(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[,()]", " ").replaceAll("(\\d)-?polig\\w*", "$1 ")
                .replaceAll("(\\p{L})polig\\w*", "$1 ").replaceAll("\\s+", " ").strip();
    }

    /** The connectors that fit, the best first and otherwise in the catalogue's order; all for an empty question. */
    public List<ConnectorType> find(String question) {
        List<String> words = Arrays.stream(normal(question).split(" "))
                .filter(w -> !w.isEmpty() && !FILLERS.contains(w)).toList();
        Map<Indexed, Integer> scores = new HashMap<>();
        for (Indexed one : all) {
            int score = 0;
            for (String word : words) {
                int fit = fit(one, word);
                if (fit == 0) {
                    score = -1;
                    break;
                }
                score += fit;
            }
            if (score >= 0) {
                scores.put(one, score);
            }
        }
        return all.stream().filter(scores::containsKey)
                .sorted(Comparator.comparingInt((Indexed i) -> -scores.get(i))).map(Indexed::type).toList();
    }

    /** How well a word fits: 0 not at all. */
    private static int fit(Indexed one, String word) {
        Optional<Integer> number = Optional.ofNullable(NUMBERS.get(word))
                .or(() -> word.matches("\\d{1,2}") ? Optional.of(Integer.parseInt(word)) : Optional.empty());
        if (number.isPresent() && (number.get() == one.count || number.get() == one.positions)) {
            return number.get() == one.count ? 8 : 6;
        }
        Gender gender = GENDERS.get(word);
        if (gender == one.type.gender() && gender != Gender.NONE) {
            return 4;
        }
        if (one.own.contains(word) || one.type.family().equals(word)) {
            return 5;
        }
        if (one.usual.contains(word)) {
            return 4;
        }
        boolean begins = word.length() > 1 && (begins(one.own, word) || begins(one.usual, word));
        return begins ? 2 : one.type.id().contains(word) && word.length() > 2 ? 1 : 0;
    }

    private static boolean begins(Set<String> words, String with) {
        return words.stream().anyMatch(w -> w.startsWith(with));
    }
}
