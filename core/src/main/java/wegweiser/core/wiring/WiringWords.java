package wegweiser.core.wiring;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import wegweiser.core.words.Words;

/** Says in words what a wiring is, named or not. */
public final class WiringWords {
    private WiringWords() {}

    /** One short phrase, such as "crossed 2-3, otherwise straight". */
    public static String of(Wiring wiring) {
        if (wiring.nets().isEmpty()) {
            return Words.say("wiring.nothing");
        }
        List<String> parts = new ArrayList<>();
        SortedMap<String, List<String>> map = wiring.map();
        if (!map.isEmpty()) {
            parts.add(oneToOne(map).map(WiringWords::permutation).orElseGet(() -> list(map)));
        }
        jumpers("wiring.near", wiring.nearJumpers(), parts);
        jumpers("wiring.far", wiring.farJumpers(), parts);
        return String.join("; ", parts);
    }

    private static void jumpers(String where, List<List<String>> groups, List<String> parts) {
        if (!groups.isEmpty()) {
            parts.add(Words.say(where,
                    String.join(", ", groups.stream().map(g -> String.join("-", g)).toList())));
        }
    }

    private static Optional<List<String[]>> oneToOne(Map<String, List<String>> map) {
        List<String[]> pairs = new ArrayList<>();
        Set<String> seen = new LinkedHashSet<>();
        for (Map.Entry<String, List<String>> entry : map.entrySet()) {
            if (entry.getValue().size() != 1 || !seen.add(entry.getValue().getFirst())) {
                return Optional.empty();
            }
            pairs.add(new String[]{entry.getKey(), entry.getValue().getFirst()});
        }
        return Optional.of(pairs);
    }

    private static String permutation(List<String[]> pairs) {
        if (pairs.stream().allMatch(p -> p[0].equals(p[1]))) {
            return Words.say("wiring.straight", contacts(pairs));
        }
        int n = pairs.size();
        boolean reversed = true;
        for (int k = 0; k < n; k++) {
            reversed &= pairs.get(k)[0].equals(pairs.get(n - 1 - k)[1]);
        }
        if (reversed && n > 2) {
            return Words.say("wiring.reversed", contacts(pairs));
        }
        Optional<Integer> shift = shift(pairs);
        if (shift.isPresent()) {
            return Words.say(shift.get() > 0 ? "wiring.up" : "wiring.down", Math.abs(shift.get()),
                    contacts(pairs));
        }
        return turnedSegment(pairs).or(() -> swaps(pairs)).orElseGet(() -> pairList(pairs));
    }

    private static String contacts(List<String[]> pairs) {
        return pairs.size() == 1
                ? Words.say("wiring.alone", pairs.getFirst()[0])
                : Words.say("wiring.contacts", pairs.size());
    }

    private static Optional<Integer> shift(List<String[]> pairs) {
        Optional<Integer> common = Optional.empty();
        for (String[] pair : pairs) {
            if (!isNumber(pair[0]) || !isNumber(pair[1])) {
                return Optional.empty();
            }
            int by = Integer.parseInt(pair[1]) - Integer.parseInt(pair[0]);
            if (common.isPresent() && common.get() != by) {
                return Optional.empty();
            }
            common = Optional.of(by);
        }
        return pairs.size() > 2 ? common : Optional.empty();
    }

    private static Optional<String> turnedSegment(List<String[]> pairs) {
        int from = 0;
        int to = pairs.size() - 1;
        while (from < to && pairs.get(from)[0].equals(pairs.get(from)[1])) {
            from++;
        }
        while (to > from && pairs.get(to)[0].equals(pairs.get(to)[1])) {
            to--;
        }
        if (to - from < 2) {
            return Optional.empty();
        }
        for (int k = from; k <= to; k++) {
            if (!pairs.get(k)[0].equals(pairs.get(from + to - k)[1])) {
                return Optional.empty();
            }
        }
        return Optional.of(Words.say("wiring.turned", pairs.get(from)[0], pairs.get(to)[0]));
    }

    /** Only swaps and fixed contacts: "crossed 2-3 and 7-8, otherwise straight". */
    private static Optional<String> swaps(List<String[]> pairs) {
        List<String> crossed = new ArrayList<>();
        boolean straightToo = false;
        for (String[] pair : pairs) {
            if (pair[0].equals(pair[1])) {
                straightToo = true;
                continue;
            }
            boolean back = pairs.stream().anyMatch(p -> p[0].equals(pair[1]) && p[1].equals(pair[0]));
            if (!back) {
                return Optional.empty();
            }
            if (!crossed.contains(pair[1] + "-" + pair[0])) {
                crossed.add(pair[0] + "-" + pair[1]);
            }
        }
        return Optional.of(
                Words.say(straightToo ? "wiring.crossed.straight" : "wiring.crossed", Words.list(crossed)));
    }

    private static boolean isNumber(String id) {
        return !id.isEmpty() && id.length() < 6 && id.chars().allMatch(Character::isDigit);
    }

    private static String pairList(List<String[]> pairs) {
        return String.join(", ", pairs.stream().map(p -> p[0] + " to " + p[1]).toList());
    }

    private static String list(Map<String, List<String>> map) {
        return String.join(", ", map.entrySet().stream()
                .map(e -> e.getKey() + " to " + String.join("+", e.getValue()))
                .toList());
    }
}
