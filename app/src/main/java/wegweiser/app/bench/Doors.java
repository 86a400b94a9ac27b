package wegweiser.app.bench;

import java.nio.file.Path;
import java.util.Optional;
import wegweiser.app.stage.StageId;
import wegweiser.core.model.Job;

/** Where the bench leads to. */
public interface Doors {
    /** Opens the job in a file and goes to a stage of it; where nothing is said, to the one where it goes on. */
    void open(Path file, Optional<StageId> stage);

    /** Puts a new job into the workshop, opens it and goes to a stage. */
    void begin(Job job, StageId stage);

    /** Puts a new job into the workshop, and opens nothing. */
    void lay(Job job);

    /** Opens the job in a file in a window of its own. */
    void beside(Path file);

    /** Opens the demo workshop in a window of its own. */
    void demo();

    /** The open job is about to be removed. */
    void leave(Path file);
}
