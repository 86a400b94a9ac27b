package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** Planned links that readings rule out, and cut conductors that readings show joined. */
final class PlanContradictsReading implements Rule {
    @Override
    public String id() {
        return "plan-contradicts-reading";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        List<Terminal> terminals = new ArrayList<>();
        List<String> reasons = new ArrayList<>();
        for (Link link : derived.job().readings().isEmpty() ? List.<Link>of() : derived.job().links()) {
            if (link.to().isEmpty()) {
                continue;
            }
            Terminal to = link.to().get();
            boolean apart = link.isCopper() && derived.evidence().state(link.from(), to).isApart();
            boolean joined = link.is(PartKind.CUT) && derived.evidence().state(link.from(), to).isJoined();
            if (apart || joined) {
                terminals.addAll(List.of(link.from(), to));
                reasons.add(Words.say("rule.plan-contradicts-reading." + (apart ? "apart" : "joined"),
                        link.from(), to,
                        Words.list(derived.evidence().because(link.from(), to))));
            }
        }
        if (!reasons.isEmpty()) {
            found.add(Finding.of(id(), Severity.ERROR, terminals, shortened(reasons))
                    .withFix(new Fix(Words.say("fix.set-aside"),
                            job -> job.withReadingsSetAside(SetAside.OTHER_CABLE))));
        }
        return found;
    }

    private static String shortened(List<String> reasons) {
        return reasons.size() <= 3
                ? Words.list(reasons)
                : String.join(", ", reasons.subList(0, 2))
                        + Words.say("rule.plan-contradicts-reading.more", reasons.size() - 2);
    }
}
