package wegweiser.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Gender;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.catalog.Touching;
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
            wiring = wiring == null ? own : wiring.then(joint(jobs.get(k - 1), job)).then(own);
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

    /** What touches what where two cables meet; like names where their connectors do not go together. */
    private static Wiring joint(Job before, Job after) {
        ConnectorType left = Catalogue.of(before).of(before.ends().getLast()).orElse(null);
        ConnectorType right = Catalogue.of(after).of(after.ends().getFirst()).orElse(null);
        List<Wiring.Net> nets = new ArrayList<>();
        boolean meet = left != null && right != null
                && (left.matesWith(right) || left.matesLooselyWith(right));
        if (meet && left.gender() == Gender.PLUG) {
            Touching.of(left, right).forEach((p, s) -> nets.add(net(List.of(p), s)));
        } else if (meet && right.gender() == Gender.PLUG) {
            Touching.of(right, left).forEach((p, s) -> nets.add(net(s, List.of(p))));
        } else {
            Terminals.of(before, before.ends().getLast())
                    .forEach(t -> nets.add(net(List.of(t.contact()), List.of(t.contact()))));
        }
        return new Wiring(nets);
    }

    private static Wiring.Net net(List<String> near, List<String> far) {
        return new Wiring.Net(new TreeSet<>(near), new TreeSet<>(far));
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
