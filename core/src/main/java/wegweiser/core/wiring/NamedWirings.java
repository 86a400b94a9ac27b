package wegweiser.core.wiring;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.data.Data;
import wegweiser.core.data.Entry;
import wegweiser.core.model.ContactOrder;
import wegweiser.core.words.Words;

/** Reads named wirings from a table: families, links, jumpers and weight. */
final class NamedWirings {
    static final List<NamedWiring> STANDARD = new Entry(Data.json("wirings.json"), "").list("wirings",
            e -> of(e, Catalogue.standard()));

    private NamedWirings() {}

    static NamedWiring of(Entry entry, Catalogue catalogue) {
        ConnectorType near = family(entry.member("from"), catalogue);
        ConnectorType far = family(entry.member("to"), catalogue);
        List<String[]> joins = new ArrayList<>();
        entry.list("links", e -> pair(e, near, far))
                .forEach(l -> joins.add(new String[]{"A" + l[0], "B" + l[1]}));
        entry.list("fromJumpers", e -> pair(e, near, near))
                .forEach(j -> joins.add(new String[]{"A" + j[0], "A" + j[1]}));
        entry.list("toJumpers", e -> pair(e, far, far))
                .forEach(j -> joins.add(new String[]{"B" + j[0], "B" + j[1]}));
        Wiring wiring = joined(joins);
        return new NamedWiring(entry.text("id"), entry.text("from"), entry.text("to"), entry.title("wiring"),
                wiring, entry.number("weight", 1));
    }

    private static ConnectorType family(Entry entry, Catalogue catalogue) {
        String family = entry.node().asText();
        return catalogue.family(family)
                .orElseThrow(() -> entry.senseless(Words.say("bad.connector", family)));
    }

    private static String[] pair(Entry entry, ConnectorType near, ConnectorType far) {
        String[] pair = {entry.node().get(0).asText(), entry.node().get(1).asText()};
        for (int k = 0; k < 2; k++) {
            ConnectorType type = k == 0 ? near : far;
            if (!type.has(pair[k]) && !pair[k].equals("shell")) {
                throw entry.senseless(
                        Words.say("bad.wiring-contact", type.family(), pair[k]));
            }
        }
        return pair;
    }

    /** The nets that some joins make; a key is the end's letter and the contact. */
    private static Wiring joined(List<String[]> joins) {
        Map<String, Integer> numbers = new LinkedHashMap<>();
        joins.forEach(join -> {
            for (String key : join) {
                numbers.putIfAbsent(key, numbers.size());
            }
        });
        DisjointSets sets = new DisjointSets(numbers.size());
        joins.forEach(join -> sets.union(numbers.get(join[0]), numbers.get(join[1])));
        Map<Integer, List<TreeSet<String>>> nets = new LinkedHashMap<>();
        numbers.forEach((key, number) -> nets
                .computeIfAbsent(sets.find(number), _ -> List.of(new TreeSet<>(ContactOrder.PRINTED),
                        new TreeSet<>(ContactOrder.PRINTED)))
                .get(key.charAt(0) - 'A').add(key.substring(1)));
        return new Wiring(nets.values().stream().map(n -> new Wiring.Net(n.get(0), n.get(1))).toList());
    }
}
