package wegweiser.core.wiring;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.words.Words;

/**
 * Cables plugged into one another: the wiring from the first end of the first to the last end of the last.
 *
 * @param problems neighbours that do not mate, and parts on the way, in words
 */
public record Chain(Wiring wiring, List<String> problems) {
    public Chain {
        problems = List.copyOf(problems);
    }

    /** The chain of some jobs in their order; O(n log n) in all contacts. */
    public static Chain of(List<Job> jobs) {
        List<String> problems = new ArrayList<>();
        Wiring wiring = null;
        for (int k = 0; k < jobs.size(); k++) {
            Job job = jobs.get(k);
            End first = job.ends().getFirst();
            End last = job.ends().getLast();
            if (job.ends().size() < 2) {
                problems.add(Words.say("chain.one-end", job.title()));
            }
            Wiring own = Wiring.between(Nets.planned(job), first.name(), last.name());
            wiring = wiring == null ? own : wiring.then(own);
            if (k > 0) {
                mate(jobs.get(k - 1), job, problems);
            }
            for (Link link : job.links()) {
                if (link.to().isPresent() && !link.isCopper() && !link.is(PartKind.CUT)) {
                    problems.add(Words.say("chain.part", job.title(), link.part().orElseThrow().kind().id(),
                            link.from(),
                            link.to().orElseThrow()));
                }
            }
        }
        return new Chain(wiring, problems);
    }

    private static void mate(Job before, Job after, List<String> problems) {
        End left = before.ends().getLast();
        End right = after.ends().getFirst();
        ConnectorType one = Catalogue.of(before).of(left).orElse(null);
        ConnectorType other = Catalogue.of(after).of(right).orElse(null);
        if (one == null || other == null || !one.matesWith(other)) {
            problems.add(Words.say("chain.does-not-mate", before.title(),
                    one == null ? left.connector() : one.title(), after.title(),
                    other == null ? right.connector() : other.title()));
        }
    }
}
