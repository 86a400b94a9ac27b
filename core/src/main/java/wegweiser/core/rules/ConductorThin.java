package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Ampacity;
import wegweiser.core.electrical.Copper;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A conductor that carries more supply current than its gauge stands, there or back. */
final class ConductorThin implements Rule {
    private record Wire(List<Terminal> where, String conductor, int awg) {
        Set<String> stretch() {
            return Set.of(where.getFirst().end(), where.getLast().end());
        }
    }

    @Override
    public String id() {
        return "conductor-thin";
    }

    @Override
    public List<Finding> check(Derived derived) {
        CableStock cable = derived.cable().orElse(null);
        if (cable == null) {
            return List.of();
        }
        Map<Wire, Double> carried = new LinkedHashMap<>();
        Map<String, Double> back = new LinkedHashMap<>();
        for (Feed feed : Feed.of(derived)) {
            for (String end : Stream.concat(feed.sinkEnds().stream(), feed.sourceEnds().stream()).distinct()
                    .toList()) {
                double amps = feed.sinkEnds().contains(end) ? feed.load(end) : feed.load();
                add(Runs.to(derived, cable, feed.pins(), end), amps, carried);
                back.merge(end, amps, Double::sum);
            }
        }
        back.forEach((end, amps) -> add(Runs.to(derived, cable, Grounds.shared(derived, end), end), amps,
                carried));
        List<Finding> found = new ArrayList<>();
        boolean alone = cable.conductors().size() == 1 && derived.job().schools().current()
                .filter(c -> c == Schools.Current.FREE_AIR).isPresent();
        carried.forEach((wire, amps) -> finding(wire, amps, loaded(wire, carried), alone)
                .map(f -> doubled(derived, cable, wire, amps, loaded(wire, carried)).map(f::withFix)
                        .orElse(f))
                .ifPresent(found::add));
        return found;
    }

    /** How many conductors carry current between the same two ends as this one. */
    private static int loaded(Wire wire, Map<Wire, Double> carried) {
        return (int) carried.entrySet().stream().filter(e -> e.getValue() > 0)
                .map(Map.Entry::getKey).filter(w -> w.stretch().equals(wire.stretch())).distinct().count();
    }

    /** A wire is looked at from both its ends; what it carries is the more of the two. */
    private static void add(Runs runs, double amps, Map<Wire, Double> carried) {
        for (Link link : runs.links()) {
            List<Terminal> where = Stream.of(link.from(), link.to().orElseThrow()).sorted().toList();
            carried.merge(new Wire(where, link.conductor().orElse(""), runs.awg(link)),
                    amps * runs.share(link), Math::max);
        }
    }

    private Optional<Finding> finding(Wire wire, double amps, int loaded, boolean alone) {
        double usual = alone ? Ampacity.freeAir(wire.awg()) : Ampacity.usual(wire.awg(), loaded);
        double hot = alone ? usual : Ampacity.hot(wire.awg(), loaded);
        return amps > usual
                ? Optional.of(Finding.of(id(), amps > hot ? Severity.ERROR : Severity.WARNING, wire.where(),
                        wire.conductor(), wire.awg(), Words.number(amps), Words.number(usual),
                        Words.number(hot), wire.where().getFirst(),
                        Words.number(Copper.squareMm(wire.awg())), loaded))
                : Optional.empty();
    }

    /** So many conductors beside the thin one that none is too thin any more, where as many are spare. */
    private static Optional<Fix> doubled(Derived derived, CableStock cable, Wire wire, double amps,
            int loaded) {
        Set<String> used = derived.job().links().stream().map(Link::conductor).flatMap(Optional::stream)
                .collect(Collectors.toSet());
        int more = 1;
        while (more < cable.conductors().size()
                && amps / (more + 1) > Ampacity.usual(wire.awg(), loaded + more)) {
            more++;
        }
        int wanted = more;
        List<String> spare = cable.conductors().stream()
                .filter(c -> !used.contains(c) && !c.equals(ColourCode.EARTH) && cable.awgOf(c) <= wire.awg())
                .limit(wanted).toList();
        Terminal from = wire.where().getFirst();
        Terminal to = wire.where().getLast();
        return spare.size() < wanted
                ? Optional.empty()
                : Optional.of(new Fix(Words.say("fix.double", Words.list(spare), from, to), j -> {
                    Job doubled = j;
                    for (String c : spare) {
                        doubled = Grounds.with(doubled, Link.of(from, to).withConductor(Optional.of(c))
                                .withWhy(Words.say("why.doubled")));
                    }
                    return doubled;
                }));
    }
}
