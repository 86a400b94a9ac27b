package wegweiser.core.advice;

import java.util.Optional;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Mode;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.words.Words;

/**
 * The touch that tells most per second about which wiring a cable has. To identify, a gang is made only where it tells more
 * than single contacts do; to prove, gangs count for what they set apart as well.
 */
record Learning(TerminalIndex index, Fixture fixture, Goal goal, Singles singles, Gangs gangs) {
    /** Bits a second that are worth a touch at all. */
    private static final double LEAST = 1e-4;

    /** The touch, by gangs where they can be made; empty where none tells enough. */
    Optional<Ask> next(Evidence evidence, Belief belief, Repeats repeats, Belief.Leader leader) {
        Optional<Foresight.Choice> single = goal == Goal.IDENTIFY || !fixture.canGang()
                ? singles.best(evidence, belief, repeats, false)
                : Optional.empty();
        Optional<Ask> gang = fixture.canGang()
                ? gangs.best(evidence, belief, repeats, leader,
                        single.map(Foresight.Choice::rate).orElse(LEAST)).map(c -> gang(belief, c))
                : Optional.empty();
        return gang.or(() -> single.map(c -> single(belief, c)));
    }

    /** The best touch of single contacts, {@code within} an end as well or between ends alone. */
    Optional<Ask> single(Evidence evidence, Belief belief, Repeats repeats, boolean within) {
        return singles.best(evidence, belief, repeats, within).map(c -> single(belief, c));
    }

    private Ask single(Belief belief, Foresight.Choice choice) {
        Foresight.Move move = choice.move();
        return asked(move.touch(), Mode.CONTINUITY, reason(belief, move.touch()[0][0], move.touch()[1][0],
                choice.onTheWay() ? "advisor.learn.way" : "advisor.learn.chance", move.beep()));
    }

    private Ask gang(Belief belief, Gangs.Choice choice) {
        int[][] numbers = choice.touch();
        return asked(numbers, Mode.OHMS, numbers[0].length + numbers[1].length > 2
                ? Words.say("advisor.learn.gang", Math.round(100 * choice.beep()))
                : reason(belief, numbers[0][0], numbers[1][0], "advisor.learn.chance", choice.beep()));
    }

    private Ask asked(int[][] numbers, Mode mode, String why) {
        return new Ask(index.touch(numbers[0], numbers[1]), mode, Proposal.Purpose.LEARN, why);
    }

    private static String reason(Belief belief, int a, int b, String chance, double p) {
        Optional<Belief.Share> forIt = belief.shares().stream()
                .filter(s -> s.hypothesis().partition().isJoined(a, b))
                .findFirst();
        Optional<Belief.Share> against = belief.shares().stream()
                .filter(s -> !s.hypothesis().partition().isJoined(a, b))
                .findFirst();
        if (forIt.isPresent() && against.isPresent() && forIt.get().probability() > 0.02) {
            return Words.say("advisor.learn.between", forIt.get().hypothesis().title(),
                    against.get().hypothesis().title());
        }
        return Words.say(chance, Math.round(100 * p));
    }
}
