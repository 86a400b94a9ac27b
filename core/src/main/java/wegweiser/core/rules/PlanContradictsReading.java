package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A planned link that a reading rules out, or a cut conductor that a reading shows joined. */
final class PlanContradictsReading implements Rule {
    @Override
    public String id() {
        return "plan-contradicts-reading";
    }

    @Override
    public List<Finding> check(Bench bench) {
        List<Finding> found = new ArrayList<>();
        for (Link link : bench.job().readings().isEmpty() ? List.<Link>of() : bench.job().links()) {
            if (link.to().isEmpty()) {
                continue;
            }
            Terminal to = link.to().get();
            boolean apart = link.isCopper() && bench.evidence().state(link.from(), to).isApart();
            boolean joined = link.is(PartKind.CUT) && bench.evidence().state(link.from(), to).isJoined();
            if (apart || joined) {
                found.add(Finding.of(id(), Severity.ERROR, List.of(link.from(), to), link.from(), to,
                        Words.list(bench.evidence().because(link.from(), to)),
                        Words.say(apart
                                ? "rule.plan-contradicts-reading.apart"
                                : "rule.plan-contradicts-reading.joined"))
                        .withFix(new Fix(Words.say("fix.set-aside"),
                                job -> job.withReadingsSetAside(Words.say("fix.set-aside.why")))));
            }
        }
        return found;
    }
}
