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

    /** A candidate with what it costs, and the most that it may be worth, in bits a second, whatever is believed. */
    private record Weighed(int number, int[][] touch, double seconds, double parting, double most) {
        boolean isSingle() {
            return touch[0].length == 1 && touch[1].length == 1;
        }
    }

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
        List<Weighed> candidates = weighed(evidence, Candidates.of(job, evidence, belief, leader, pairs),
                pairs,
                hands, progress);
        double most = atLeast;
        Weighed first = null;
        double beep = 0;
        for (Weighed candidate : candidates) {
            Superseded.check();
            if (candidate.most() < most) {
                break;
            }
            int[][] touch = candidate.touch();
            double p = candidate.isSingle()
                    ? belief.joined(touch[0][0], touch[1][0])
                    : belief.joined(touch[0], touch[1]);
            double gain = Foresight.entropy(p)
                    + progress * ((candidate.isSingle() ? p : 0) + (1 - p) * candidate.parting());
            double score = gain / candidate.seconds()
                    + (gain > 1e-3 ? NEAR * hands.nearness(evidence, singles.depth(), touch) : 0);
            boolean better = score > most
                    || first != null && score == most && candidate.number() < first.number();
            if (better && isAllowed(candidate, repeats)) {
                most = score;
                first = candidate;
                beep = p;
            }
        }
        return first == null ? Optional.empty() : Optional.of(new Choice(first.touch(), beep));
    }

    private boolean isAllowed(Weighed candidate, Repeats repeats) {
        return !repeats.isEnough(candidate.touch()[0], candidate.touch()[1])
                && (goal != Goal.IDENTIFY || !candidate.isSingle() && isAcross(candidate.touch()));
    }

    /** The candidates, that which may be worth most first. */
    private List<Weighed> weighed(Evidence evidence, List<int[][]> candidates, OpenPairs pairs, Hands hands,
            double progress) {
        int unproved = evidence.countUnknown();
        double onePair = Candidates.progress(1, unproved);
        double ofOnePair = mostBits(progress * onePair, progress);
        List<Weighed> weighed = new ArrayList<>(candidates.size());
        for (int k = 0; k < candidates.size(); k++) {
            int[][] touch = candidates.get(k);
            boolean single = touch[0].length == 1 && touch[1].length == 1;
            double seconds = price(hands.last(), touch);
            double parting = single ? onePair : Candidates.progress(pairs.fresh(touch), unproved);
            double bits = single ? ofOnePair : mostBits(progress * parting, 0);
            weighed.add(new Weighed(k, touch, seconds, parting, bits / seconds + ROUNDING));
        }
        weighed.sort(Comparator.comparingDouble(w -> -w.most()));
        return weighed;
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
