package wegweiser.core.belief;

import java.util.Arrays;
import java.util.List;
import wegweiser.core.evidence.CopperProof;
import wegweiser.core.evidence.Meaning;
import wegweiser.core.wiring.Partition;

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
    Posterior after(List<CopperProof.Item> items, MeterErrors errors) {
        if (!isBeginningOf(items)) {
            return prior(hypotheses).after(items, errors);
        }
        CopperProof.Item[] fresh = items.subList(weighed.size(), items.size())
                .toArray(CopperProof.Item[]::new);
        double[][] answer = {{errors.log(false, false), errors.log(false, true)},
                {errors.log(true, false), errors.log(true, true)}};
        double likeliest = Double.NEGATIVE_INFINITY;
        int[] kept = new int[alive.length];
        double[] sums = new double[alive.length];
        int count = 0;
        for (int k = 0; k < alive.length; k++) {
            Partition wired = hypotheses.get(alive[k]).partition();
            double sum = log[k];
            for (int i = 0; i < fresh.length && sum > likeliest - HOPELESS; i++) {
                sum += answer[fresh[i].isBeeping(wired) ? 1 : 0][fresh[i].meaning() == Meaning.JOINS ? 1 : 0];
            }
            if (sum > likeliest - HOPELESS) {
                likeliest = Math.max(likeliest, sum);
                kept[count] = alive[k];
                sums[count++] = sum;
            }
        }
        int left = 0;
        for (int k = 0; k < count; k++) {
            if (sums[k] > likeliest - HOPELESS) {
                kept[left] = kept[k];
                sums[left++] = sums[k];
            }
        }
        return new Posterior(hypotheses, List.copyOf(items), Arrays.copyOf(kept, left),
                Arrays.copyOf(sums, left));
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
