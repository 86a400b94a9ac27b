package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/** Touches of several contacts at once with a comb, weighed by what they tell and, to prove, by what they set apart. */
record Gangs(Job job, TerminalIndex index, Fixture fixture, Goal goal, CostModel cost, Singles singles) {
    /** What a touch saved later is worth against a bit learned now. */
    private static final double PROGRESS = 1.2;
    /** The same while the cable is none that has a name, and what joins it is still to be found. */
    private static final double PROGRESS_UNKNOWN = 0.2;
    /** What a touch takes whatever its size, and for each conductor of a gang; to prove, fewer touches count most. */
    private static final double TOUCH_SECONDS = 4;
    private static final double CONDUCTOR_SECONDS = 0.1;
    /** What a mm nearer to the hands counts, in bits a second. */
    private static final double NEAR = 1e-4;
    private static final double ROUNDING = 1e-9;

    /**
     * A touch and how likely it is to beep.
     *
     * @param touch the numbers of the red terminals and of the black ones
     */
    record Choice(int[][] touch, double beep) {}

    /** A gang with what it costs, and the most that it may be worth, in bits a second, whatever is believed. */
    private record Weighed(int number, int[][] touch, double seconds, double parting, double most) {}

    /**
     * The touch worth most per second of those that {@link Candidates} names, if it is worth more than {@code atLeast}, in
     * bits a second. To identify, single contacts and those of one end are left out.
     *
     * <p>How likely a gang beeps takes long to tell, so those come first that may be worth most, and the rest need no look
     * once the best is worth more than they can be (branch and bound). O(candidates x hypotheses x gang size), mostly for few
     * of the candidates.
     */
    Optional<Choice> best(Evidence evidence, Belief belief, Repeats repeats, Belief.Leader leader,
            double atLeast) {
        OpenPairs pairs = OpenPairs.of(evidence);
        double progress = goal.isWhole() ? PROGRESS + (PROGRESS_UNKNOWN - PROGRESS) * belief.other() : 0;
        Hands hands = Hands.of(evidence);
        List<int[][]> all = Candidates.of(job, evidence, belief, leader, pairs);
        int unproved = evidence.countUnknown();
        Best best = new Best(atLeast);
        List<Weighed> gangs = new ArrayList<>();
        double onePair = Candidates.progress(1, unproved);
        for (int k = 0; k < all.size(); k++) {
            int[][] touch = all.get(k);
            double seconds = price(hands.last(), touch);
            if (touch[0].length > 1 || touch[1].length > 1) {
                double parting = Candidates.progress(pairs.fresh(touch), unproved);
                gangs.add(new Weighed(k, touch, seconds, parting,
                        mostBits(progress * parting, 0) / seconds + ROUNDING));
                continue;
            }
            double p = belief.joined(touch[0][0], touch[1][0]);
            double gain = Foresight.entropy(p) + progress * (p + (1 - p) * onePair);
            best.offer(k, touch, score(evidence, hands, touch, gain, seconds), p, repeats);
        }
        gangs.sort(Comparator.comparingDouble(gang -> -gang.most()));
        for (Weighed gang : gangs) {
            Superseded.check();
            if (gang.most() < best.most) {
                break;
            }
            double p = belief.joined(gang.touch()[0], gang.touch()[1]);
            double gain = Foresight.entropy(p) + progress * (1 - p) * gang.parting();
            best.offer(gang.number(), gang.touch(),
                    score(evidence, hands, gang.touch(), gain, gang.seconds()), p,
                    repeats);
        }
        return Optional.ofNullable(best.choice);
    }

    private double score(Evidence evidence, Hands hands, int[][] touch, double gain, double seconds) {
        return gain / seconds + (gain > 1e-3 ? NEAR * hands.nearness(evidence, singles.depth(), touch) : 0);
    }

    /** The best so far; of those that are worth the same the first. */
    private final class Best {
        private double most;
        private int number;
        private Choice choice;

        Best(double atLeast) {
            this.most = atLeast;
        }

        void offer(int k, int[][] touch, double score, double p, Repeats repeats) {
            boolean better = score > most || choice != null && score == most && k < number;
            if (better && isAllowed(touch, repeats)) {
                most = score;
                number = k;
                choice = new Choice(touch, p);
            }
        }
    }

    private boolean isAllowed(int[][] touch, Repeats repeats) {
        boolean single = touch[0].length == 1 && touch[1].length == 1;
        return !repeats.isEnough(touch[0], touch[1]) && (goal != Goal.IDENTIFY || !single && isAcross(touch));
    }

    /** The most that the entropy of a probability and a straight line over it come to, from what the line is at 0 and at 1. */
    private static double mostBits(double atNever, double atAlways) {
        return Math.log(Math.pow(2, atNever) + Math.pow(2, atAlways)) / Math.log(2);
    }

    /** Whether no contact faces one of its own end: what is joined within an end does not matter to identify a cable. */
    private boolean isAcross(int[][] candidate) {
        return Arrays.stream(candidate[0]).noneMatch(r -> Arrays.stream(candidate[1])
                .anyMatch(b -> index.get(r).end().equals(index.get(b).end())));
    }

    private double price(Optional<Touch> last, int[][] candidate) {
        return goal.isWhole()
                ? TOUCH_SECONDS + CONDUCTOR_SECONDS * (candidate[0].length + candidate[1].length)
                : Math.max(1, cost.seconds(last, index.touch(candidate[0], candidate[1]),
                        fixture, Mode.OHMS));
    }
}
