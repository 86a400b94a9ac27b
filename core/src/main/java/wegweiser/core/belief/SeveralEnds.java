package wegweiser.core.belief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.data.Priors;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

/**
 * What cables with more than two ends usually are: all ends alike side by side, or one end that is shared out among the
 * others, contact after contact, its first contact serving them all or not.
 */
final class SeveralEnds {
    private static final double SIDE_BY_SIDE = Priors.of("ends.side-by-side");
    private static final double IN_TURN = Priors.of("ends.in-turn");

    private SeveralEnds() {}

    static List<Hypothesis> of(Job job, TerminalIndex index) {
        List<Hypothesis> found = new ArrayList<>();
        List<Link> links = new ArrayList<>();
        List<String> first = pins(job, job.ends().getFirst());
        for (End end : job.ends().subList(1, job.ends().size())) {
            List<String> own = pins(job, end);
            for (int k = 0; k < Math.min(first.size(), own.size()); k++) {
                links.add(Link.of(job.ends().getFirst().terminal(first.get(k)), end.terminal(own.get(k))));
            }
        }
        found.add(hypothesis(Words.say("hypothesis.side-by-side"), links, index, SIDE_BY_SIDE));
        for (End hub : job.ends()) {
            List<End> others = job.ends().stream().filter(e -> !e.name().equals(hub.name())).toList();
            String names = Words.list(others.stream().map(End::name).toList());
            found.add(hypothesis(Words.say("hypothesis.in-turn", hub.name(), names),
                    inTurn(job, hub, others, false), index, IN_TURN));
            found.add(hypothesis(Words.say("hypothesis.supply-shared", hub.name(), names),
                    inTurn(job, hub, others, true), index, IN_TURN));
        }
        return found;
    }

    private static List<Link> inTurn(Job job, End hub, List<End> others, boolean firstShared) {
        List<String> all = pins(job, hub);
        List<Link> links = new ArrayList<>();
        int at = firstShared ? 1 : 0;
        for (End end : others) {
            List<String> own = pins(job, end);
            if (firstShared && !all.isEmpty() && !own.isEmpty()) {
                links.add(Link.of(hub.terminal(all.getFirst()), end.terminal(own.getFirst())));
            }
            for (int k = firstShared ? 1 : 0; k < own.size() && at < all.size(); k++) {
                links.add(Link.of(hub.terminal(all.get(at++)), end.terminal(own.get(k))));
            }
        }
        return links;
    }

    private static List<String> pins(Job job, End end) {
        return Catalogue.of(job).of(end).map(ConnectorType::pinIds)
                .orElseGet(() -> Terminals.of(job, end).stream().map(t -> t.contact()).toList());
    }

    private static Hypothesis hypothesis(String title, List<Link> links, TerminalIndex index, double weight) {
        return new Hypothesis(title, Optional.empty(), Nets.of(index, links).partition(), weight);
    }
}
