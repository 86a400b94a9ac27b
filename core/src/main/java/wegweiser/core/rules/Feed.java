package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.signals.Pin;

/**
 * What carries supply in a plan, one net or several with parts in line: what gives and what takes, and how much. Several contacts of one end that
 * say the same are one port spread over them, and its current counts once.
 */
record Feed(List<Pin> sources, List<Pin> sinks, SupplyPaths paths) {
    /** All nets, and nets with parts of a supply line between them, on which a source meets a sink. */
    static List<Feed> of(Derived derived) {
        return derived.once(Feed.class, () -> all(derived));
    }

    private static List<Feed> all(Derived derived) {
        List<Feed> found = new ArrayList<>();
        SupplyPaths paths = new SupplyPaths(Circuit.of(derived));
        for (List<Pin> net : paths.nets()) {
            Feed feed = new Feed(net.stream().filter(p -> p.is(Direction.SUPPLY_OUT)).toList(),
                    net.stream().filter(p -> p.is(Direction.SUPPLY_IN)).toList(), paths);
            if (!feed.sources.isEmpty() && !feed.sinks.isEmpty()) {
                found.add(feed);
            }
        }
        return found;
    }

    /** All its contacts. */
    List<Pin> pins() {
        return Stream.concat(sources.stream(), sinks.stream()).toList();
    }

    /**
     * The volts that parts in line take from a sink's supply while so much current flows; none without parts.
     *
     * @return empty where a diode blocks every way
     */
    OptionalDouble lost(Pin source, Pin sink, double amps) {
        return paths.lost(source, sink, amps);
    }

    /** The most current that flows through each part in line, whichever source feeds; in A. */
    Map<Link, Double> throughParts() {
        Map<Link, Double> most = new LinkedHashMap<>();
        for (Pin source : sources) {
            Map<Link, Double> here = new LinkedHashMap<>();
            for (String end : sinkEnds()) {
                Pin sink = sinks.stream().filter(p -> p.isAt(end)).findFirst().orElseThrow();
                paths.partsBetween(source, sink, load(end))
                        .forEach(p -> here.merge(p.link(), load(end), Double::sum));
            }
            here.forEach((link, amps) -> most.merge(link, amps, Math::max));
        }
        return most;
    }

    /** What the sinks of one end take, in A. */
    double load(String end) {
        return amps(sinks.stream().filter(p -> p.isAt(end)).toList());
    }

    /** What all sinks take, in A. */
    double load() {
        return sinkEnds().stream().mapToDouble(this::load).sum();
    }

    /** What the sources of one end give, in A; empty where one does not say. */
    OptionalDouble given(String end) {
        List<Pin> here = sources.stream().filter(p -> p.isAt(end)).toList();
        return here.stream().allMatch(p -> p.row().amps().isPresent())
                ? OptionalDouble.of(amps(here))
                : OptionalDouble.empty();
    }

    List<String> sinkEnds() {
        return ends(sinks);
    }

    List<String> sourceEnds() {
        return ends(sources);
    }

    /** The source whose volts are the least, which is what a sink can count on; empty where none says its volts. */
    Optional<Pin> weakest() {
        return sources.stream().filter(p -> p.volts().isPresent())
                .min(Comparator.comparingDouble(p -> p.volts().orElseThrow().smallest()));
    }

    static List<String> ends(List<Pin> pins) {
        return pins.stream().map(p -> p.terminal().end()).distinct().toList();
    }

    private static double amps(List<Pin> pins) {
        return pins.stream().filter(p -> p.row().amps().isPresent())
                .collect(Collectors.toMap(p -> p.signal() + p.row().amps().getAsDouble(),
                        p -> p.row().amps().getAsDouble(), (a, _) -> a))
                .values().stream().mapToDouble(Double::doubleValue).sum();
    }
}
