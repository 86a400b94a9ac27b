package wegweiser.core.prove;

import java.util.List;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Terminal;

/** One difference between the plan and what was measured. */
public record Fault(Kind kind, List<Terminal> terminals) {
    public Fault {
        terminals = List.copyOf(terminals);
    }

    /** What is wrong. */
    public enum Kind implements HasId {
        OPEN,
        SHORT,
        STRAND_LEFT,
        PART_MISSING,
        PART_WRONG,
        PART_REVERSED,
        PART_UNPLANNED;
    }
}
