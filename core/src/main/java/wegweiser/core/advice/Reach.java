package wegweiser.core.advice;

import java.util.List;
import java.util.Optional;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/** Which of several touches of the same worth lies nearest to where the hands are. */
record Reach(TerminalIndex index, Fixture fixture, CostModel cost, Depth depth) {
    /** What each pair that shares a contact with another counts against a second. */
    private static final double SHARED = 0.2;

    /**
     * The nearest of some pairs that were not touched too often, of different ends sooner than of one. Of those that are
     * equally near the one whose contacts are wanted least by others, so that no pair is left over to which both probes have
     * to move (Warnsdorff's rule for a tour that visits each place once, 1823). O(pairs).
     */
    Optional<Touch> nearest(List<int[]> pairs, Evidence evidence, Repeats repeats) {
        Hands hands = Hands.of(evidence);
        int[] wanted = new int[index.size()];
        for (int[] pair : pairs) {
            if (!repeats.isEnough(pair[0], pair[1])) {
                wanted[pair[0]]++;
                wanted[pair[1]]++;
            }
        }
        Touch best = null;
        double bestScore = Double.MAX_VALUE;
        for (int[] pair : pairs) {
            if (repeats.isEnough(pair[0], pair[1])) {
                continue;
            }
            int[][] candidate = {{pair[0]}, {pair[1]}};
            Touch touch = index.touch(candidate[0], candidate[1]);
            boolean sameEnd = index.get(pair[0]).end().equals(index.get(pair[1]).end());
            double score = cost.seconds(hands.last(), touch, fixture)
                    - 0.01 * hands.nearness(evidence, depth, candidate) + (sameEnd ? 3 : 0)
                    + SHARED * (wanted[pair[0]] + wanted[pair[1]]);
            if (score < bestScore) {
                bestScore = score;
                best = touch;
            }
        }
        return Optional.ofNullable(best);
    }
}
