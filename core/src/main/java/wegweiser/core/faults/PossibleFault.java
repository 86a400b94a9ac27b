package wegweiser.core.faults;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/**
 * One thing that may be wrong with a finished cable.
 *
 * @param end where hands worked; empty where that was no single end
 * @param at the terminals that name it
 * @param about what else its words need, such as by how many contacts wires are off
 * @param moves for contacts of the end whose wire sits elsewhere, where; empty text where it goes nowhere
 * @param links what the cable then is: the plan as it would be had this happened, and no other thing
 * @param chance that it happened, before anything was read
 */
public record PossibleFault(FaultKind kind, String end, List<Terminal> at, List<String> about,
        Map<String, String> moves, List<Link> links, double chance) {
    public PossibleFault {
        at = List.copyOf(at);
        about = List.copyOf(about);
        moves = Map.copyOf(moves);
        links = List.copyOf(links);
    }

    /** What a cable becomes to which something else happened too, that did not change the same links. */
    public List<Link> on(List<Link> planned, List<Link> other) {
        if (!moves.isEmpty()) {
            return Relinked.moved(other, end,
                    c -> Optional.of(moves.getOrDefault(c, c)).filter(to -> !to.isEmpty()));
        }
        List<Link> both = new ArrayList<>(other);
        planned.stream().filter(l -> !links.contains(l)).forEach(both::remove);
        links.stream().filter(l -> !planned.contains(l)).forEach(both::add);
        return both;
    }

    /** One of which the terminals say all. */
    PossibleFault(FaultKind kind, String end, List<Terminal> at, List<Link> links, double chance) {
        this(kind, end, at, List.of(), Map.of(), links, chance);
    }
}
