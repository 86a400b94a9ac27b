package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import wegweiser.core.model.Superseded;

/**
 * How long it takes to make sure of the wiring that is believed most: touches in a row, each of which rules out what
 * expects another answer than that wiring, until all that is left against it weighs no more than is allowed.
 *
 * <p>To find the shortest such walk is a covering tour; it is estimated by two greedy walks, one to whatever rules out most
 * per second, the other to what rules out most among the nearest touches. A walk costs O(steps x moves + disagreements).
 */
final class Walk {
    private static final double NOTHING = 1e-4;

    private final List<Foresight.Move> moves;
    private final Foresight.Price price;
    private final double[] weights;
    private final double against;
    private final double allowed;
    /** For each move the hypotheses that expect another answer than the leader, and the other way round. */
    private final int[][] disagreeing;
    private final int[][] seenBy;
    /** For each move the weight of all that it rules out in the beginning. */
    private final double[] all;

    private Walk(List<Foresight.Move> moves, double[] weights, long[] answers, long leader, double against,
            double allowed, Foresight.Price price) {
        this.moves = moves;
        this.price = price;
        this.weights = weights;
        this.allowed = allowed;
        this.against = against;
        int one = IntStream.range(0, weights.length).filter(h -> answers[h] == leader).findFirst().orElse(0);
        List<List<Integer>> byHypothesis = new ArrayList<>();
        for (int h = 0; h < weights.length; h++) {
            byHypothesis.add(new ArrayList<>());
        }
        disagreeing = new int[moves.size()][];
        for (int m = 0; m < moves.size(); m++) {
            Superseded.check();
            boolean[] beeps = moves.get(m).beeps();
            int[] found = new int[weights.length];
            int count = 0;
            for (int h = 0; h < weights.length; h++) {
                if (beeps[h] != beeps[one]) {
                    found[count++] = h;
                    byHypothesis.get(h).add(m);
                }
            }
            disagreeing[m] = Arrays.copyOf(found, count);
        }
        all = Arrays.stream(disagreeing).mapToDouble(d -> Arrays.stream(d).mapToDouble(h -> weights[h]).sum())
                .toArray();
        seenBy = byHypothesis.stream().map(l -> l.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    /**
     * The walks that make sure of what is believed most; none where that is believed with less than {@code share}.
     *
     * @param weights of the hypotheses, which add up to 1
     * @param allowed the weight that may be left against the leader in the end
     */
    static Optional<Walk> of(List<Foresight.Move> moves, double[] weights, double share, double allowed,
            Foresight.Price price) {
        long[] answers = answers(moves, weights.length);
        Map<Long, Double> groups = new LinkedHashMap<>();
        for (int h = 0; h < answers.length; h++) {
            groups.merge(answers[h], weights[h], Double::sum);
        }
        var leader = groups.entrySet().stream().max(Map.Entry.comparingByValue()).orElseThrow();
        return leader.getValue() < share
                ? Optional.empty()
                : Optional
                        .of(new Walk(moves, weights, answers, leader.getKey(), 1 - leader.getValue(), allowed,
                                price));
    }

    /** What each hypothesis answers to all moves, as a hash: those that cannot be told apart have the same. */
    private static long[] answers(List<Foresight.Move> moves, int hypotheses) {
        long[] answers = new long[hypotheses];
        SplittableRandom random = new SplittableRandom(1);
        for (Foresight.Move move : moves) {
            long mark = random.nextLong();
            for (int h = 0; h < answers.length; h++) {
                answers[h] ^= move.beeps()[h] ? mark : 0;
            }
        }
        return answers;
    }

    /**
     * Seconds from where the hands are until the leader is sure, beginning with this move; of a walk that takes longer
     * than {@code most} only that it does.
     */
    double seconds(Foresight.Move move, double most) {
        int first = moves.indexOf(move);
        double one = seconds(first, false, most);
        return Math.min(one, seconds(first, true, Math.min(one, most)));
    }

    private double seconds(int first, boolean nearest, double most) {
        boolean[] gone = new boolean[weights.length];
        double[] rulesOut = all.clone();
        double left = against;
        double seconds = price.seconds(null, moves.get(first));
        int at = first;
        int[] open = IntStream.range(0, rulesOut.length).toArray();
        int count = open.length;
        while (true) {
            for (int h : disagreeing[at]) {
                if (!gone[h]) {
                    gone[h] = true;
                    left -= weights[h];
                    for (int m : seenBy[h]) {
                        rulesOut[m] -= weights[h];
                    }
                }
            }
            if (left <= allowed) {
                return seconds;
            }
            int kept = 0;
            for (int k = 0; k < count; k++) {
                if (rulesOut[open[k]] > NOTHING) {
                    open[kept++] = open[k];
                }
            }
            count = kept;
            int next = next(at, rulesOut, open, count, nearest);
            if (next < 0 || seconds > most) {
                return seconds;
            }
            seconds += price.seconds(moves.get(at), moves.get(next));
            at = next;
        }
    }

    private int next(int at, double[] rulesOut, int[] open, int count, boolean nearest) {
        int best = -1;
        double most = 0;
        for (int k = 0; k < count; k++) {
            int m = open[k];
            double step = price.seconds(moves.get(at), moves.get(m));
            double worth = nearest ? rulesOut[m] - step : rulesOut[m] / step;
            if (best < 0 || worth > most) {
                best = m;
                most = worth;
            }
        }
        return best;
    }
}
