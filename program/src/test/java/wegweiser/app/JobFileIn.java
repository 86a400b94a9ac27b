package wegweiser.app;

import java.util.List;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;

/** Small jobs to put into a workshop. */
final class JobFileIn {
    private JobFileIn() {}

    /** Two screw terminals, two wires planned between them. */
    static Job twoWires() {
        return Job.of("two wires", List.of(End.of("A", "Mast logger", "terminal-2", List.of()),
                End.of("B", "Dome drive", "terminal-2", List.of())),
                List.of(Link.of("A.1", "B.1"), Link.of("A.2", "B.2")), List.of());
    }
}
