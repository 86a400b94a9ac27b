package wegweiser.files.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import com.fasterxml.jackson.databind.util.StdConverter;
import java.util.ArrayList;
import java.util.List;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Wiring;

/** A named wiring as it stands in a file: one link for each net that goes through, and jumpers for the rest of it. */
record WiringShape(String id, String title, String from, String to, double weight, List<List<String>> links,
        @JsonInclude(Include.NON_EMPTY) List<List<String>> fromJumpers,
        @JsonInclude(Include.NON_EMPTY) List<List<String>> toJumpers) {
    static final class From extends StdConverter<NamedWiring, WiringShape> {
        @Override
        public WiringShape convert(NamedWiring named) {
            List<List<String>> links = new ArrayList<>();
            List<List<String>> near = new ArrayList<>();
            List<List<String>> far = new ArrayList<>();
            for (Wiring.Net net : named.wiring().nets()) {
                List<String> here = List.copyOf(net.near());
                List<String> there = List.copyOf(net.far());
                if (!here.isEmpty() && !there.isEmpty()) {
                    links.add(List.of(here.getFirst(), there.getFirst()));
                }
                chain(here, near);
                chain(there, far);
            }
            return new WiringShape(named.id(), named.title(), named.fromFamily(), named.toFamily(),
                    named.weight(),
                    links, near, far);
        }
    }

    private static void chain(List<String> contacts, List<List<String>> jumpers) {
        for (int k = 1; k < contacts.size(); k++) {
            jumpers.add(List.of(contacts.get(k - 1), contacts.get(k)));
        }
    }
}
