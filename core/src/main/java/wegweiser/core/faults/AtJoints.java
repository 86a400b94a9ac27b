package wegweiser.core.faults;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;

/** What goes wrong with one wire at one end: it is open or cold, in the hole beside, or it is another wire. */
final class AtJoints {
    /** In the middle of what a cold joint has, on a scale of ratios: 5 to 70 ohm. */
    static final double COLD_OHMS = 20;

    private final Assembly assembly;
    private final List<Link> links;
    private final Place place;
    private final List<PossibleFault> found = new ArrayList<>();

    private AtJoints(Assembly assembly, Place place) {
        this.assembly = assembly;
        this.links = assembly.links();
        this.place = place;
    }

    static List<PossibleFault> of(Assembly assembly, Place place) {
        AtJoints joints = new AtJoints(assembly, place);
        for (Link link : joints.links) {
            if (link.to().isPresent() && !link.isWithinOneEnd() && !link.is(PartKind.CUT)) {
                for (Terminal at : List.of(link.from(), link.to().get())) {
                    if (at.end().equals(place.name())) {
                        joints.wire(link, at);
                    }
                }
            }
        }
        return joints.found;
    }

    private void wire(Link link, Terminal at) {
        Terminal far = link.from().equals(at) ? link.to().orElseThrow() : link.from();
        add(FaultKind.OPEN, List.of(at, far), Relinked.without(links, link), 1);
        if (link.isCopper()) {
            add(FaultKind.COLD_JOINT, List.of(at, far), Relinked.instead(links, link,
                    List.of(Link.of(at, far).withPart(Part.resistor(COLD_OHMS)))), 1);
        }
        List<String> free = freeBeside(at.contact());
        for (String contact : free) {
            Terminal beside = new Terminal(at.end(), contact);
            add(FaultKind.WRONG_CONTACT, List.of(at, beside),
                    Relinked.instead(links, link, List.of(Relinked.between(link, beside, far))),
                    1.0 / free.size());
        }
        otherWires(link, at, far);
    }

    private List<String> freeBeside(String contact) {
        ConnectorType type = place.type().orElse(null);
        return type == null || !type.has(contact)
                ? List.of()
                : type.neighbours(contact).stream().filter(c -> place.joint(c).isEmpty()).toList();
    }

    /** Spare wires of a ribbon come from a contact of the connector that is pressed on it at the other end. */
    private void otherWires(Link link, Terminal at, Terminal far) {
        List<String> order = assembly.at(far.end()).type().map(ConnectorType::ribbonOrder).orElse(List.of());
        List<String> wires = place.cable().map(c -> c.conductors()).orElse(List.of());
        if (order.isEmpty() || place.cable().filter(c -> c.flat()).isEmpty()
                || assembly.at(far.end()).undoing().isWireByWire()) {
            return;
        }
        int mine = link.conductor().map(wires::indexOf).orElse(-1);
        Set<String> used = new HashSet<>(place.used());
        for (int step : new int[]{-1, 1}) {
            int other = mine + step;
            if (mine >= 0 && other >= 0 && other < Math.min(order.size(), wires.size())
                    && !used.contains(wires.get(other))) {
                Terminal from = new Terminal(far.end(), order.get(other));
                found.add(new PossibleFault(FaultKind.WRONG_CONDUCTOR, place.name(), List.of(at, from),
                        Relinked.instead(links, link,
                                List.of(Relinked.between(link.withConductor(Optional.empty()), at, from))),
                        chance(FaultKind.WRONG_CONDUCTOR)));
            }
        }
    }

    private double chance(FaultKind kind) {
        return FaultTable.of(kind.id(), place);
    }

    private void add(FaultKind kind, List<Terminal> at, List<Link> then, double share) {
        found.add(new PossibleFault(kind, place.name(), at, then, chance(kind) * share));
    }
}
