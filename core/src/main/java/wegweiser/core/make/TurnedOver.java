package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/**
 * Neighbouring wires of a ribbon that are turned over as one at an end.
 *
 * @param first and {@code last}: the outer wires
 * @param contact where the last of them comes to lie
 * @param contacts where they lie afterwards
 */
record TurnedOver(String first, String last, String contact, List<String> contacts) {
    TurnedOver {
        contacts = List.copyOf(contacts);
    }

    /** The runs that the plan turns over at an end, from the marked edge. O(links). */
    static List<TurnedOver> at(Derived derived, End end, ConnectorType type, CableStock cable) {
        List<TurnedOver> found = new ArrayList<>();
        if (cable == null || !cable.flat()) {
            return found;
        }
        // wires off their place, each with the sum of wire and place, which is one for a run that is turned over
        Map<Integer, List<Integer>> runs = new TreeMap<>();
        for (Link link : derived.job().links()) {
            int wire = link.conductor().map(cable.conductors()::indexOf).orElse(-1);
            Terminal here = link.from().end().equals(end.name())
                    ? link.from()
                    : link.to().orElse(link.from());
            int place = type.ribbonOrder().indexOf(here.contact());
            if (wire >= 0 && place >= 0 && here.end().equals(end.name()) && !link.isWithinOneEnd()
                    && wire != place) {
                runs.computeIfAbsent(wire + place, _ -> new ArrayList<>()).addAll(List.of(wire, place));
            }
        }
        runs.forEach((sum, places) -> {
            int first = places.stream().mapToInt(Integer::intValue).min().orElseThrow();
            int last = sum - first;
            List<String> contacts = new ArrayList<>();
            for (int place = first; place <= Math.min(last, type.ribbonOrder().size() - 1); place++) {
                contacts.add(type.ribbonOrder().get(place));
            }
            found.add(new TurnedOver(cable.conductors().get(first),
                    cable.conductors().get(Math.min(last, cable.conductors().size() - 1)),
                    type.ribbonOrder().get(first), contacts));
        });
        return found;
    }
}
