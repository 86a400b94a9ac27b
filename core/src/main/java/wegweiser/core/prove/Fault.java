package wegweiser.core.prove;

import java.util.List;
import wegweiser.core.model.Terminal;

/** One difference between the plan and what was measured. */
public record Fault(Kind kind, List<Terminal> terminals) {
    public Fault {
        terminals = List.copyOf(terminals);
    }

    /** What is wrong. */
    public enum Kind {
        OPEN("open"), SHORT("short"), STRAND_LEFT("strand-left"), PART_MISSING("part-missing"), PART_WRONG(
                "part-wrong"), PART_REVERSED("part-reversed"), PART_UNPLANNED("part-unplanned");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        /** The word used in results. */
        public String id() {
            return id;
        }
    }
}
