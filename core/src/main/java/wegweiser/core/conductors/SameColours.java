package wegweiser.core.conductors;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
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

/** The colours of another cable of a chain for the same signals, so that a signal has one colour from device to device. */
public final class SameColours {
    private SameColours() {}

    /**
     * The job with the conductors that another one gives to signals of the same name, as far as its cable has them; the others
     * are chosen anew, and what a person chose stays. O(links x pins).
     */
    public static Job as(Job job, Job other) {
        Map<String, String> colours = colours(other);
        Map<Terminal, String> signals = signals(job);
        Set<String> there = new HashSet<>(Cables.of(job).map(CableStock::conductors).orElse(List.of()));
        job.links().stream().filter(Link::pinned).forEach(l -> l.conductor().ifPresent(there::remove));
        List<Link> links = new ArrayList<>();
        for (Link link : job.links()) {
            boolean along = link.to().isPresent() && !link.isWithinOneEnd();
            boolean screen = link.isOnScreen();
            if (!along || link.pinned() || screen) {
                links.add(link);
                continue;
            }
            Optional<String> colour = signal(link, signals).map(colours::get).filter(there::remove);
            links.add(link.withConductor(colour));
        }
        return job.withLinks(Allocation.of(job, links));
    }

    /** Each signal's conductor; of a signal on several the first. */
    private static Map<String, String> colours(Job job) {
        Map<Terminal, String> signals = signals(job);
        Map<String, String> found = new HashMap<>();
        for (Link link : job.links()) {
            if (link.to().isPresent() && !link.isWithinOneEnd()) {
                signal(link, signals).ifPresent(
                        s -> link.conductor().ifPresent(c -> found.putIfAbsent(s, c)));
            }
        }
        return found;
    }

    private static Map<Terminal, String> signals(Job job) {
        Map<Terminal, String> found = new HashMap<>();
        Pin.of(job).forEach(p -> found.put(p.terminal(), p.signal()));
        return found;
    }

    /** What a link carries, by the name at its second end: there the next cable of the chain goes on. */
    private static Optional<String> signal(Link link, Map<Terminal, String> signals) {
        return Optional.ofNullable(signals.get(link.to().orElseThrow()))
                .or(() -> Optional.ofNullable(signals.get(link.from()))).filter(s -> !s.isBlank());
    }
}
