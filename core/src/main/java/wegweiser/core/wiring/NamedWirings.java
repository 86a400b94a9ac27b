package wegweiser.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.data.Data;
import wegweiser.core.data.Entry;
import wegweiser.core.model.ContactOrder;

/** Reads named wirings from a table: families, links, jumpers and weight. */
final class NamedWirings {
    static final List<NamedWiring> STANDARD = new Entry(Data.json("wirings.json"), "").list("wirings",
            e -> of(e, Catalogue.standard()));

    private NamedWirings() {}

    static NamedWiring of(Entry entry, Catalogue catalogue) {
        ConnectorType near = family(entry.member("from"), catalogue);
        ConnectorType far = family(entry.member("to"), catalogue);
        Wiring wiring = new Wiring(List.of());
        for (String[] link : entry.list("links", e -> pair(e, near, far))) {
            wiring = joined(wiring, "A" + link[0], "B" + link[1]);
        }
        for (String[] jumper : entry.list("fromJumpers", e -> pair(e, near, near))) {
            wiring = joined(wiring, "A" + jumper[0], "A" + jumper[1]);
        }
        for (String[] jumper : entry.list("toJumpers", e -> pair(e, far, far))) {
            wiring = joined(wiring, "B" + jumper[0], "B" + jumper[1]);
        }
        return new NamedWiring(entry.text("id"), entry.text("from"), entry.text("to"), entry.text("title"),
                wiring, entry.number("weight", 1));
    }

    private static ConnectorType family(Entry entry, Catalogue catalogue) {
        String family = entry.node().asText();
        return catalogue.family(family)
                .orElseThrow(() -> entry.senseless("names no connector that is known: “" + family + "”"));
    }

    private static String[] pair(Entry entry, ConnectorType near, ConnectorType far) {
        String[] pair = {entry.node().get(0).asText(), entry.node().get(1).asText()};
        for (int k = 0; k < 2; k++) {
            ConnectorType type = k == 0 ? near : far;
            if (!type.has(pair[k]) && !pair[k].equals("shell")) {
                throw entry.senseless(
                        "names a contact that " + type.family() + " does not have: “" + pair[k] + "”");
            }
        }
        return pair;
    }

    /** The wiring with two contacts joined; a key is the end's letter and the contact. */
    private static Wiring joined(Wiring wiring, String keyA, String keyB) {
        TreeSet<String> near = new TreeSet<>(ContactOrder.PRINTED);
        TreeSet<String> far = new TreeSet<>(ContactOrder.PRINTED);
        List<Wiring.Net> rest = new ArrayList<>();
        for (String key : List.of(keyA, keyB)) {
            (key.charAt(0) == 'A' ? near : far).add(key.substring(1));
        }
        for (Wiring.Net net : wiring.nets()) {
            if (net.near().stream().anyMatch(near::contains) || net.far().stream().anyMatch(far::contains)) {
                near.addAll(net.near());
                far.addAll(net.far());
            } else {
                rest.add(net);
            }
        }
        rest.add(new Wiring.Net(near, far));
        return new Wiring(rest);
    }
}
