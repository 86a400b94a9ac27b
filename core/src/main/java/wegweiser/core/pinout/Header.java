package wegweiser.core.pinout;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The heading of a table: which column holds what, -1 for none.
 */
record Header(int contact, int name, int direction, int level, int volts, int signal) {
    private static final Map<String, Set<String>> WORDS = Map.of("contact",
            Set.of("pin", "pins", "pin no", "pin no.", "pin number", "pin nr", "pin #", "#", "no", "no.",
                    "nr", "nr.",
                    "contact", "contact no", "position", "pos", "pos.", "kontakt", "stift", "klemme",
                    "terminal",
                    "nummer", "lead", "wire", "colour", "color", "ader", "farbe"),
            "name",
            Set.of("signal", "name", "signal name", "designation", "label", "function", "bezeichnung",
                    "signalname",
                    "funktion", "belegung", "symbol", "circuit", "use", "assignment", "meaning", "bedeutung"),
            "direction",
            Set.of("direction", "dir", "dir.", "i/o", "io", "in/out", "type", "richtung", "r", "typ",
                    "from/to"),
            "level", Set.of("level", "levels", "pegel", "standard", "electrical"), "volts",
            Set.of("volts", "voltage", "spannung", "v"), "signal", Set.of("canonical", "canonical signal"));

    /** The heading that these cells are, when at least a contact and a name are among them. */
    static Optional<Header> of(List<String> cells) {
        Header header = new Header(column(cells, "contact"), column(cells, "name"),
                column(cells, "direction"),
                column(cells, "level"), column(cells, "volts"), column(cells, "signal"));
        if (cells.size() == 1) {
            List<String> words = List.of(cells.getFirst().split("\\s+"));
            return words.size() > 1 && words.size() < 6 && words.stream().noneMatch(w -> w.matches(".*\\d.*"))
                    ? of(words).map(h -> new Header(-1, -1, -1, -1, -1, -1))
                    : Optional.empty();
        }
        return header.contact >= 0 && header.name >= 0 ? Optional.of(header) : Optional.empty();
    }

    /** Whether the columns are known. */
    boolean hasColumns() {
        return contact >= 0;
    }

    private static int column(List<String> cells, String what) {
        for (int k = 0; k < cells.size(); k++) {
            if (WORDS.get(what).contains(cells.get(k).strip().toLowerCase(Locale.ROOT))) {
                return k;
            }
        }
        return -1;
    }
}
