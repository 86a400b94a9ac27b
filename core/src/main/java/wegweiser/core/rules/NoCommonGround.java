package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** Signals between two devices without a common ground; balanced lines are exempt. */
final class NoCommonGround implements Rule {
    @Override
    public String id() {
        return "no-common-ground";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        List<End> ends = derived.job().ends();
        for (int i = 0; i < ends.size(); i++) {
            for (int j = i + 1; j < ends.size(); j++) {
                check(derived, ends.get(i), ends.get(j)).ifPresent(found::add);
            }
        }
        return found;
    }

    private Optional<Finding> check(Derived derived, End a, End b) {
        boolean signals = derived.netsOfPins().stream()
                .anyMatch(net -> needsGround(net, a) && needsGround(net, b));
        Optional<Pin> groundA = ground(derived, a);
        Optional<Pin> groundB = ground(derived, b);
        boolean joined = derived.netsOfPins().stream()
                .anyMatch(net -> hasGround(net, a) && hasGround(net, b));
        if (!signals || joined || groundA.isEmpty() || groundB.isEmpty()) {
            return Optional.empty();
        }
        Finding finding = Finding.of(id(), Severity.ERROR,
                List.of(groundA.get().terminal(), groundB.get().terminal()),
                a.device(), b.device());
        Link link = Link.of(groundA.get().terminal(), groundB.get().terminal());
        return Optional
                .of(finding.withFix(new Fix(Words.say("fix.join", link.from(), link.to().orElseThrow()),
                        job -> with(job, link))));
    }

    private static boolean needsGround(List<Pin> net, End end) {
        return net.stream().anyMatch(
                p -> p.terminal().end().equals(end.name()) && p.isSignal()
                        && p.level().filter(Level::isBalanced).isEmpty());
    }

    private static boolean hasGround(List<Pin> net, End end) {
        return net.stream().anyMatch(p -> p.terminal().end().equals(end.name()) && p.is(Direction.GROUND));
    }

    private static Optional<Pin> ground(Derived derived, End end) {
        return derived.pins().stream()
                .filter(p -> p.terminal().end().equals(end.name()) && p.is(Direction.GROUND)).findFirst();
    }

    private static Job with(Job job, Link link) {
        List<Link> links = new ArrayList<>(job.links());
        links.add(link);
        return job.withLinks(links);
    }
}
