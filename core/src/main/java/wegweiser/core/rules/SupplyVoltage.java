package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Volts;

/**
 * A source above what its sink stands, of the other sign, below what it needs, or alternating where the sink takes direct
 * current; or one of which nothing is said. Told once for the contacts of one port.
 */
final class SupplyVoltage implements Rule {
    /** Names of supplies that have a plus and a minus. */
    private static final Set<String> POLAR = Set.of("V+", "V-", "VBUS", "BATTERY");

    /** What can be wrong between a source and a sink. */
    private enum Misfit {
        LEVEL("message"),
        UNKNOWN("unknown"),
        KIND("kind");

        private final String key;

        Misfit(String key) {
            this.key = key;
        }
    }

    /** A source and a sink that do not suit each other. */
    private record Pair(Severity severity, Misfit misfit, Pin source, Pin sink) {
        /** The same for the contacts of one port on one of another. */
        List<Object> port() {
            return List.of(severity, misfit, source.terminal().end(), source.signal(), source.volts(),
                    sink.terminal().end(), sink.signal(), sink.volts());
        }
    }

    @Override
    public String id() {
        return "supply-voltage";
    }

    @Override
    public List<Finding> check(Derived derived) {
        Map<List<Object>, List<Pair>> ports = new LinkedHashMap<>();
        List<Finding> found = new ArrayList<>();
        for (Feed feed : Feed.of(derived)) {
            for (Pin source : feed.sources()) {
                for (Pin sink : feed.sinks()) {
                    OptionalDouble lost = feed.lost(source, sink, 0);
                    if (source.isApart(sink) && lost.isPresent()) {
                        compare(source, sink, lost.getAsDouble())
                                .ifPresent(
                                        p -> ports.computeIfAbsent(p.port(), _ -> new ArrayList<>()).add(p));
                    }
                }
            }
            feed.sinks().stream()
                    .filter(k -> feed.sources().stream().noneMatch(s -> feed.lost(s, k, 0).isPresent()))
                    .forEach(k -> found.add(blocked(feed.sources(), k)));
        }
        ports.values().forEach(pairs -> found.add(finding(pairs)));
        return found;
    }

    private Finding blocked(List<Pin> sources, Pin sink) {
        return Finding.variant(id(), "blocked", Severity.WARNING, List.of(sink.terminal()), sink.words(),
                Pin.words(sources));
    }

    private Finding finding(List<Pair> pairs) {
        Pair first = pairs.getFirst();
        List<Pin> sources = pairs.stream().map(Pair::source).distinct().toList();
        List<Pin> sinks = pairs.stream().map(Pair::sink).distinct().toList();
        Object[] words = first.misfit() == Misfit.UNKNOWN
                ? new Object[]{Pin.words(sources), Pin.words(sinks),
                        Pin.words(first.source().volts().isEmpty() ? sources : sinks)}
                : new Object[]{Pin.words(sources), first.source().volts().orElseThrow().words(),
                        Pin.words(sinks), first.sink().volts().orElseThrow().words()};
        return Finding.variant(id(), first.misfit().key, first.severity(),
                Stream.concat(sources.stream(), sinks.stream()).map(Pin::terminal).toList(), words);
    }

    /** What is wrong with feeding a sink from a source, when so many volts are lost on the way. */
    private static Optional<Pair> compare(Pin source, Pin sink, double lost) {
        Optional<Volts> given = source.volts();
        Optional<Volts> wanted = sink.volts();
        if (given.isEmpty() || wanted.isEmpty()) {
            return Optional.of(new Pair(Severity.WARNING, Misfit.UNKNOWN, source, sink));
        }
        if (given.get().alternating() != wanted.get().alternating()) {
            // where nothing names the kind of current that the load takes it may be meant
            boolean direct = given.get().alternating() && (POLAR.contains(sink.signal()) || saysDirect(sink));
            return Optional
                    .of(new Pair(direct ? Severity.ERROR : Severity.WARNING, Misfit.KIND, source, sink));
        }
        if (given.get().exceeds(wanted.get())) {
            return Optional.of(new Pair(Severity.ERROR, Misfit.LEVEL, source, sink));
        }
        return given.get().fallsShort(wanted.get(), lost)
                ? Optional.of(new Pair(Severity.WARNING, Misfit.LEVEL, source, sink))
                : Optional.empty();
    }

    private static boolean saysDirect(Pin pin) {
        return pin.row().name().filter(n -> n.toUpperCase(Locale.ROOT).contains("DC")).isPresent();
    }
}
