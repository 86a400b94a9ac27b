package wegweiser.core.rules;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** Pairs between two devices whose grounds no wire holds together: such pairs stand only so much between them. */
final class GroundsApart implements Rule {
    @Override
    public String id() {
        return "grounds-apart";
    }

    @Override
    public List<Finding> check(Derived derived) {
        return Grounds.betweenEnds(derived, (a, b) -> check(derived, a, b));
    }

    private Optional<Finding> check(Derived derived, End a, End b) {
        Optional<Pin> groundA = Grounds.first(derived, a);
        Optional<Pin> groundB = Grounds.first(derived, b);
        boolean joined = derived.netsOfPins().stream()
                .anyMatch(net -> Grounds.isReturn(derived, net, a)
                        && Grounds.isReturn(derived, net, b));
        return joined || groundA.isEmpty() || groundB.isEmpty()
                ? Optional.empty()
                : pairs(derived, a, b).map(l -> apart(l, a, b, Link.of(groundA.get().terminal(),
                        groundB.get().terminal())));
    }

    /** The level of balanced pairs that join two ends; of several the one that stands least. */
    private static Optional<Level> pairs(Derived derived, End a, End b) {
        return derived.netsOfPins().stream()
                .filter(net -> net.stream().anyMatch(p -> p.isAt(a.name()) && p.isSignal())
                        && net.stream().anyMatch(p -> p.isAt(b.name()) && p.isSignal()))
                .flatMap(List::stream).filter(p -> p.isAt(a.name()) || p.isAt(b.name()))
                .map(Pin::level).flatMap(Optional::stream)
                .filter(l -> l.isBalanced() && l.groundsApart().isPresent())
                .min(Comparator.comparingDouble((Level l) -> l.groundsApart().getAsDouble())
                        .thenComparing(l -> l));
    }

    private Finding apart(Level level, End a, End b, Link link) {
        return Finding.of(id(), Severity.NOTE, List.of(link.from(), link.to().orElseThrow()), level.id(),
                Words.number(level.groundsApart().getAsDouble()), a.device(), b.device())
                .withFix(new Fix(Words.say("fix.join", link.from(), link.to().orElseThrow()),
                        job -> Grounds.with(job, link)));
    }
}
