package wegweiser.core.route;

import java.util.ArrayList;
import java.util.List;
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
        for (End end : job.ends()) {
            List<Pin> named = Pin.of(end).stream().filter(p -> !p.row().label().isBlank()).toList();
            if (named.isEmpty()) {
                found.add(Words.say(end.isBlank()
                        ? "missing.connector"
                        : "missing.pinout", end.name()));
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

    /** All of a few terminals, or the first of many with how many more there are. */
    private static String few(List<Terminal> terminals) {
        return terminals.size() <= FEW
                ? Words.list(terminals)
                : Words.say("missing.more",
                        String.join(", ", terminals.stream().limit(FEW - 2).map(Terminal::toString).toList()),
                        terminals.size() - FEW + 2);
    }
}
