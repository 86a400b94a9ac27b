package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.TextJob;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/** The order in which touches of the same worth are made. */
class ReachTest {
    private final Job job = TextJob.of("A row-254-6-socket", "B row-254-6-socket");
    private final TerminalIndex index = new TerminalIndex(Terminals.of(job));
    private final Reach reach = new Reach(index, Fixture.PROBES, CostModel.USUAL, Depth.of(job, index));

    /** Makes all touches in the order of reach, with hands at A.1 and B.1; seconds, and how many were made. */
    private double[] tour(List<int[]> pairs) {
        List<Reading> made = new ArrayList<>();
        made.add(silent(Touch.of(index.get(0), index.get(6))));
        List<int[]> open = new ArrayList<>(pairs);
        double seconds = 0;
        int count = 0;
        while (!open.isEmpty()) {
            Evidence evidence = new Evidence(index, made);
            Touch next = reach.nearest(open, evidence, new Repeats(evidence)).orElseThrow();
            seconds += CostModel.USUAL.seconds(Optional.of(made.getLast().touch()), next, Fixture.PROBES);
            made.add(silent(next));
            int red = index.of(next.red().getFirst());
            int black = index.of(next.black().getFirst());
            assertThat(open.removeIf(p -> p[0] == red && p[1] == black)).as("one of those asked for")
                    .isTrue();
            count++;
        }
        return new double[]{seconds, count};
    }

    private static Reading silent(Touch touch) {
        return Reading.of(wegweiser.core.model.Mode.CONTINUITY, touch, Outcome.SILENT);
    }

    @Test
    void aPairThatNobodyElseLeadsToIsMadeOnTheWay() {
        // A.1 with B.6 first, far as it is: from A.1 with B.2, which is nearer, one probe leads on to A.3 with B.2
        assertThat(tour(List.of(new int[]{0, 7}, new int[]{0, 11}, new int[]{2, 7}))[0]).isEqualTo(6);
    }

    @Test
    void everyPairIsTouchedOnceAndInFewMoves() {
        SplittableRandom random = new SplittableRandom(5);
        double seconds = 0;
        double least = 0;
        for (int round = 0; round < 300; round++) {
            List<int[]> pairs = new ArrayList<>();
            for (int a = 0; a < 6; a++) {
                for (int b = 6; b < 12; b++) {
                    if (random.nextInt(3) == 0) {
                        pairs.add(new int[]{a, b});
                    }
                }
            }
            pairs.removeIf(p -> p[0] == 0 && p[1] == 6);
            double[] tour = tour(pairs);
            assertThat(tour[1]).isEqualTo(pairs.size());
            seconds += tour[0];
            least += 2 * pairs.size();
        }
        // each pair takes a move of one probe at least
        assertThat(seconds / least).isBetween(1.0, 1.08);
    }
}
