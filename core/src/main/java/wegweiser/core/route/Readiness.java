package wegweiser.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.pinout.SourceComparison;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** What the ends of a job still lack before a wiring can be proposed. */
public final class Readiness {
    private static final int FEW = 6;

    private Readiness() {}

    /** One short phrase for each thing that is missing; empty when Route can start. */
    public static List<String> missing(Job job) {
        List<String> found = new ArrayList<>();
        if (job.ends().size() < 2) {
            found.add(Words.say("missing.end"));
        }
        unsaid(job, true).ifPresent(found::add);
        unsaid(job, false).ifPresent(found::add);
        for (End end : job.ends()) {
            List<Pin> named = named(end);
            if (named.isEmpty()) {
                continue;
            }
            SourceComparison sources = SourceComparison.of(end, Catalogue.of(job).of(end));
            List<Terminal> disputed = sources.rows().stream()
                    .filter(r -> r.agreement() == SourceComparison.Agreement.SUBSTANCE)
                    .map(r -> end.terminal(r.contact())).toList();
            if (!disputed.isEmpty()) {
                found.add(Words.say("missing.decision", few(disputed)));
            }
            List<Terminal> undirected = named.stream().filter(p -> p.direction().isEmpty()).map(Pin::terminal)
                    .toList();
            if (!undirected.isEmpty()) {
                found.add(Words.say("missing.direction", few(undirected)));
            }
        }
        return found;
    }

    private static List<Pin> named(End end) {
        return Pin.of(end).stream().filter(p -> !p.row().label().isBlank()).toList();
    }

    /** The ends of which nothing is known, or no more than the connector. */
    private static Optional<String> unsaid(Job job, boolean blank) {
        List<String> ends = job.ends().stream().filter(e -> e.isBlank() == blank && named(e).isEmpty())
                .map(End::name).toList();
        return ends.isEmpty()
                ? Optional.empty()
                : Optional.of(Words.say(blank ? "missing.connector" : "missing.pinout", few(ends)));
    }

    /** All of a few places, or the first of many with how many more there are. */
    private static String few(List<?> places) {
        return places.size() <= FEW
                ? Words.list(places)
                : Words.say("missing.more",
                        String.join(", ", places.stream().limit(FEW - 2).map(Object::toString).toList()),
                        places.size() - FEW + 2);
    }
}
