package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Copper;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A conductor that carries more supply current than its gauge stands, there or back. */
final class ConductorThin implements Rule {
    /** Loads and tables are nominal: so little more is no matter. */
    private static final double NOMINAL = 1.05;

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
        Map<List<Object>, List<Wire>> thin = new LinkedHashMap<>();
        carried.forEach((wire, amps) -> severity(wire, amps, loading(derived, wire, carried))
                .ifPresent(severity -> thin.computeIfAbsent(List.of(wire.stretch(), wire.awg(), severity),
                        _ -> new ArrayList<>()).add(wire)));
        // there and back is one cable that is too thin
        thin.forEach((key, wires) -> {
            Finding finding = finding((Severity) key.getLast(), wires, carried,
                    loading(derived, wires.getFirst(), carried));
            found.add(fix(derived, cable, wires, carried).map(finding::withFix).orElse(finding));
        });
        return found;
    }

    /** Counted are the conductors that carry current between the same two ends as this one. */
    private static Loading loading(Derived derived, Wire wire, Map<Wire, Double> carried) {
        return Loading.of(derived, (int) carried.entrySet().stream().filter(e -> e.getValue() > 0)
                .map(Map.Entry::getKey).filter(w -> w.stretch().equals(wire.stretch())).distinct().count());
    }

    /** A wire is looked at from both its ends; what it carries is the more of the two. */
    private static void add(Runs runs, double amps, Map<Wire, Double> carried) {
        for (Link link : runs.links()) {
            List<Terminal> where = Stream.of(link.from(), link.to().orElseThrow()).sorted().toList();
            carried.merge(new Wire(where, link.conductor().orElse(""), runs.awg(link)),
                    amps * runs.share(link), Math::max);
        }
    }

    private static Optional<Severity> severity(Wire wire, double amps, Loading loading) {
        return amps > loading.hot(wire.awg())
                ? Optional.of(Severity.ERROR)
                : Optional.of(Severity.WARNING).filter(_ -> amps > NOMINAL * loading.usual(wire.awg()));
    }

    private Finding finding(Severity severity, List<Wire> wires, Map<Wire, Double> carried,
            Loading loading) {
        Wire first = wires.getFirst();
        double most = wires.stream().mapToDouble(carried::get).max().orElseThrow();
        return Finding.of(id(), severity,
                wires.stream().flatMap(w -> w.where().stream()).distinct().sorted().toList(),
                colours(wires), first.awg(), Words.decimals(most, 1),
                Words.decimals(loading.usual(first.awg()), 1), Words.decimals(loading.hot(first.awg()), 1),
                Words.list(wires.stream().map(w -> w.where().getFirst()).distinct().sorted().toList()),
                Words.number(Copper.squareMm(first.awg())), loading.cores(), wires.size());
    }

    /** Their conductors with a space behind them; empty where none is chosen yet. */
    private static String colours(List<Wire> wires) {
        List<String> named = wires.stream().map(Wire::conductor).filter(c -> !c.isEmpty()).distinct().sorted()
                .toList();
        return named.isEmpty() ? "" : Words.list(named) + " ";
    }

    /** All of them doubled, one after the other, where there are conductors enough. */
    private static Optional<Fix> fix(Derived derived, CableStock cable, List<Wire> wires,
            Map<Wire, Double> carried) {
        Derived now = derived;
        List<Fix> fixes = new ArrayList<>();
        for (Wire wire : wires) {
            Optional<Fix> fix = doubled(now, cable, wire, carried.get(wire),
                    loading(derived, wire, carried));
            if (fix.isEmpty()) {
                return Optional.empty();
            }
            fixes.add(fix.get());
            now = Derived.of(fix.get().edit().apply(now.job()));
        }
        return Optional.of(Fix.all(fixes));
    }

    /** So many conductors beside the thin one that none is too thin any more, where as many are spare. */
    private static Optional<Fix> doubled(Derived derived, CableStock cable, Wire wire, double amps,
            Loading loading) {
        Set<String> used = derived.job().wiresInUse();
        if (derived.job().cable().loom().splices().stream()
                .anyMatch(s -> s.wires().stream().anyMatch(t -> t.wire().equals(wire.conductor())))) {
            // a second wire would have to be spliced in as well
            return Optional.empty();
        }
        int more = 1;
        while (more < cable.conductors().size()
                && amps / (more + 1) > loading.times(more + 1).usual(wire.awg())) {
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
