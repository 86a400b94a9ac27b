package wegweiser.core.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Rules;
import wegweiser.core.wiring.Nets;

/**
 * Whether a cable that there is would join two ports.
 *
 * @param turned whether its first end goes to the second port
 * @param errors what would be wrong with it between these two
 * @param missing what it does not join and the way of joining that is nearest to it would
 * @param judged whether anything is known of the ports by which it could be judged
 */
public record Suits(boolean turned, List<Finding> errors, List<Link> missing, boolean judged) {
    public Suits {
        errors = List.copyOf(errors);
        missing = List.copyOf(missing);
    }

    /** Whether it would do: no error, and everything joined that has to be. */
    public boolean would() {
        return judged && errors.isEmpty() && missing.isEmpty();
    }

    /**
     * How a cable suits the ports of a job of two ends, the better way round; empty where its connectors do not go into them.
     * As long as the rules and the schemes of the two ports take, twice.
     */
    public static Optional<Suits> of(Job wanted, Job cable) {
        if (wanted.ends().size() != 2 || cable.ends().size() != 2) {
            return Optional.empty();
        }
        List<Suits> ways = new ArrayList<>();
        List<Scheme> schemes = Router.schemes(wanted).stream().filter(s -> s.errors() == 0)
                .filter(s -> s.links().stream()
                        .anyMatch(l -> isAlong(l) && wanted.row(l.from()).isPresent()))
                .toList();
        for (boolean turned : new boolean[]{false, true}) {
            End first = cable.ends().get(turned ? 1 : 0);
            End second = cable.ends().get(turned ? 0 : 1);
            if (goes(wanted, wanted.ends().get(0), cable, first)
                    && goes(wanted, wanted.ends().get(1), cable, second)) {
                ways.add(judged(wanted, cable, List.of(first, second), schemes, turned));
            }
        }
        return ways.stream().min(Comparator.comparing((Suits s) -> !s.would())
                .thenComparing(s -> s.errors().size() + s.missing().size()));
    }

    private static boolean goes(Job wanted, End port, Job cable, End end) {
        Optional<ConnectorType> plugged = Catalogue.of(cable).of(end);
        Optional<ConnectorType> there = port.port().flatMap(Catalogue.of(wanted)::find);
        return there.isPresent()
                ? plugged.filter(there.get()::matesWith).isPresent()
                : end.connector().equals(port.connector());
    }

    private static Suits judged(Job wanted, Job cable, List<End> ends, List<Scheme> schemes, boolean turned) {
        Map<String, String> names = Map.of(ends.get(0).name(), wanted.ends().get(0).name(),
                ends.get(1).name(),
                wanted.ends().get(1).name());
        List<Link> links = cable.links().stream().map(l -> new Link(renamed(l.from(), names),
                l.to().map(t -> renamed(t, names)), l.conductor(), l.part(), Optional.empty(), Extra.NONE))
                .toList();
        Job joined = wanted
                .withEnds(List.of(wanted.ends().get(0).withConnector(ends.get(0).connector()),
                        wanted.ends().get(1).withConnector(ends.get(1).connector())))
                .withCable(cable.cable()).withLinks(links);
        Nets nets = Nets.planned(joined);
        List<Link> missing = schemes.stream().map(s -> missing(s, nets)).min(Comparator.comparing(List::size))
                .orElse(List.of());
        return new Suits(turned, Rules.blocking(joined, Rules.check(joined)), missing, !schemes.isEmpty());
    }

    private static Terminal renamed(Terminal terminal, Map<String, String> names) {
        return new Terminal(names.getOrDefault(terminal.end(), terminal.end()), terminal.contact());
    }

    private static boolean isAlong(Link link) {
        return link.to().isPresent() && !link.isWithinOneEnd();
    }

    /** Signals and returns that a scheme joins along the cable and these nets do not; its screen is no reason. */
    private static List<Link> missing(Scheme scheme, Nets nets) {
        return scheme.links().stream()
                .filter(l -> isAlong(l) && l.isCopper())
                .filter(l -> !nets.joined(l.from(), l.to().orElseThrow())).toList();
    }
}
