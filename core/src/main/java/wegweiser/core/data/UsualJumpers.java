package wegweiser.core.data;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Contacts that are often joined within one end, by the family of its connector; from a table. */
public final class UsualJumpers {
    private static final Map<String, List<List<String>>> TABLE = table();

    private UsualJumpers() {}

    private static Map<String, List<List<String>>> table() {
        Map<String, List<List<String>>> table = new HashMap<>();
        for (String line : Data.lines("jumpers.txt")) {
            String[] parts = line.split("=");
            table.put(parts[0].strip(), Arrays.stream(parts[1].strip().split("\\s+"))
                    .map(pair -> List.of(pair.split("-"))).toList());
        }
        return Map.copyOf(table);
    }

    /** Pairs of contacts. */
    public static List<List<String>> of(String family) {
        return TABLE.getOrDefault(family, List.of());
    }
}
