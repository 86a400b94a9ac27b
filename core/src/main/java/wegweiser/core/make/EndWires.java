package wegweiser.core.make;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.rules.FuseWays;

/** Which wires of the cable go to which contacts of an end. */
final class EndWires {
    private EndWires() {}

    /** For each contact of an end that a wire goes to, the conductors that go there, in the order of the links. */
    static Map<String, List<String>> of(Job job, End end) {
        Map<String, List<String>> found = new LinkedHashMap<>();
        for (Link link : job.links()) {
            if (link.isWithinOneEnd() || link.is(PartKind.CUT)) {
                continue;
            }
            for (Terminal terminal : link.to().map(t -> List.of(link.from(), t))
                    .orElse(List.of(link.from()))) {
                if (terminal.end().equals(end.name())) {
                    List<String> list = found.computeIfAbsent(terminal.contact(), _ -> new ArrayList<>());
                    link.conductor().filter(c -> !list.contains(c)).ifPresent(list::add);
                }
            }
        }
        return found;
    }

    /** The ends that wires run to from a contact, where more than one leaves it; empty for a cable with two ends. */
    static List<String> branches(Job job, Terminal contact) {
        List<String> ends = job.links().stream()
                .filter(l -> !l.isWithinOneEnd() && !l.is(PartKind.CUT) && l.touches(contact))
                .flatMap(l -> l.to().map(t -> l.from().equals(contact) ? t : l.from()).stream())
                .map(Terminal::end).distinct().toList();
        return ends.size() > 1 ? ends : List.of();
    }

    /** Whether a wire is the screen of the cable. */
    static boolean isScreen(String wire) {
        return Link.isScreenName(wire);
    }

    /** Whether a link is a part in line with a wire along the cable. */
    static boolean isPartInLine(Link link) {
        return link.to().isPresent() && link.part().isPresent() && !link.isWithinOneEnd()
                && !link.is(PartKind.CUT)
                && !link.is(PartKind.JUMPER);
    }

    /**
     * The end at which a component in line is built in: a fuse at the end of its source, whatever that is; else the first of its two that is made anew and soldered, else the
     * first that is made anew; empty where both are on the cable already, so that it goes between them.
     */
    static Optional<String> buildsIn(Derived derived, Link link) {
        Job job = derived.job();
        if (link.is(PartKind.FUSE)) {
            Optional<String> source = FuseWays.sourceEnd(derived, link);
            if (source.isPresent()) {
                // where that end stays, the fuse goes into the cable as close behind it as the sheath allows
                return source.filter(e -> !job.keeps(e));
            }
        }
        List<String> ends = job.ends().stream().map(End::name)
                .filter(n -> n.equals(link.from().end()) || n.equals(link.to().orElseThrow().end()))
                .filter(n -> !job.keeps(n)).toList();
        return ends.stream()
                .filter(n -> derived.connector(n).map(t -> t.termination().isSoldered()).orElse(false))
                .findFirst().or(() -> ends.stream().findFirst());
    }
}
