package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Volts;
import wegweiser.core.words.Words;

/** A source above what its sink stands, of the other sign, or below what it needs; or one of which nothing is said. */
final class SupplyVoltage implements Rule {
    /** Names of supplies that have a plus and a minus. */
    private static final Set<String> POLAR = Set.of("V+", "V-", "VBUS", "BATTERY");

    @Override
    public String id() {
        return "supply-voltage";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (Feed feed : Feed.of(derived)) {
            for (Pin source : feed.sources()) {
                for (Pin sink : feed.sinks()) {
                    OptionalDouble lost = feed.lost(source, sink, 0);
                    if (source.isApart(sink) && lost.isPresent()) {
                        compare(source, sink, lost.getAsDouble()).ifPresent(found::add);
                    }
                }
            }
            feed.sinks().stream()
                    .filter(k -> feed.sources().stream().noneMatch(s -> feed.lost(s, k, 0).isPresent()))
                    .forEach(k -> found.add(blocked(feed.sources(), k)));
        }
        return found;
    }

    private Finding blocked(List<Pin> sources, Pin sink) {
        return new Finding(id(), Severity.WARNING, List.of(sink.terminal()),
                Words.say("rule.supply-voltage.blocked", sink.words(), Pin.words(sources)),
                Words.say("rule.supply-voltage.blocked.remedy"), Optional.empty());
    }

    /** What is wrong with feeding a sink from a source, when so many volts are lost on the way. */
    private static Optional<Finding> compare(Pin source, Pin sink, double lost) {
        Optional<Volts> given = source.volts();
        Optional<Volts> wanted = sink.volts();
        List<Terminal> where = List.of(source.terminal(), sink.terminal());
        if (given.isEmpty() || wanted.isEmpty()) {
            return Optional.of(new Finding("supply-voltage", Severity.WARNING, where,
                    Words.say("rule.supply-voltage.unknown", source.words(), sink.words(),
                            (given.isEmpty() ? source : sink).words()),
                    Words.say("rule.supply-voltage.unknown.remedy"), Optional.empty()));
        }
        if (given.get().alternating() != wanted.get().alternating()) {
            return Optional.of(otherKind(source, sink, where));
        }
        Severity severity = given.get().exceeds(wanted.get())
                ? Severity.ERROR
                : given.get().fallsShort(wanted.get(), lost) ? Severity.WARNING : Severity.NOTE;
        return severity == Severity.NOTE
                ? Optional.empty()
                : Optional.of(Finding.of("supply-voltage", severity, where, source.words(),
                        given.get().words(), sink.words(), wanted.get().words()));
    }

    /** Alternating volts into a load for direct ones, or the other way round; where nothing names the kind it may be meant. */
    private static Finding otherKind(Pin source, Pin sink, List<Terminal> where) {
        boolean said = source.volts().orElseThrow().alternating()
                && (POLAR.contains(sink.signal()) || saysDirect(sink));
        return new Finding("supply-voltage", said ? Severity.ERROR : Severity.WARNING, where,
                Words.say("rule.supply-voltage.kind", source.words(), source.volts().orElseThrow().words(),
                        sink.words(), sink.volts().orElseThrow().words()),
                Words.say("rule.supply-voltage.kind.remedy"), Optional.empty());
    }

    private static boolean saysDirect(Pin pin) {
        return pin.row().name().filter(n -> n.toUpperCase(Locale.ROOT).contains("DC")).isPresent();
    }
}
