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
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A conductor that carries more supply current than its gauge stands, there or back. */
final class ConductorThin implements Rule {
    private record Wire(List<Terminal> where, String conductor, int awg) {}

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
        boolean cautious = derived.job().schools().current().filter(c -> c == Schools.Current.FREE_AIR)
                .isEmpty();
        carried.forEach((wire, amps) -> finding(wire, amps).filter(f -> cautious || f.isError())
                .map(f -> doubled(derived, cable, wire, amps).map(f::withFix).orElse(f))
                .ifPresent(found::add));
        return found;
    }

    /** A wire is looked at from both its ends; what it carries is the more of the two. */
    private static void add(Runs runs, double amps, Map<Wire, Double> carried) {
        for (Link link : runs.links()) {
            List<Terminal> where = Stream.of(link.from(), link.to().orElseThrow()).sorted().toList();
            carried.merge(new Wire(where, link.conductor().orElse(""), runs.awg(link)),
                    amps * runs.share(link), Math::max);
        }
    }

    private Optional<Finding> finding(Wire wire, double amps) {
        boolean hot = amps > Ampacity.freeAir(wire.awg());
        return hot || amps > Ampacity.bundled(wire.awg())
                ? Optional.of(Finding.of(id(), hot ? Severity.ERROR : Severity.WARNING, wire.where(),
                        wire.conductor(), wire.awg(), Words.number(amps),
                        Words.number(Ampacity.bundled(wire.awg())),
                        Words.number(Ampacity.freeAir(wire.awg())), wire.where().getFirst()))
                : Optional.empty();
    }

    /** So many conductors beside the thin one that none is too thin any more, where as many are spare. */
    private static Optional<Fix> doubled(Derived derived, CableStock cable, Wire wire, double amps) {
        Set<String> used = derived.job().links().stream().map(Link::conductor).flatMap(Optional::stream)
                .collect(Collectors.toSet());
        int more = (int) Math.ceil(amps / Ampacity.bundled(wire.awg())) - 1;
        List<String> spare = cable.conductors().stream()
                .filter(c -> !used.contains(c) && !c.equals(ColourCode.EARTH) && cable.awgOf(c) <= wire.awg())
                .limit(more).toList();
        Terminal from = wire.where().getFirst();
        Terminal to = wire.where().getLast();
        return spare.size() < more
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
