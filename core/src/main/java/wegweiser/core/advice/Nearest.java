package wegweiser.core.advice;

import java.util.Optional;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/** With bare probes, the pair still to be asked that is nearest to where the hands are. O(pairs). */
final class Nearest {
    /** What a millimetre counts against a second. */
    private static final double SECONDS_A_MM = 0.05;

    private Nearest() {}

    /** A touch, or empty when no pair is left that was not touched often enough. */
    static Optional<Touch> of(Evidence evidence, Depth depth, Repeats repeats) {
        TerminalIndex index = evidence.index();
        Hands hands = Hands.of(evidence);
        Touch best = null;
        double bestScore = Double.MAX_VALUE;
        for (int[] pair : depth.open(evidence)) {
            if (repeats.isEnough(pair[0], pair[1])) {
                continue;
            }
            for (int turn = 0; turn < 2; turn++) {
                Touch touch = Touch.of(index.get(pair[turn]), index.get(pair[1 - turn]));
                double score = CostModel.USUAL.seconds(hands.last(), touch, Fixture.PROBES)
                        - (hands.last().isEmpty()
                                ? 0
                                : SECONDS_A_MM * hands.nearness(evidence, depth,
                                        new int[][]{{pair[turn]}, {pair[1 - turn]}}));
                if (score < bestScore) {
                    bestScore = score;
                    best = touch;
                }
            }
        }
        return Optional.ofNullable(best);
    }
}
