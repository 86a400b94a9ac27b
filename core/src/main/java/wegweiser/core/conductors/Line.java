package wegweiser.core.conductors;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.wiring.Nets;

/**
 * What needs one conductor: links of one copper net, at most one between any two ends, so that a chain has one colour from
 * its first end to its last.
 *
 * @param links their places in the list of links
 * @param terminals where they begin and end, in the order of the links
 * @param pins what the pinouts say of these
 */
record Line(List<Integer> links, List<Terminal> terminals, List<Pin> pins) {
    Line {
        links = List.copyOf(links);
        terminals = List.copyOf(terminals);
        pins = List.copyOf(pins);
    }

    /** The lines that have no conductor yet. */
    static List<Line> of(Job job, List<Link> links, Map<Terminal, Pin> pins) {
        Nets nets = Nets.planned(job.withLinks(links));
        List<Line> found = new ArrayList<>();
        Set<Integer> taken = new HashSet<>();
        for (int k = 0; k < links.size(); k++) {
            if (needsOne(links.get(k)) && taken.add(k)) {
                List<Integer> together = new ArrayList<>(List.of(k));
                Set<Set<String>> legs = new HashSet<>(Set.of(leg(links.get(k))));
                for (int m = k + 1; m < links.size(); m++) {
                    Link other = links.get(m);
                    if (needsOne(other) && other.isCopper() && links.get(k).isCopper() && !taken.contains(m)
                            && nets.joined(links.get(k).from(), other.from()) && legs.add(leg(other))) {
                        taken.add(m);
                        together.add(m);
                    }
                }
                found.add(of(together, links, pins));
            }
        }
        return found;
    }

    private static Line of(List<Integer> together, List<Link> links, Map<Terminal, Pin> pins) {
        Set<Terminal> terminals = new LinkedHashSet<>();
        together.forEach(n -> {
            terminals.add(links.get(n).from());
            terminals.add(links.get(n).to().orElseThrow());
        });
        return new Line(together, List.copyOf(terminals),
                terminals.stream().map(pins::get).filter(Objects::nonNull).toList());
    }

    private static boolean needsOne(Link link) {
        return link.conductor().isEmpty() && link.to().isPresent() && !link.isWithinOneEnd();
    }

    private static Set<String> leg(Link link) {
        return Set.of(link.from().end(), link.to().orElseThrow().end());
    }

    boolean isSupply() {
        return pins.stream().anyMatch(Pin::isSupply);
    }

    boolean isReturn() {
        return !isSupply() && pins.stream().anyMatch(p -> p.is(Direction.GROUND) && !p.isEarthByName())
                && !isSignal();
    }

    /**
     * The most supply current that it carries as far as the pinouts tell, in A: of a supply what its loads take, of a return
     * what any one end takes of all supplies. 0 where nobody said.
     *
     * @param all the pins of the job
     */
    double amps(Collection<Pin> all) {
        if (isSupply()) {
            double taken = sunk(pins);
            return taken > 0 ? taken : given(pins);
        }
        return !isReturn()
                ? 0
                : terminals.stream().map(Terminal::end).distinct()
                        .mapToDouble(end -> sunk(all.stream().filter(p -> p.isAt(end)).toList())).max()
                        .orElse(0);
    }

    private static double sunk(Collection<Pin> pins) {
        return pins.stream().filter(p -> p.is(Direction.SUPPLY_IN)).mapToDouble(p -> p.row().amps().orElse(0))
                .sum();
    }

    private static double given(Collection<Pin> pins) {
        return pins.stream().filter(p -> p.is(Direction.SUPPLY_OUT))
                .mapToDouble(p -> p.row().amps().orElse(0))
                .max().orElse(0);
    }

    boolean isProtectiveEarth() {
        return pins.stream().anyMatch(Pin::isProtectiveEarth);
    }

    boolean isSignal() {
        return pins.stream().anyMatch(Pin::isSignal);
    }

    boolean isEarth() {
        return pins.stream().anyMatch(Pin::isEarth);
    }
}
