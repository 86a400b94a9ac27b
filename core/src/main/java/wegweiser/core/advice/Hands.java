package wegweiser.core.advice;

import java.util.List;
import java.util.Optional;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/**
 * Where the probes are, and in which direction they last went along a connector: of contacts equally near, a hand goes
 * on to the next one sooner than back.
 *
 * @param last the last touch, empty when there is none
 * @param redStep 1 when the red probe last went to a higher number, -1 to a lower one, 0 when it did not move
 * @param blackStep the same for the black probe
 */
record Hands(Optional<Touch> last, int redStep, int blackStep) {
    /** What going back counts, in mm: less than any two contacts are apart. */
    private static final double BACK_MM = 0.1;

    static Hands of(Evidence evidence) {
        List<Reading> readings = evidence.readings();
        return new Hands(readings.isEmpty() ? Optional.empty() : Optional.of(readings.getLast().touch()),
                step(evidence, true), step(evidence, false));
    }

    private static int step(Evidence evidence, boolean red) {
        List<Reading> readings = evidence.readings();
        for (int k = readings.size() - 1; k > 0; k--) {
            List<Terminal> now = red ? readings.get(k).red() : readings.get(k).black();
            List<Terminal> before = red ? readings.get(k - 1).red() : readings.get(k - 1).black();
            if (!now.equals(before)) {
                return now.size() == 1 && before.size() == 1
                        && now.getFirst().end().equals(before.getFirst().end())
                                ? Integer.signum(evidence.index().of(now.getFirst())
                                        - evidence.index().of(before.getFirst()))
                                : 0;
            }
        }
        return 0;
    }

    /** Number of the terminal that the red probe is on, or -1 while it is nowhere or on several. */
    int red(TerminalIndex index) {
        return number(last.map(Touch::red), index);
    }

    /** The same for the black probe. */
    int black(TerminalIndex index) {
        return number(last.map(Touch::black), index);
    }

    private static int number(Optional<List<Terminal>> held, TerminalIndex index) {
        return held.filter(side -> side.size() == 1).map(side -> index.of(side.getFirst())).orElse(-1);
    }

    /**
     * The larger the nearer a touch is to where the hands are, in mm below zero; in printed order while they are nowhere
     * yet, or where several contacts are touched at once.
     */
    double nearness(Evidence evidence, Depth depth, int[][] candidate) {
        if (last.isEmpty() || candidate[0].length + candidate[1].length > 2) {
            return -(candidate[0][0] + candidate[1][0]) / (double) evidence.index().size();
        }
        return -way(depth, evidence.index().of(last.get().red().getFirst()), candidate[0][0], redStep)
                - way(depth, evidence.index().of(last.get().black().getFirst()), candidate[1][0], blackStep);
    }

    private static double way(Depth depth, int from, int to, int step) {
        boolean back = step != 0 && Integer.signum(to - from) == -step;
        return depth.distance(from, to) + (back ? BACK_MM : 0);
    }
}
