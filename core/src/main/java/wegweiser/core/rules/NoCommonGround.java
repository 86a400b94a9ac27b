package wegweiser.core.rules;

import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/**
 * Signals or supply between two devices without a common ground. Balanced lines are exempt; of audio, the screen counts as
 * the return. Where a pinout names no ground, signals get a note and supply an error.
 */
final class NoCommonGround implements Rule {
    @Override
    public String id() {
        return "no-common-ground";
    }

    @Override
    public List<Finding> check(Derived derived) {
        return Grounds.betweenEnds(derived, (a, b) -> check(derived, a, b));
    }

    private Optional<Finding> check(Derived derived, End a, End b) {
        boolean supply = Feed.of(derived).stream().anyMatch(f -> feeds(f, a, b) || feeds(f, b, a));
        boolean signals = derived.netsOfPins().stream()
                .anyMatch(net -> needsGround(net, a) && needsGround(net, b));
        boolean joined = derived.netsOfPins().stream().anyMatch(net -> Grounds.isReturn(derived, net, a)
                && Grounds.isReturn(derived, net, b));
        Optional<Pin> groundA = Grounds.first(derived, a);
        Optional<Pin> groundB = Grounds.first(derived, b);
        if (!signals && !supply || joined) {
            return Optional.empty();
        }
        if (groundA.isPresent() && groundB.isPresent()) {
            Link link = Link.of(groundA.get().terminal(), groundB.get().terminal());
            List<Terminal> both = List.of(groundA.get().terminal(), groundB.get().terminal());
            if (PlannedCuts.isCut(derived, both.get(0)) && PlannedCuts.isCut(derived, both.get(1))) {
                return Optional.of(Finding.variant(id(), "cut", Severity.NOTE, both, a.device(), b.device()));
            }
            return Optional.of(Finding.of(id(), Severity.ERROR, List.of(link.from(), link.to().orElseThrow()),
                    a.device(), b.device())
                    .withFix(new Fix(Words.say("fix.join", link.from(), link.to().orElseThrow()),
                            job -> Grounds.with(job, link))));
        }
        if (groundA.isEmpty() && (isOfTwoWires(derived, a) || isSwitchedLow(derived, a, b))
                || groundB.isEmpty() && (isOfTwoWires(derived, b) || isSwitchedLow(derived, b, a))) {
            return Optional.empty();
        }
        String without = (groundA.isEmpty() ? a : b).device();
        return Optional.of(new Finding(id(), supply ? Severity.ERROR : Severity.NOTE, List.of(),
                Words.say("rule.no-common-ground." + (supply ? "supply" : "unnamed"), a.device(), b.device(),
                        without),
                Words.say("rule.no-common-ground.unnamed.remedy", without), Optional.empty()));
    }

    /** A device with one supply contact, one output and no ground is complete: what it takes comes back by its output. */
    private static boolean isOfTwoWires(Derived derived, End end) {
        List<Pin> pins = derived.pins().stream().filter(p -> p.isAt(end.name())).toList();
        return pins.stream().filter(Pin::isSupply).count() == 1
                && pins.stream().filter(Pin::isSignal).allMatch(
                        p -> p.is(Direction.OUT) && p.level().map(Level::isOfTwoWires).orElse(false))
                && pins.stream().anyMatch(Pin::isSignal);
    }

    /** A device without ground whose supply comes back by its lines, which outputs of the other pull low: lights, coils. */
    private static boolean isSwitchedLow(Derived derived, End end, End other) {
        List<List<Pin>> lines = derived.netsOfPins().stream()
                .filter(net -> net.stream().anyMatch(p -> p.isAt(end.name()) && p.isSignal())).toList();
        return !lines.isEmpty() && lines.stream().allMatch(net -> net.stream().anyMatch(
                p -> p.isAt(other.name()) && p.is(Direction.OUT)
                        && p.level().filter(Level::pullsLow).isPresent()));
    }

    private static boolean feeds(Feed feed, End from, End to) {
        return feed.sourceEnds().contains(from.name()) && feed.sinkEnds().contains(to.name());
    }

    private static boolean needsGround(List<Pin> net, End end) {
        return net.stream().anyMatch(p -> p.isAt(end.name()) && p.isSignal() && !isBalanced(p));
    }

    private static boolean isBalanced(Pin pin) {
        return pin.level().map(l -> l.isBalanced() || l.isAudio() && pin.half().isPresent()).orElse(false);
    }
}
