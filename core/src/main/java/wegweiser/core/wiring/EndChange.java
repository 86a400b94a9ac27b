package wegweiser.core.wiring;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.data.Priors;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Terminal;

/**
 * A typical mistake at one end: wires that landed on other contacts than they should.
 *
 * @param moved for each contact with another wire the contact whose wire it got; what is not among its own contacts is no wire
 * @param what the contacts that name the mistake, such as the two that were swapped
 * @param weight how common it is, relative to the others of the same connector
 */
public record EndChange(Kind kind, Map<String, String> moved, List<String> what, double weight) {
    /** Where a contact got no wire at all. */
    private static final String NONE = "";

    /** The ways in which an end goes wrong as a whole or in part. */
    public enum Kind implements HasId {
        MIRRORED,
        SHIFTED,
        ROWS_SWAPPED,
        RIBBON_FOR_NUMBER,
        COLOUR_STANDARD,
        SWAPPED,
        TWIST;
    }

    public EndChange {
        moved = Map.copyOf(moved);
        what = List.copyOf(what);
    }

    /** The contact whose wire a contact got; empty when it got none. */
    public Optional<String> source(String contact) {
        return Optional.of(moved.getOrDefault(contact, contact)).filter(source -> !source.equals(NONE));
    }

    /** The nets as they would be had this mistake been made at an end. Costs O(terminals). */
    public Nets applyTo(Nets nets, String end) {
        int n = nets.index().size();
        int[] labels = nets.partition().toArray();
        moved.forEach((contact, from) -> {
            Terminal terminal = new Terminal(end, contact);
            if (nets.index().contains(terminal)) {
                int i = nets.index().of(terminal);
                Optional<Terminal> source = from.equals(NONE)
                        ? Optional.empty()
                        : Optional.of(new Terminal(end, from)).filter(nets.index()::contains);
                // a label past all terminals is a net of its own
                labels[i] = source.map(t -> nets.partition().root(nets.index().of(t))).orElse(n + i);
            }
        });
        return new Nets(nets.index(), Partition.of(labels));
    }

    /**
     * Every typical mistake at a connector. O(contacts²) of them: all swaps, all turned segments of three and
     * more in ribbon or printed order, shifts by one and two, and the whole-connector mistakes that its shape
     * allows.
     */
    public static List<EndChange> all(ConnectorType type) {
        List<EndChange> found = new ArrayList<>();
        List<String> ids = type.pinIds();
        Map<String, String> mirror = type.mirrorImage();
        if (ids.stream().anyMatch(id -> !mirror.get(id).equals(id))) {
            found.add(new EndChange(Kind.MIRRORED, moved(type, mirror), List.of(),
                    Priors.of("mistake.mirrored")));
        }
        for (int by : new int[]{1, -1, 2, -2}) {
            found.add(new EndChange(Kind.SHIFTED, shifted(ids, by), List.of(String.valueOf(by)),
                    Priors.of("mistake.shifted." + Math.abs(by))));
        }
        if (type.rows() == 2 && type.family().startsWith("box-header")) {
            found.add(new EndChange(Kind.ROWS_SWAPPED, rowsSwapped(type), List.of(),
                    Priors.of("mistake.rows-swapped")));
        }
        ribbonForNumber(type, ids, found);
        if (type.family().equals("modular-8p8c")) {
            Map<String, String> moved = Map.of("1", "3", "3", "1", "2", "6", "6", "2");
            found.add(new EndChange(Kind.COLOUR_STANDARD, moved, List.of("1", "2", "3", "6"),
                    Priors.of("mistake.colour-standard")));
        }
        double near = Priors.of("mistake.swapped.neighbours");
        double far = Priors.of("mistake.swapped.others");
        double twist = Priors.of("mistake.twist");
        for (int i = 0; i < ids.size(); i++) {
            List<String> neighbours = type.neighbours(ids.get(i));
            for (int j = i + 1; j < ids.size(); j++) {
                Map<String, String> moved = Map.of(ids.get(i), ids.get(j), ids.get(j), ids.get(i));
                found.add(new EndChange(Kind.SWAPPED, moved, List.of(ids.get(i), ids.get(j)),
                        neighbours.contains(ids.get(j)) ? near : far));
            }
        }
        for (int i = 0; i < ids.size(); i++) {
            for (int j = i + 2; j < ids.size(); j++) {
                Map<String, String> moved = HashMap.newHashMap(j - i + 1);
                for (int k = i; k <= j; k++) {
                    if (2 * k != i + j) {
                        moved.put(ids.get(k), ids.get(i + j - k));
                    }
                }
                found.add(new EndChange(Kind.TWIST, moved, List.of(ids.get(i), ids.get(j)), twist));
            }
        }
        return found;
    }

    /** What differs from every wire being in its place. */
    private static Map<String, String> moved(ConnectorType type, Map<String, String> sources) {
        Map<String, String> moved = new HashMap<>();
        for (String id : type.ids()) {
            String source = sources.getOrDefault(id, NONE);
            if (!source.equals(id)) {
                moved.put(id, source);
            }
        }
        return moved;
    }

    private static Map<String, String> shifted(List<String> ids, int by) {
        Map<String, String> moved = new HashMap<>();
        for (int k = 0; k < ids.size(); k++) {
            int from = k - by;
            moved.put(ids.get(k), from < 0 || from >= ids.size() ? NONE : ids.get(from));
        }
        return moved;
    }

    private static Map<String, String> rowsSwapped(ConnectorType type) {
        Map<String, String> moved = new HashMap<>();
        List<String> upper = type.row(0);
        List<String> lower = type.row(1);
        for (int k = 0; k < Math.min(upper.size(), lower.size()); k++) {
            moved.put(upper.get(k), lower.get(k));
            moved.put(lower.get(k), upper.get(k));
        }
        return moved;
    }

    private static void ribbonForNumber(ConnectorType type, List<String> ids, List<EndChange> found) {
        List<String> ribbon = type.ribbonOrder();
        if (ribbon.isEmpty() || ribbon.equals(ids)) {
            return;
        }
        Map<String, String> there = new HashMap<>();
        Map<String, String> back = new HashMap<>();
        for (int k = 0; k < ids.size(); k++) {
            if (!ribbon.get(k).equals(ids.get(k))) {
                there.put(ribbon.get(k), ids.get(k));
                back.put(ids.get(k), ribbon.get(k));
            }
        }
        found.add(new EndChange(Kind.RIBBON_FOR_NUMBER, there, List.of(),
                Priors.of("mistake.ribbon-for-number")));
        found.add(new EndChange(Kind.RIBBON_FOR_NUMBER, back, List.of(),
                Priors.of("mistake.number-for-ribbon")));
    }
}
