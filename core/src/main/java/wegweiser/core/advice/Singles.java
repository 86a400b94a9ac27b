package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.TerminalIndex;

/** Touches of two contacts with single probes or a clip, weighed by what they and the best one after them tell. */
record Singles(TerminalIndex index, Fixture fixture, Goal goal, CostModel cost, Depth depth) {
    /** What must be open about a pair that was read already for it to be read again, in bits. */
    private static final double DOUBT_BITS = 0.05;
    private static final double NOTHING = 1e-5;
    /** From this share on a wiring leads. */
    private static final double LEADS = 0.25;
    /** What a touch must tell per second against the most telling one to be made for a shorter walk. */
    private static final double KEPT = 0.3;
    private static final int WALKS = 10;
    /** More pairs than two connectors of fifty contacts have. */
    private static final int MOST_PAIRS = 2700;

    /**
     * The touch that, together with the best one after it, gives most information per second: between the ends, or
     * within them once the joins between the ends are known and only jumpers are open. O(terminals² x hypotheses),
     * and the cost of {@link Foresight}.
     */
    Optional<Foresight.Choice> best(Evidence evidence, Belief belief, Repeats repeats, boolean within) {
        List<int[]> pairs = new ArrayList<>();
        for (int a = 0; a < index.size(); a++) {
            Superseded.check();
            for (int b = a + 1; b < index.size(); b++) {
                double p = belief.joined(a, b);
                boolean known = evidence.isJoined(a, b) || evidence.isApart(a, b);
                // to believe, a pair is worth a second look when much speaks against its reading; to prove, the reading is enough
                boolean sameEnd = evidence.isSameEnd(a, b);
                if (sameEnd == within && Foresight.entropy(p) >= (known || within ? DOUBT_BITS : NOTHING)
                        && !(known && goal.isWhole()) && !repeats.isEnough(a, b)) {
                    pairs.add(new int[]{a, b});
                }
            }
        }
        if (pairs.isEmpty()) {
            return Optional.empty();
        }
        Hands hands = Hands.of(evidence);
        int[] held = {hands.red(index), hands.black(index)};
        List<Foresight.Move> moves = telling(pairs, belief, held).stream()
                .map(p -> new Foresight.Move(new int[][]{{p[0]}, {p[1]}}, belief.beeps(p[0], p[1]),
                        belief.joined(p[0], p[1])))
                .toList();
        Foresight.Price price = (from, to) -> from == null
                ? price(held[0], held[1], to.touch())
                : price(from.touch()[0][0], from.touch()[1][0], to.touch());
        IdentityHashMap<Foresight.Move, Double> near = new IdentityHashMap<>();
        moves.forEach(m -> near.put(m, hands.nearness(evidence, depth, m.touch())));
        List<Foresight.Choice> choices = new Foresight(belief.weights()).choices(moves, price,
                Comparator.comparingDouble(m -> -near.get(m)));
        Foresight.Choice telling = Foresight.best(choices);
        return Optional.of(goal == Goal.IDENTIFY && !within
                ? Walk.of(moves, belief.weights(), LEADS, 1 - Advisor.IDENTIFIED, price)
                        .map(walk -> shortest(choices, telling, walk)).orElse(telling)
                : telling);
    }

    /** Of very many pairs those that tell most per second by themselves, so that a lead of many ends is weighed in time. */
    private List<int[]> telling(List<int[]> pairs, Belief belief, int[] held) {
        if (pairs.size() <= MOST_PAIRS) {
            return pairs;
        }
        IdentityHashMap<int[], Double> rate = new IdentityHashMap<>();
        pairs.forEach(p -> rate.put(p, Foresight.entropy(belief.joined(p[0], p[1]))
                / price(held[0], held[1], new int[][]{{p[0]}, {p[1]}})));
        return pairs.stream().sorted(Comparator.comparingDouble(p -> -rate.get(p))).limit(MOST_PAIRS)
                .toList();
    }

    /** Of the touches that tell enough the one from which the walk that makes sure of the leader is shortest. */
    private static Foresight.Choice shortest(List<Foresight.Choice> choices, Foresight.Choice telling,
            Walk walk) {
        Foresight.Choice best = telling;
        double least = walk.seconds(telling.move(), Double.MAX_VALUE);
        int weighed = 0;
        for (Foresight.Choice choice : choices) {
            if (choice.rate() >= KEPT * telling.rate() && weighed++ < WALKS) {
                double seconds = walk.seconds(choice.move(), least);
                if (seconds < least || seconds == least && choice.rate() > best.rate() + 1e-9) {
                    best = choice;
                    least = seconds;
                }
            }
        }
        return best == telling ? telling : new Foresight.Choice(best.move(), best.rate(), true);
    }

    /** Seconds from one touch of two contacts to the next, by their numbers; weighed thousands of times a touch. */
    private double price(int red, int black, int[][] next) {
        return Math.max(1, (red == next[0][0] ? 0 : cost.moveRed(fixture))
                + (black == next[1][0] ? 0 : cost.moveProbe()));
    }
}
