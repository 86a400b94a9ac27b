package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import wegweiser.core.model.Superseded;

/**
 * Chooses the first of two touches that together tell most per second. Two answers tell the entropy of their joint
 * distribution over all that is believed, and cost what the hands need for both, so that a cheap touch on the way to
 * a telling one is not passed over. Costs O(first x second x hypotheses), with the numbers of touches weighed bounded.
 */
final class Foresight {
    private static final int FIRST = 28;
    private static final int SECOND = 60;

    private final double[] weights;

    Foresight(double[] weights) {
        this.weights = weights;
    }

    /**
     * A touch that may come first or second.
     *
     * @param beeps for each hypothesis whether it would beep
     * @param beep probability of a beep
     * @param bits what the answer tells
     */
    record Move(int[][] touch, boolean[] beeps, double beep, double bits) {
        Move(int[][] touch, boolean[] beeps, double beep) {
            this(touch, beeps, beep, entropy(beep));
        }
    }

    /** What the hands need, in seconds, from one touch to another; from {@code null} for where they are now. */
    @FunctionalInterface
    interface Price {
        double seconds(Move from, Move to);
    }

    /**
     * A chosen touch.
     *
     * @param rate what it and the best one after it tell per second
     * @param onTheWay whether others tell more, and it was chosen for the shorter way on from it
     */
    record Choice(Move move, double rate, boolean onTheWay) {
        Choice(Move move, double rate) {
            this(move, rate, false);
        }
    }

    /** The touch that with the one after it tells most per second; the list must not be empty. */
    static Choice best(List<Choice> choices) {
        Choice best = choices.getFirst();
        for (Choice choice : choices) {
            if (choice.rate() > best.rate() + 1e-9) {
                best = choice;
            }
        }
        return best;
    }

    /** The touches worth making first, those that tell most per second by themselves before the others. */
    List<Choice> choices(List<Move> moves, Price price, Comparator<Move> ties) {
        List<Move> byRate = new ArrayList<>(moves);
        byRate.sort(Comparator.comparingDouble((Move m) -> -m.bits() / price.seconds(null, m))
                .thenComparing(ties));
        List<Move> byBits = new ArrayList<>(moves);
        byBits.sort(Comparator.comparingDouble((Move m) -> -m.bits()));
        List<Move> seconds = new ArrayList<>(byBits.subList(0, Math.min(SECOND, byBits.size())));
        List<Choice> choices = new ArrayList<>();
        for (Move first : byRate.subList(0, Math.min(FIRST, byRate.size()))) {
            Superseded.check();
            double own = price.seconds(null, first);
            double rate = first.bits() / own;
            int[] beeping = IntStream.range(0, weights.length).filter(h -> first.beeps[h]).toArray();
            for (Move second : seconds) {
                if (second == first) {
                    continue;
                }
                double both = own + price.seconds(first, second);
                // no joint entropy exceeds the sum of its parts
                if ((first.bits() + second.bits()) / both > rate) {
                    rate = Math.max(rate, joint(first, beeping, second) / both);
                }
            }
            choices.add(new Choice(first, rate));
        }
        return choices;
    }

    /** Entropy of both answers; {@code beeping} lists what the first would beep for, which is little of everything. */
    private double joint(Move one, int[] beeping, Move other) {
        double both = 0;
        for (int h : beeping) {
            if (other.beeps[h]) {
                both += weights[h];
            }
        }
        return part(both) + part(one.beep - both) + part(other.beep - both)
                + part(1 - one.beep - other.beep + both);
    }

    private static double part(double p) {
        return p <= 1e-12 ? 0 : -p * Math.log(p) / Math.log(2);
    }

    static double entropy(double p) {
        return part(p) + part(1 - p);
    }
}
