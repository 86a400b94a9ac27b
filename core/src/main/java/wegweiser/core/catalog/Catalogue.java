package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.OwnConnector;

/**
 * All connectors: those built by rule from their id, and those a job brings along. Building one costs
 * O(contacts) and is done once per id.
 */
public final class Catalogue {
    private static final Map<String, Optional<ConnectorType>> BUILT = new ConcurrentHashMap<>();
    private static final Catalogue STANDARD = new Catalogue(Map.of());
    private static final List<Integer> BOX_WAYS = List.of(10, 14, 16, 20, 26, 34, 40, 50);

    private final Map<String, ConnectorType> own;

    private Catalogue(Map<String, ConnectorType> own) {
        this.own = own;
    }

    /** The connectors that need no description of their own. */
    public static Catalogue standard() {
        return STANDARD;
    }

    /** The standard connectors and those that the job describes; the job's own win. */
    public static Catalogue of(Job job) {
        if (job.connectors().isEmpty()) {
            return STANDARD;
        }
        return STANDARD.with(job.connectors());
    }

    /** The connector with this id, or empty when the catalogue has none. */
    public Optional<ConnectorType> find(String id) {
        ConnectorType mine = own.get(id);
        return mine != null ? Optional.of(mine) : BUILT.computeIfAbsent(id, Catalogue::build);
    }

    /** The connector of an end, or empty for bare leads and unknown ids. */
    public Optional<ConnectorType> of(End end) {
        return find(end.connector());
    }

    /** A connector of this family, whichever gender there is. */
    public Optional<ConnectorType> family(String family) {
        return find(family + "-plug").or(() -> find(family + "-socket"))
                .or(() -> find(family).filter(t -> t.family().equals(family)));
    }

    /** This catalogue with more connectors, which win over those of the same id. */
    public Catalogue with(List<OwnConnector> more) {
        Map<String, ConnectorType> all = new LinkedHashMap<>(own);
        more.forEach(c -> all.put(c.id(), Grid.own(c)));
        return new Catalogue(all);
    }

    /** Every connector worth choosing from, family by family. */
    public List<ConnectorType> all() {
        List<ConnectorType> found = new ArrayList<>(own.values());
        for (String id : listedIds()) {
            found.add(find(id).orElseThrow(() -> new IllegalStateException("listed but not built: " + id)));
        }
        return found;
    }

    private static List<String> listedIds() {
        List<String> ids = new ArrayList<>();
        for (int ways : DSub.sizes()) {
            both(ids, "dsub-" + ways);
        }
        both(ids, "dsub-15hd");
        for (int ways : BOX_WAYS) {
            both(ids, "box-header-" + ways);
        }
        for (String size : List.of("8p8c", "6p6c", "6p4c", "6p2c", "4p4c", "4p2c")) {
            both(ids, "modular-" + size);
        }
        for (String diameter : List.of("2.5", "3.5", "6.35")) {
            for (String poles : List.of("ts", "trs", "trrs")) {
                both(ids, "jack-" + diameter + "-" + poles);
            }
        }
        for (String family : List.of("phono", "xlr-3", "xlr-5", "usb-a", "usb-b", "usb-mini-b", "usb-micro-b",
                "usb3-a",
                "usb-c", "m12-a-3", "m12-a-4", "m12-a-5", "m12-a-8", "m8-3", "m8-4", "vehicle-16")) {
            both(ids, family);
        }
        for (int ways = 1; ways <= 20; ways++) {
            both(ids, "row-254-" + ways);
        }
        for (int ways = 2; ways <= 12; ways++) {
            both(ids, "row-250-" + ways);
        }
        for (int ways = 2; ways <= 12; ways++) {
            ids.add("terminal-" + ways);
        }
        for (int poles = 2; poles <= 19; poles++) {
            ids.add("circular-" + poles);
        }
        return ids;
    }

    private static void both(List<String> ids, String family) {
        ids.add(family + "-plug");
        ids.add(family + "-socket");
    }

    private static Optional<ConnectorType> build(String id) {
        Gender gender = id.endsWith("-plug")
                ? Gender.PLUG
                : id.endsWith("-socket") ? Gender.SOCKET : Gender.NONE;
        if (gender == Gender.NONE) {
            return buildWithoutGender(id);
        }
        String family = id.substring(0, id.length() - gender.id().length() - 1);
        int dash = family.lastIndexOf('-');
        String stem = dash < 0 ? family : family.substring(0, dash);
        String last = family.substring(dash + 1);
        int n = number(last).orElse(-1);
        return Optional.ofNullable(switch (stem) {
            case "dsub" ->
                DSub.exists(n) ? DSub.of(n, gender) : last.equals("15hd") ? DSub.dense(gender) : null;
            case "box-header" -> n >= 4 && n <= 64 && n % 2 == 0 ? Grid.boxHeader(n, gender) : null;
            case "modular" -> modular(last, gender);
            case "jack-2.5", "jack-3.5", "jack-6.35" -> List.of("ts", "trs", "trrs").contains(last)
                    ? RoundBodies.jack(stem.substring(5), last, gender)
                    : null;
            case "phono" -> family.equals("phono") ? RoundBodies.phono(gender) : null;
            case "xlr" -> n == 3 || n == 5 ? RoundBodies.xlr(n, gender) : null;
            case "m12-a" -> n == 3 || n == 4 || n == 5 || n == 8 ? RoundBodies.m12(n, gender) : null;
            case "m8" -> n == 3 || n == 4 ? RoundBodies.m8(n, gender) : null;
            case "vehicle" -> n == 16 ? Grid.vehicle(gender) : null;
            case "row-254" -> n >= 1 && n <= 40 ? Grid.singleRow("254", 2.54, n, gender) : null;
            case "row-250" -> n >= 1 && n <= 20 ? Grid.singleRow("250", 2.5, n, gender) : null;
            case "usb", "usb3", "usb-mini", "usb-micro" -> usb(family, gender);
            default -> null;
        });
    }

    private static Optional<ConnectorType> buildWithoutGender(String id) {
        int dash = id.lastIndexOf('-');
        int n = dash < 0 ? -1 : number(id.substring(dash + 1)).orElse(-1);
        return Optional.ofNullable(switch (dash < 0 ? id : id.substring(0, dash)) {
            case "terminal" -> n >= 1 && n <= 40 ? Grid.terminal(n) : null;
            case "circular" -> n >= 1 && n <= 64 ? RoundBodies.circular(n) : null;
            default -> null;
        });
    }

    private static ConnectorType modular(String size, Gender gender) {
        if (!size.matches("\\dp\\dc")) {
            return null;
        }
        int positions = size.charAt(0) - '0';
        int ways = size.charAt(2) - '0';
        return Modular.exists(positions, ways) ? Modular.of(positions, ways, gender) : null;
    }

    private static ConnectorType usb(String family, Gender gender) {
        return List.of("usb-a", "usb-b", "usb-mini-b", "usb-micro-b", "usb3-a", "usb-c").contains(family)
                ? Usb.of(family, gender)
                : null;
    }

    private static OptionalInt number(String text) {
        return text.length() <= 3 && !text.isEmpty() && text.chars().allMatch(Character::isDigit)
                ? OptionalInt.of(Integer.parseInt(text))
                : OptionalInt.empty();
    }
}
