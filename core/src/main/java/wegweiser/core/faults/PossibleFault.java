package wegweiser.core.faults;

import java.util.List;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/**
 * One thing that may be wrong with a finished cable.
 *
 * @param end where hands worked; empty where that was no single end
 * @param at the terminals that name it
 * @param links what the cable then is: the plan as it would be had this happened, and no other thing
 * @param chance that it happened, before anything was read
 */
public record PossibleFault(FaultKind kind, String end, List<Terminal> at, List<Link> links, double chance) {
    public PossibleFault {
        at = List.copyOf(at);
        links = List.copyOf(links);
    }
}
