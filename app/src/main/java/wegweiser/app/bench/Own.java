package wegweiser.app.bench;

import java.util.Optional;
import wegweiser.core.library.Library;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.OwnConnector;

/** What a job takes along of a person's own connectors, so that it can be read without them. */
final class Own {
    private Own() {}

    /** The job with the descriptions of those of its connectors that are the person's own. */
    static Job with(Job job, Library library) {
        Job taken = job;
        for (End end : job.ends()) {
            Optional<OwnConnector> own = library.connector(end.connector());
            if (own.isPresent()) {
                taken = taken.withConnector(own.get());
            }
        }
        return taken;
    }
}
