package wegweiser.files.log;

import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.Job;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Wiring;
import wegweiser.core.words.Words;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;

/** The wirings of what was made before, for whoever looks for one. */
final class MadeWirings {
    private MadeWirings() {}

    /** Those between connectors of two families, as {@link Logbook#wirings} gives them. O(units). */
    static List<NamedWiring> of(Logbook logbook, String near, String far) throws IOException {
        Map<String, List<Unit>> same = new LinkedHashMap<>();
        for (Unit unit : logbook.all()) {
            if (unit.signature().startsWith(near + " " + far + ": ")
                    || unit.signature().startsWith(far + " " + near + ": ")) {
                same.computeIfAbsent(unit.signature(), _ -> new ArrayList<>()).add(unit);
            }
        }
        List<NamedWiring> found = new ArrayList<>();
        for (List<Unit> units : same.values()) {
            Unit newest = units.getFirst();
            try {
                Job job = JobFile.parse(logbook.file(newest.id()).orElseThrow(), newest.label());
                List<String> families = job.ends().stream()
                        .map(e -> Catalogue.of(job).of(e).map(ConnectorType::family).orElse("")).toList();
                Wiring wiring = Wiring.between(Nets.planned(job), job.ends().get(0).name(),
                        job.ends().get(1).name());
                // a unit without a plan is no wiring to look for
                if (!wiring.nets().isEmpty()) {
                    found.add(new NamedWiring("log-" + newest.label(), families.get(0), families.get(1),
                            Words.say("log.wiring", newest.label(), newest.job()), wiring, 1 + units.size()));
                }
            } catch (BadFile _) {
                // a unit that this version does not understand
            }
        }
        return found;
    }
}
