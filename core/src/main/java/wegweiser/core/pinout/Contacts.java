package wegweiser.core.pinout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.signals.Signals;

/** Which words of a text name contacts of a connector. */
final class Contacts {
    private static final Pattern PREFIX = Pattern
            .compile(
                    "(?i)^(?:pins?|pos(?:ition)?|contacts?|kontakte?|stifte?|klemmen?|terminals?|nr|no|p|c|#)"
                            + "[ ._:#-]*(?=[A-Za-z]?\\d)|^[A-Z]{1,3}\\d{0,2}[.:-](?=\\d)");
    private static final Pattern RANGE = Pattern.compile("(\\d{1,2})\\s*(?:\\.\\.+|-|to|bis)\\s*(\\d{1,2})");
    private static final Map<String, String> WORDS = Map.ofEntries(Map.entry("HOUSING", "shell"),
            Map.entry("CASE", "shell"), Map.entry("GEHÄUSE", "shell"), Map.entry("BODY", "shell"),
            Map.entry("SHIELD", "shell"), Map.entry("RING1", "ring1"), Map.entry("R1", "ring1"),
            Map.entry("RING2", "ring2"), Map.entry("R2", "ring2"), Map.entry("T", "tip"),
            Map.entry("SPITZE", "tip"),
            Map.entry("S", "sleeve"), Map.entry("SCHAFT", "sleeve"), Map.entry("HÜLSE", "sleeve"),
            Map.entry("R", "ring"), Map.entry("CENTER", "centre"), Map.entry("MITTE", "centre"),
            Map.entry("OUTER", "outer"), Map.entry("AUSSEN", "outer"));

    private final Optional<ConnectorType> type;
    private final Map<String, String> ids = new LinkedHashMap<>();

    Contacts(Optional<ConnectorType> type) {
        this.type = type;
        type.ifPresent(t -> {
            t.ids().forEach(id -> ids.put(id.toUpperCase(Locale.ROOT), id));
            // a pinout is the port's, and a socket may have contacts that its plug lacks
            Catalogue.standard().find(t.family() + "-" + t.gender().opposite().id())
                    .ifPresent(port -> port.ids()
                            .forEach(id -> ids.putIfAbsent(id.toUpperCase(Locale.ROOT), id)));

            WORDS.forEach((word, id) -> {
                if (t.has(id)) {
                    ids.putIfAbsent(word, id);
                }
            });
        });
    }

    boolean isLeads() {
        return type.isEmpty();
    }

    /** The connector's name for messages. */
    String title() {
        return type.map(ConnectorType::title).orElse("");
    }

    List<String> pins() {
        return type.map(ConnectorType::pinIds).orElse(List.of());
    }

    /** The contact that a word names. */
    Optional<String> one(String word) {
        String text = word.strip().replaceAll("[.:)\\]]+$", "").replaceAll("^[(\\[]+", "").strip();
        Optional<String> exact = find(text);
        if (exact.isPresent()) {
            return exact;
        }
        Matcher prefix = PREFIX.matcher(text);
        return prefix.find() ? find(text.substring(prefix.end())) : Optional.empty();
    }

    private Optional<String> find(String text) {
        if (isLeads()) {
            return text.isEmpty() || text.contains(" ") || text.contains(".")
                    ? Optional.empty()
                    : Optional.of(text);
        }
        String upper = text.toUpperCase(Locale.ROOT).replaceAll("[ _]", "");
        return Optional.ofNullable(ids.get(upper))
                .or(() -> Optional.ofNullable(ids.get(upper.replaceAll("^0+", ""))));
    }

    /** A word that is shaped like a contact of some connector, though not of this one. */
    static boolean looksLikeOne(String word) {
        return word.strip().matches("(?i)(pin|contact|kontakt|stift|nr\\.?|no\\.?|#)? *[AB]?\\d{1,2}[.:)]?");
    }

    /** Several contacts: "5, 7", "4 and 5", "10..16", "1/3". Empty when not all of them are contacts. */
    List<String> several(String text) {
        String bare = text.strip().replaceAll("(?i)^(pins|contacts|kontakte|stifte|klemmen)\\s+", "");
        Matcher range = RANGE.matcher(bare);
        List<String> found = new ArrayList<>();
        if (!isLeads() && range.matches()) {
            int from = Integer.parseInt(range.group(1));
            int to = Integer.parseInt(range.group(2));
            for (int n = from; n <= to; n++) {
                Optional<String> id = one(String.valueOf(n));
                if (id.isEmpty()) {
                    return List.of();
                }
                found.add(id.get());
            }
            return found;
        }
        for (String word : bare.split("\\s*(?:,|/|&|\\+|\\band\\b|\\bund\\b)\\s*")) {
            Optional<String> id = one(word);
            if (id.isEmpty() || found.contains(id.get())) {
                return List.of();
            }
            found.add(id.get());
        }
        return found;
    }

    /** Whether a word can only be a contact: it names one, and no signal is spelt like that. */
    boolean isSurely(String word) {
        return !isLeads() && one(word).isPresent()
                && (!Signals.isKnown(word) || word.strip().matches("\\d+"));
    }
}
