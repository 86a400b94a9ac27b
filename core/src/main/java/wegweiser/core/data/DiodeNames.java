package wegweiser.core.data;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Names of contacts of one port between which a diode or a light lies; from a table. */
public final class DiodeNames {
    private static final Map<String, String> TABLE = table();

    private DiodeNames() {}

    private static Map<String, String> table() {
        Map<String, String> table = new HashMap<>();
        for (String line : Data.lines("diodes.txt")) {
            String[] parts = line.split("=");
            table.put(parts[0].strip(), parts[1].strip());
        }
        return Map.copyOf(table);
    }

    /** The name of the contact that current comes out of, where this is one that it flows into. */
    public static Optional<String> otherSide(String name) {
        return Optional.ofNullable(TABLE.get(plain(name)));
    }

    /** A name as the table writes it. */
    public static String plain(String name) {
        return name.strip().toUpperCase(Locale.ROOT).replace(' ', '_').replace("_+", "+").replace("_-", "-");
    }
}
