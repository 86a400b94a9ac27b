package wegweiser.core.make;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;

/** Which wires of the cable go to which contacts of an end. */
final class EndWires {
    /** The name of the screen where it is a conductor. */
    static final String SCREEN = "screen";

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

    /** Whether a link is a part in line with a wire along the cable. */
    static boolean isPartInLine(Link link) {
        return link.to().isPresent() && link.part().isPresent() && !link.isWithinOneEnd()
                && !link.is(PartKind.CUT)
                && !link.is(PartKind.JUMPER);
    }

    /** The end at which a part in line is built in: the first that is soldered, else the first. */
    static String buildsIn(Derived derived, Link link) {
        List<String> ends = derived.job().ends().stream().map(End::name)
                .filter(n -> n.equals(link.from().end()) || n.equals(link.to().orElseThrow().end())).toList();
        return ends.stream()
                .filter(n -> derived.connector(n).map(t -> t.termination() == Termination.SOLDER_CUP
                        || t.termination() == Termination.JACK_SOLDER).orElse(false))
                .findFirst().orElse(ends.getFirst());
    }
}
