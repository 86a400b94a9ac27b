package wegweiser.core.faults;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Contact;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** What goes wrong between two contacts of one end: a bridge, a strand of the screen, two wires exchanged. */
final class BetweenContacts {
    private final List<Link> links;
    private final Place place;
    private final List<PossibleFault> found = new ArrayList<>();

    private BetweenContacts(Assembly assembly, Place place) {
        this.links = assembly.links();
        this.place = place;
    }

    static List<PossibleFault> of(Assembly assembly, Place place) {
        BetweenContacts between = new BetweenContacts(assembly, place);
        place.type().ifPresent(between::all);
        return between.found;
    }

    private void all(ConnectorType type) {
        List<String> ids = type.ids();
        for (int i = 0; i < ids.size(); i++) {
            List<String> neighbours = type.neighbours(ids.get(i));
            for (int j = i + 1; j < ids.size(); j++) {
                boolean near = neighbours.contains(ids.get(j));
                pair(ids.get(i), ids.get(j), near);
            }
        }
    }

    private void pair(String one, String other, boolean near) {
        boolean first = place.joint(one).isPresent();
        boolean second = place.joint(other).isPresent();
        if (!first && !second) {
            return;
        }
        Terminal a = new Terminal(place.name(), one);
        Terminal b = new Terminal(place.name(), other);
        if (one.equals(Contact.SHELL) || other.equals(Contact.SHELL)) {
            if (first && second) {
                add(FaultKind.STRAND, a, b, Relinked.with(links, Link.of(a, b)), "strand");
            }
            return;
        }
        if (near) {
            add(FaultKind.SHORT, a, b, Relinked.with(links, Link.of(a, b)), "short");
        }
        if (first && second) {
            double chance = FaultTable.of(near ? "swapped" : "swapped-far", place);
            if (chance > 0) {
                found.add(new PossibleFault(FaultKind.SWAPPED, place.name(), List.of(a, b), List.of(),
                        Map.of(one, other, other, one), Relinked.moved(links, place.name(), c -> Optional.of(
                                c.equals(one) ? other : c.equals(other) ? one : c)),
                        chance));
            }
        }
    }

    private void add(FaultKind kind, Terminal a, Terminal b, List<Link> then, String name) {
        double chance = FaultTable.of(name, place);
        if (chance > 0) {
            found.add(new PossibleFault(kind, place.name(), List.of(a, b), then, chance));
        }
    }
}
