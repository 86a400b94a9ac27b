package wegweiser.core.route;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/**
 * Gives each link that runs along the cable a conductor. What a connector dictates comes first: a ribbon in a header and a
 * flat cable in a modular plug lie by place. Then both halves of a differential signal get one twisted pair, supply and
 * ground the colours of their trade, and the others the next free conductor, one from each pair first so that signals do not
 * share a pair. O(links x conductors).
 */
public final class Allocation {
    private final CableStock cable;
    private final Map<Terminal, Pin> pins = new HashMap<>();
    private final Map<Terminal, String> places = new HashMap<>();
    private final Set<String> free;
    private final Map<String, String> byPair = new HashMap<>();

    private Allocation(Job job, CableStock cable) {
        this.cable = cable;
        this.free = new LinkedHashSet<>(cable.conductors());
        Pin.of(job).forEach(p -> pins.put(p.terminal(), p));
        if (cable.flat()) {
            job.ends().forEach(end -> Catalogue.of(job).of(end).ifPresent(type -> place(end, type)));
        } else if (NetworkColours.matter(job)) {
            // the first plug decides; where lines cross, the other then has the colours of the other standard
            placeNetwork(NetworkColours.plug(job).orElseThrow(), NetworkColours.of(job));
        }
    }

    /** The links with conductors; unchanged when the job has no cable from the catalogue. */
    public static List<Link> of(Job job, List<Link> links) {
        Optional<CableStock> cable = Cables.of(job);
        return cable.map(c -> new Allocation(job, c).allocate(links)).orElse(links);
    }

    /** Network lines take the colours of their positions. */
    private void placeNetwork(End end, List<String> colours) {
        for (int k = 0; k < colours.size(); k++) {
            Terminal terminal = end.terminal(String.valueOf(k + 1));
            if (pins.containsKey(terminal) && pins.get(terminal).has(Level.ETHERNET)) {
                places.put(terminal, colours.get(k));
            }
        }
    }

    /** Which wire lies at each contact, where the connector leaves no choice. */
    private void place(End end, ConnectorType type) {
        List<String> order = type.termination() == Termination.RIBBON
                ? type.ribbonOrder()
                : type.kind() == ConnectorKind.MODULAR ? type.pinIds() : List.of();
        int first = type.kind() == ConnectorKind.MODULAR
                ? Math.floorDiv(order.size() - cable.conductors().size(), 2)
                : 0;
        for (int k = 0; k < order.size(); k++) {
            int wire = k - first;
            if (wire >= 0 && wire < cable.conductors().size()) {
                places.put(end.terminal(order.get(k)), cable.conductors().get(wire));
            }
        }
    }

    private List<Link> allocate(List<Link> links) {
        Map<Link, String> chosen = new LinkedHashMap<>();
        links.forEach(l -> l.conductor().ifPresent(free::remove));
        for (int pass = 0; pass < 4; pass++) {
            for (Link link : links) {
                if (chosen.containsKey(link) || link.conductor().isPresent() || link.to().isEmpty()
                        || link.isWithinOneEnd()) {
                    continue;
                }
                int which = pass;
                choose(link, which).ifPresent(c -> {
                    chosen.put(link, c);
                    free.remove(c);
                });
            }
        }
        List<Link> result = new ArrayList<>();
        links.forEach(
                l -> result.add(chosen.containsKey(l) ? l.withConductor(Optional.of(chosen.get(l))) : l));
        return result;
    }

    private Optional<String> choose(Link link, int pass) {
        Pin from = pins.get(link.from());
        Pin to = link.to().map(pins::get).orElse(null);
        return switch (pass) {
            case 0 -> Optional.ofNullable(places.get(link.from())).filter(free::contains)
                    .or(() -> link.to().map(places::get).filter(free::contains));
            case 1 -> half(from).or(() -> half(to));
            case 2 -> Habit.colour(cable, from, to).filter(free::contains);
            default -> free.stream()
                    .filter(c -> cable.partner(c).map(free::contains).orElse(true))
                    .findFirst()
                    .or(() -> free.stream().findFirst());
        };
    }

    /** One half of a twisted pair; the second half of the same signal gets its partner. */
    private Optional<String> half(Pin pin) {
        Optional<String> pair = Optional.ofNullable(pin).filter(Pin::isSignal).flatMap(Pin::half)
                .map(h -> pin.terminal().end() + " " + h.pair());
        if (pair.isEmpty()) {
            return Optional.empty();
        }
        String first = byPair.get(pair.get());
        if (first != null) {
            return cable.partner(first).filter(free::contains);
        }
        Optional<String> found = free.stream().filter(c -> cable.partner(c).map(free::contains).orElse(false))
                .findFirst();
        found.ifPresent(c -> byPair.put(pair.get(), c));
        return found;
    }
}
