package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;

/** On which conductors the halves of differential signals run. */
final class PairHalves {
    /** One half, where it is, and the conductor that carries it. */
    record Carried(Terminal terminal, String conductor) {}

    private PairHalves() {}

    /** The halves that are carried, by end and pair, whichever way a link is written. */
    static Map<String, List<Carried>> of(Derived derived) {
        Map<String, List<Carried>> found = new TreeMap<>();
        for (Link link : derived.job().links()) {
            for (Terminal t : link.to().isEmpty()
                    ? List.of(link.from())
                    : List.of(link.from(), link.to().get())) {
                derived.pin(t).filter(_ -> link.conductor().isPresent() && !ScreenLinks.isScreen(link))
                        .filter(Pin::isSignal).flatMap(Pin::half)
                        .ifPresent(
                                h -> found.computeIfAbsent(t.end() + " " + h.pair(), _ -> new ArrayList<>())
                                        .add(new Carried(t, link.conductor().orElseThrow())));
            }
        }
        return found;
    }
}
