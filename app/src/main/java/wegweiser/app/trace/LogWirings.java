package wegweiser.app.trace;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.Job;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.files.log.Logbook;

/** What was made before between the same connectors may lie on the bench again. */
final class LogWirings {
    private LogWirings() {}

    /** The wirings known by name, and those of the units in the log between the first two ends of a job. */
    static List<NamedWiring> with(List<NamedWiring> known, Path logbook, Job job) {
        List<String> families = job.ends().stream().limit(2)
                .map(e -> Catalogue.of(job).of(e).map(ConnectorType::family).orElse("")).toList();
        if (families.size() < 2 || families.contains("") || !Files.exists(logbook)) {
            return known;
        }
        List<NamedWiring> all = new ArrayList<>(known);
        try (Logbook log = Logbook.look(logbook)) {
            all.addAll(log.wirings(families.get(0), families.get(1)));
        } catch (IOException _) {
            // the log itself says that it cannot be read; tracing goes on without it
            return known;
        }
        return all;
    }
}
