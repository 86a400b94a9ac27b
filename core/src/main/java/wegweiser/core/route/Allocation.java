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
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;

/**
 * Gives each link that runs along the cable a conductor: both halves of a differential signal one twisted pair,
 * red to supply and black to ground where the cable has them, and to the others the next free conductor, one
 * from each pair first so that signals do not share a pair. O(links x conductors).
 */
public final class Allocation {
    private final CableStock cable;
    private final Map<Terminal, Pin> pins = new HashMap<>();
    private final Set<String> free;
    private final Map<String, String> byPair = new HashMap<>();

    private Allocation(Job job, CableStock cable) {
        this.cable = cable;
        this.free = new LinkedHashSet<>(cable.conductors());
        Pin.of(job).forEach(p -> pins.put(p.terminal(), p));
    }

    /** The links with conductors; unchanged when the job has no cable from the catalogue. */
    public static List<Link> of(Job job, List<Link> links) {
        Optional<CableStock> cable = Cables.of(job);
        return cable.map(c -> new Allocation(job, c).allocate(links)).orElse(links);
    }

    private List<Link> allocate(List<Link> links) {
        Map<Link, String> chosen = new LinkedHashMap<>();
        links.forEach(l -> l.conductor().ifPresent(free::remove));
        for (int pass = 0; pass < 3; pass++) {
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
        Pin pin = pins.get(link.from());
        String signal = pin == null ? "" : pin.signal();
        return switch (pass) {
            case 0 -> Signals.polarity(signal) == 0
                    ? Optional.empty()
                    : half(link.from().end() + Signals.pairName(signal));
            case 1 -> habit(pin);
            default -> free.stream()
                    .filter(c -> cable.partner(c).map(free::contains).orElse(true))
                    .findFirst()
                    .or(() -> free.stream().findFirst());
        };
    }

    /** One half of a twisted pair; the second half of the same signal gets its partner. */
    private Optional<String> half(String pair) {
        String first = byPair.get(pair);
        if (first != null) {
            return cable.partner(first).filter(free::contains);
        }
        Optional<String> found = free.stream().filter(c -> cable.partner(c).map(free::contains).orElse(false))
                .findFirst();
        found.ifPresent(c -> byPair.put(pair, c));
        return found;
    }

    private Optional<String> habit(Pin pin) {
        if (pin == null) {
            return Optional.empty();
        }
        String colour = pin.isSupply() ? "RD" : pin.signal().equals("GND") ? "BK" : "";
        return free.stream().filter(colour::equals).findFirst();
    }
}
