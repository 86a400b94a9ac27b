package wegweiser.core.pinout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.words.Words;

/**
 * A way in which a drawing may number a connector's contacts other than they are printed.
 *
 * @param meant number in the drawing to the contact on the part
 */
record Numbering(String words, Map<String, String> meant) {
    /** The ways that occur: the other side, the other direction, rows exchanged, zigzag for rows, another first one. */
    static List<Numbering> of(ConnectorType type) {
        List<Numbering> all = new ArrayList<>();
        List<String> pins = type.pinIds();
        int n = pins.size();
        all.add(new Numbering(Words.say("numbering.other-side"), type.mirrorImage()));
        List<String> backwards = new ArrayList<>(pins);
        java.util.Collections.reverse(backwards);
        all.add(new Numbering(Words.say("numbering.backwards"), paired(pins, backwards)));
        if (type.rows() == 2 && type.row(0).size() == type.row(1).size()) {
            List<String> upper = type.row(0);
            List<String> lower = type.row(1);
            List<String> from = new ArrayList<>(upper);
            from.addAll(lower);
            List<String> to = new ArrayList<>(lower);
            to.addAll(upper);
            all.add(new Numbering(Words.say("numbering.rows-swapped"), paired(from, to)));
        }
        if (type.rows() == 2) {
            List<String> byRows = new ArrayList<>(type.row(0));
            byRows.addAll(type.row(1));
            List<String> zigzag = zigzag(type.row(0), type.row(1));
            all.add(new Numbering(Words.say("numbering.zigzag"), paired(pins, zigzag)));
            if (!byRows.equals(pins)) {
                all.add(new Numbering(Words.say("numbering.by-rows"), paired(pins, byRows)));
            }
        }
        for (int shift = 1; shift < n; shift++) {
            List<String> turned = new ArrayList<>();
            for (int k = 0; k < n; k++) {
                turned.add(pins.get((k + shift) % n));
            }
            all.add(new Numbering(Words.say("numbering.first", pins.get(shift)), paired(pins, turned)));
        }
        return all;
    }

    private static List<String> zigzag(List<String> upper, List<String> lower) {
        List<String> order = new ArrayList<>();
        for (int k = 0; k < Math.max(upper.size(), lower.size()); k++) {
            if (k < upper.size()) {
                order.add(upper.get(k));
            }
            if (k < lower.size()) {
                order.add(lower.get(k));
            }
        }
        return order;
    }

    private static Map<String, String> paired(List<String> from, List<String> to) {
        Map<String, String> map = new HashMap<>();
        for (int k = 0; k < from.size(); k++) {
            map.put(from.get(k), to.get(k));
        }
        return map;
    }
}
