package wegweiser.core.conductors;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.LooseLeads;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/**
 * Which conductor must lie at a contact, where the connector leaves no choice: a ribbon in a header and a flat cable in a
 * modular plug keep their order, a loose lead is its colour, an end that stays has what was measured there, a network plug
 * follows its standard.
 */
final class Dictated {
    private final Map<Terminal, Order> orders = new HashMap<>();

    /** What must lie somewhere, and by what. */
    record Order(String conductor, By by) {}

    /** What leaves no choice. */
    enum By {
        RIBBON,
        FLAT,
        MEASURED,
        LEADS,
        NETWORK
    }

    private Dictated() {}

    static Dictated of(Job job, CableStock cable) {
        Dictated found = new Dictated();
        for (End end : job.ends()) {
            if (end.connector().equals(End.LEADS)) {
                cable.conductors().forEach(c -> found.put(end.terminal(c), c, By.LEADS));
            } else if (cable.flat()) {
                Catalogue.of(job).of(end).ifPresent(type -> found.flat(end, type, cable));
            }
        }
        LooseLeads.of(job).colours().forEach((contact, colour) -> found.put(contact, colour, By.MEASURED));
        if (!cable.flat() && NetworkColours.matter(job)) {
            // the first plug decides; where lines cross, the other then has the colours of the other standard
            found.network(job, NetworkColours.plug(job).orElseThrow());
        }
        return found;
    }

    Optional<Order> at(Terminal terminal) {
        return Optional.ofNullable(orders.get(terminal));
    }

    private void put(Terminal terminal, String conductor, By by) {
        orders.put(terminal, new Order(conductor, by));
    }

    private void flat(End end, ConnectorType type, CableStock cable) {
        boolean modular = type.kind() == ConnectorKind.MODULAR;
        List<String> order = type.termination() == Termination.RIBBON
                ? type.ribbonOrder()
                : modular ? type.pinIds() : List.of();
        int first = modular ? Math.floorDiv(order.size() - cable.conductors().size(), 2) : 0;
        for (int k = 0; k < order.size(); k++) {
            int wire = k - first;
            if (wire >= 0 && wire < cable.conductors().size()) {
                put(end.terminal(order.get(k)), cable.conductors().get(wire),
                        modular ? By.FLAT : By.RIBBON);
            }
        }
    }

    private void network(Job job, End end) {
        List<String> colours = NetworkColours.of(job);
        Map<Terminal, Pin> pins = new HashMap<>();
        Pin.of(end).forEach(p -> pins.put(p.terminal(), p));
        for (int k = 0; k < colours.size(); k++) {
            Terminal terminal = end.terminal(String.valueOf(k + 1));
            if (!orders.containsKey(terminal) && pins.containsKey(terminal)
                    && pins.get(terminal).has(Level.ETHERNET)) {
                put(terminal, colours.get(k), By.NETWORK);
            }
        }
    }
}
