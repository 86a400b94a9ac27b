package wegweiser.core.belief;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.wiring.Partition;

/**
 * Which partition is believed most once the proved joins are put into each: hypotheses that then are the same count
 * together. O(hypotheses x terminals).
 *
 * @param believed everything that is believed, hypotheses before samples
 * @param weights how much
 */
record LeaderSearch(Evidence evidence, List<Partition> believed, double[] weights, List<Belief.Share> named) {
    /** What counts together. */
    private static final class Group {
        double weight;
        double most = -1;
        Partition likeliest;
    }

    /**
     * The partition most believed. With {@code acrossOnly}, those that agree on every two contacts of different ends
     * count together.
     */
    Belief.Leader leader(boolean acrossOnly) {
        Partition proved = evidence.partition();
        Map<Partition, Group> groups = new HashMap<>();
        int[] end = acrossOnly ? evidence.index().ends() : null;
        for (int h = 0; h < weights.length; h++) {
            Partition whole = believed.get(h).and(proved);
            Group group = groups.computeIfAbsent(acrossOnly ? across(whole, end) : whole,
                    _ -> new Group());
            group.weight += weights[h];
            if (weights[h] > group.most) {
                group.most = weights[h];
                group.likeliest = whole;
            }
        }
        Map.Entry<Partition, Group> best = null;
        for (Map.Entry<Partition, Group> entry : groups.entrySet()) {
            if (best == null || entry.getValue().weight > best.getValue().weight
                    || entry.getValue().weight == best.getValue().weight
                            && isAfter(entry.getKey(), best.getKey())) {
                best = entry;
            }
        }
        Partition winner = best.getValue().likeliest;
        Optional<Hypothesis> hypothesis = named.stream()
                .map(Belief.Share::hypothesis)
                .filter(h -> h.partition().equals(winner))
                .findFirst();
        return new Belief.Leader(winner, Math.min(1, best.getValue().weight), hypothesis);
    }

    /** Of groups that weigh the same one must be taken every time: that whose roots, written in a row, come later in a dictionary. */
    private static boolean isAfter(Partition one, Partition other) {
        int last = one.size() - 1;
        for (int i = 0; i <= last; i++) {
            if (one.root(i) != other.root(i)) {
                String end = i == last ? "]" : ",";
                return (one.root(i) + end).compareTo(other.root(i) + end) > 0;
            }
        }
        return false;
    }

    /** The same with every net that lies within one end taken apart. */
    private static Partition across(Partition whole, int[] end) {
        int[] firstEnd = new int[end.length];
        Arrays.fill(firstEnd, -1);
        boolean[] crosses = new boolean[end.length];
        for (int i = 0; i < end.length; i++) {
            int net = whole.root(i);
            crosses[net] |= firstEnd[net] >= 0 && firstEnd[net] != end[i];
            firstEnd[net] = end[i];
        }
        int[] result = new int[end.length];
        for (int i = 0; i < end.length; i++) {
            result[i] = crosses[whole.root(i)] ? whole.root(i) : i;
        }
        return Partition.of(result);
    }
}
