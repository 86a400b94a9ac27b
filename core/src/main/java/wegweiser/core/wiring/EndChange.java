package wegweiser.core.wiring;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.data.Priors;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Terminal;

/**
 * A typical mistake at one end: wires that landed on other contacts than they should.
 *
 * @param takes for each contact the contact whose wire it got; a contact that is missing got none
 * @param what the contacts that name the mistake, such as the two that were swapped
 * @param weight how common it is, relative to the others of the same connector
 */
public record EndChange(Kind kind, Map<String, String> takes, List<String> what, double weight) {
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
        takes = Map.copyOf(takes);
        what = List.copyOf(what);
    }

    /** The nets as they would be had this mistake been made at an end. Costs O(terminals). */
    public Nets applyTo(Nets nets, String end) {
        int n = nets.index().size();
        int[] labels = new int[n];
        for (int i = 0; i < n; i++) {
            Terminal terminal = nets.index().get(i);
            if (!terminal.end().equals(end)) {
                labels[i] = nets.partition().root(i);
                continue;
            }
            String from = takes.get(terminal.contact());
            if (terminal.contact().equals(from)) {
                labels[i] = nets.partition().root(i);
                continue;
            }
            Terminal source = from == null ? null : new Terminal(end, from);
            // a label past all terminals is a net of its own
            labels[i] = source == null || !nets.index().contains(source)
                    ? n + i
                    : nets.partition().root(nets.index().of(source));
        }
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
            found.add(new EndChange(Kind.MIRRORED, mirror, List.of(), Priors.of("mistake.mirrored")));
        }
        for (int by : new int[]{1, -1, 2, -2}) {
            found.add(new EndChange(Kind.SHIFTED, shifted(type, ids, by), List.of(String.valueOf(by)),
                    Priors.of("mistake.shifted." + Math.abs(by))));
        }
        if (type.rows() == 2 && type.family().startsWith("box-header")) {
            found.add(new EndChange(Kind.ROWS_SWAPPED, rowsSwapped(type), List.of(),
                    Priors.of("mistake.rows-swapped")));
        }
        ribbonForNumber(type, ids, found);
        if (type.family().equals("modular-8p8c")) {
            Map<String, String> takes = identity(type);
            List.of("1 3", "3 1", "2 6", "6 2").forEach(s -> takes.put(s.substring(0, 1), s.substring(2)));
            found.add(new EndChange(Kind.COLOUR_STANDARD, takes, List.of("1", "2", "3", "6"),
                    Priors.of("mistake.colour-standard")));
        }
        double near = Priors.of("mistake.swapped.neighbours");
        double far = Priors.of("mistake.swapped.others");
        double twist = Priors.of("mistake.twist");
        for (int i = 0; i < ids.size(); i++) {
            List<String> neighbours = type.neighbours(ids.get(i));
            for (int j = i + 1; j < ids.size(); j++) {
                Map<String, String> takes = identity(type);
                takes.put(ids.get(i), ids.get(j));
                takes.put(ids.get(j), ids.get(i));
                found.add(new EndChange(Kind.SWAPPED, takes, List.of(ids.get(i), ids.get(j)),
                        neighbours.contains(ids.get(j)) ? near : far));
            }
        }
        for (int i = 0; i < ids.size(); i++) {
            for (int j = i + 2; j < ids.size(); j++) {
                Map<String, String> takes = identity(type);
                for (int k = i; k <= j; k++) {
                    takes.put(ids.get(k), ids.get(i + j - k));
                }
                found.add(new EndChange(Kind.TWIST, takes, List.of(ids.get(i), ids.get(j)), twist));
            }
        }
        return found;
    }

    private static Map<String, String> identity(ConnectorType type) {
        Map<String, String> takes = new LinkedHashMap<>();
        type.ids().forEach(id -> takes.put(id, id));
        return takes;
    }

    private static Map<String, String> shifted(ConnectorType type, List<String> ids, int by) {
        Map<String, String> takes = identity(type);
        for (int k = 0; k < ids.size(); k++) {
            int from = k - by;
            if (from < 0 || from >= ids.size()) {
                takes.remove(ids.get(k));
            } else {
                takes.put(ids.get(k), ids.get(from));
            }
        }
        return takes;
    }

    private static Map<String, String> rowsSwapped(ConnectorType type) {
        Map<String, String> takes = identity(type);
        List<String> upper = type.row(0);
        List<String> lower = type.row(1);
        for (int k = 0; k < Math.min(upper.size(), lower.size()); k++) {
            takes.put(upper.get(k), lower.get(k));
            takes.put(lower.get(k), upper.get(k));
        }
        return takes;
    }

    private static void ribbonForNumber(ConnectorType type, List<String> ids, List<EndChange> found) {
        List<String> ribbon = type.ribbonOrder();
        if (ribbon.isEmpty() || ribbon.equals(ids)) {
            return;
        }
        Map<String, String> there = identity(type);
        Map<String, String> back = identity(type);
        for (int k = 0; k < ids.size(); k++) {
            there.put(ribbon.get(k), ids.get(k));
            back.put(ids.get(k), ribbon.get(k));
        }
        found.add(new EndChange(Kind.RIBBON_FOR_NUMBER, there, List.of(),
                Priors.of("mistake.ribbon-for-number")));
        found.add(new EndChange(Kind.RIBBON_FOR_NUMBER, back, List.of(),
                Priors.of("mistake.number-for-ribbon")));
    }
}
