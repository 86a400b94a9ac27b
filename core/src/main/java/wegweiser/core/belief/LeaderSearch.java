package wegweiser.core.belief;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.wiring.DisjointSets;
import wegweiser.core.wiring.EndChange;

/**
 * Which partition is believed most once the proved joins are put into each: hypotheses that then are the same count
 * together. O(hypotheses x terminals).
 *
 * @param labels of everything that is believed, hypotheses before samples
 * @param weights how much
 */
record LeaderSearch(Evidence evidence, List<int[]> labels, double[] weights, List<Belief.Share> named) {
    /** What counts together. */
    private static final class Group {
        double weight;
        double most = -1;
        int[] likeliest;
    }

    /** The partition most believed; where wanted all those merged that say the same of every two contacts at different ends. */
    Belief.Leader leader(boolean acrossOnly) {
        int[] proved = evidence.labels();
        Map<LabelKey, Group> groups = new HashMap<>();
        int[] end = acrossOnly ? ends() : null;
        for (int h = 0; h < weights.length; h++) {
            int[] whole = union(labels.get(h), proved);
            Group group = groups.computeIfAbsent(new LabelKey(acrossOnly ? across(whole, end) : whole),
                    _ -> new Group());
            group.weight += weights[h];
            if (weights[h] > group.most) {
                group.most = weights[h];
                group.likeliest = whole;
            }
        }
        Map.Entry<LabelKey, Group> best = null;
        for (Map.Entry<LabelKey, Group> entry : groups.entrySet()) {
            if (best == null || entry.getValue().weight > best.getValue().weight
                    || entry.getValue().weight == best.getValue().weight
                            && Arrays.toString(entry.getKey().labels())
                                    .compareTo(Arrays.toString(best.getKey().labels())) > 0) {
                best = entry;
            }
        }
        int[] winner = best.getValue().likeliest;
        Optional<Hypothesis> hypothesis = named.stream()
                .map(Belief.Share::hypothesis)
                .filter(h -> Arrays.equals(h.labels(), winner))
                .findFirst();
        return new Belief.Leader(winner, Math.min(1, best.getValue().weight), hypothesis);
    }

    private int[] ends() {
        Map<String, Integer> numbers = new HashMap<>();
        int[] end = new int[evidence.index().size()];
        for (int i = 0; i < end.length; i++) {
            end[i] = numbers.computeIfAbsent(evidence.index().get(i).end(), _ -> numbers.size());
        }
        return end;
    }

    /** The labels with every net that lies within one end taken apart. */
    private static int[] across(int[] labels, int[] end) {
        int[] firstEnd = new int[labels.length];
        Arrays.fill(firstEnd, -1);
        boolean[] crosses = new boolean[labels.length];
        for (int i = 0; i < labels.length; i++) {
            int net = labels[i];
            crosses[net] |= firstEnd[net] >= 0 && firstEnd[net] != end[i];
            firstEnd[net] = end[i];
        }
        int[] result = new int[labels.length];
        for (int i = 0; i < labels.length; i++) {
            result[i] = crosses[labels[i]] ? labels[i] : i;
        }
        return EndChange.canonical(result);
    }

    /** The labels of both together; those of a hypothesis, which come first, mostly hold the proved joins already. */
    private static int[] union(int[] a, int[] b) {
        boolean holds = true;
        for (int i = 0; i < a.length && holds; i++) {
            holds = a[i] == a[b[i]];
        }
        if (holds) {
            return EndChange.canonical(a);
        }
        var sets = new DisjointSets(a.length);
        for (int i = 0; i < a.length; i++) {
            sets.union(i, a[i]);
            sets.union(i, b[i]);
        }
        return EndChange.canonical(sets.labels());
    }
}
