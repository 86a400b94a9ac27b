package wegweiser.core.trace;

import java.util.Arrays;
import java.util.List;

/**
 * The logarithm of the weight of each hypothesis after some readings, by Bayes' rule. A reading that a hypothesis does
 * not predict makes it less likely by the error probability.
 *
 * <p>Readings that come after those already weighed cost O(hypotheses x new readings x gang size); when earlier ones have
 * changed all are weighed again. Hypotheses far behind the likeliest are given up, so that later readings cost less.
 */
final class Posterior {
    /** A hypothesis so far behind the likeliest, in natural logarithm, is given up: its share is below 1e-17. */
    private static final double HOPELESS = 40;

    private final List<Hypothesis> hypotheses;
    private final List<CopperProof.Item> weighed;
    private final int[] alive;
    private final double[] log;

    private Posterior(List<Hypothesis> hypotheses, List<CopperProof.Item> weighed, int[] alive,
            double[] log) {
        this.hypotheses = hypotheses;
        this.weighed = weighed;
        this.alive = alive;
        this.log = log;
    }

    /** The weights before any reading. */
    static Posterior prior(List<Hypothesis> hypotheses) {
        int[] all = new int[hypotheses.size()];
        Arrays.setAll(all, h -> h);
        double[] log = new double[all.length];
        Arrays.setAll(log, h -> Math.log(hypotheses.get(h).weight()));
        return new Posterior(hypotheses, List.of(), all, log);
    }

    /** The weights after all of these readings; what was weighed before is kept where it is the beginning of them. */
    Posterior after(List<CopperProof.Item> items, double error) {
        if (!isBeginningOf(items)) {
            return prior(hypotheses).after(items, error);
        }
        int[] kept = alive;
        double[] sums = log;
        for (CopperProof.Item item : items.subList(weighed.size(), items.size())) {
            double[] next = sums == log ? log.clone() : sums;
            double likeliest = Double.NEGATIVE_INFINITY;
            for (int k = 0; k < kept.length; k++) {
                next[k] += logLikelihood(hypotheses.get(kept[k]).labels(), item, error);
                likeliest = Math.max(likeliest, next[k]);
            }
            int count = 0;
            int[] left = new int[kept.length];
            for (int k = 0; k < kept.length; k++) {
                if (next[k] > likeliest - HOPELESS) {
                    left[count] = kept[k];
                    next[count++] = next[k];
                }
            }
            kept = Arrays.copyOf(left, count);
            sums = Arrays.copyOf(next, count);
        }
        return new Posterior(hypotheses, List.copyOf(items), kept, sums);
    }

    boolean isOf(List<Hypothesis> others) {
        return hypotheses == others;
    }

    private boolean isBeginningOf(List<CopperProof.Item> items) {
        if (items.size() < weighed.size()) {
            return false;
        }
        for (int i = 0; i < weighed.size(); i++) {
            CopperProof.Item one = weighed.get(i);
            CopperProof.Item other = items.get(i);
            if (one.meaning() != other.meaning() || !Arrays.equals(one.red(), other.red())
                    || !Arrays.equals(one.black(), other.black())) {
                return false;
            }
        }
        return true;
    }

    private static double logLikelihood(int[] labels, CopperProof.Item item, double error) {
        boolean joined = item.isSingle()
                ? labels[item.red()[0]] == labels[item.black()[0]]
                : joins(labels, item.red(), item.black());
        return Math.log(joined == (item.meaning() == Meaning.JOINS) ? 1 - error : error);
    }

    private static boolean joins(int[] labels, int[] red, int[] black) {
        for (int r : red) {
            for (int b : black) {
                if (labels[r] == labels[b]) {
                    return true;
                }
            }
        }
        return false;
    }

    /** How many hypotheses are not given up. */
    int size() {
        return alive.length;
    }

    Hypothesis hypothesis(int k) {
        return hypotheses.get(alive[k]);
    }

    double log(int k) {
        return log[k];
    }
}
