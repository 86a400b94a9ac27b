package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
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
            Touch next = reach
                    .next(open, (one, other) -> need(pairs, one, other), evidence, new Repeats(evidence))
                    .orElseThrow();
            seconds += CostModel.USUAL.seconds(Optional.of(made.getLast().touch()), next, Fixture.PROBES);
            made.add(silent(next));
            int red = index.of(next.red().getFirst());
            int black = index.of(next.black().getFirst());
            assertThat(open).as("pairs asked for").anyMatch(p -> p[0] == red && p[1] == black);
            long met = need(pairs, red, black);
            open.removeIf(p -> need(pairs, p[0], p[1]) == met);
            count++;
        }
        return new double[]{seconds, count};
    }

    /** What a pair is touched for: its third number, or itself where it has none. */
    private static long need(List<int[]> pairs, int one, int other) {
        int[] pair = pairs.stream().filter(p -> p[0] == one && p[1] == other).findFirst().orElseThrow();
        return pair.length > 2 ? pair[2] : 100L * one + other;
    }

    private static Reading silent(Touch touch) {
        return Reading.of(wegweiser.core.model.Mode.CONTINUITY, touch, Outcome.SILENT);
    }

    @Test
    void aPairThatNobodyElseLeadsToIsMadeOnTheWay() {
        // A.1 with B.6 first, far as it is: from A.1 with B.2, which is nearer, one probe leads on to A.3 with B.2
        assertThat(tour(List.of(new int[]{0, 7}, new int[]{0, 11}, new int[]{2, 7}))[0]).isEqualTo(6);
    }

    /** Seconds of tours over pairs that are drawn, against what they take at least. */
    private double over(int rounds, Supplier<List<int[]>> drawn, ToDoubleFunction<List<int[]>> least) {
        double made = 0;
        double needed = 0;
        for (int round = 0; round < rounds; round++) {
            List<int[]> pairs = drawn.get();
            made += tour(pairs)[0];
            needed += least.applyAsDouble(pairs);
        }
        return made / needed;
    }

    @Test
    void everyPairIsTouchedOnceAndInFewMoves() {
        SplittableRandom random = new SplittableRandom(5);
        // each pair takes a move of one probe at least
        assertThat(over(300, () -> someOf36(random), pairs -> {
            assertThat(tour(pairs)[1]).isEqualTo(pairs.size());
            return 2 * pairs.size();
        })).isBetween(1.0, 1.045);
    }

    private static List<int[]> someOf36(SplittableRandom random) {
        List<int[]> pairs = new ArrayList<>();
        for (int a = 0; a < 6; a++) {
            for (int b = 6; b < 12; b++) {
                if (random.nextInt(3) == 0) {
                    pairs.add(new int[]{a, b});
                }
            }
        }
        pairs.removeIf(p -> p[0] == 0 && p[1] == 6);
        return pairs;
    }

    /** Fewest seconds in which all needs are met, each by one of its pairs, by trying every order. */
    private static double fewest(List<int[]> pairs, int red, int black, BitSet met) {
        double least = Double.MAX_VALUE;
        for (int[] pair : pairs) {
            if (!met.get(pair[2])) {
                BitSet more = (BitSet) met.clone();
                more.set(pair[2]);
                double way = (pair[0] == red ? 0 : 2) + (pair[1] == black ? 0 : 2);
                least = Math.min(least, way + fewest(pairs, pair[0], pair[1], more));
            }
        }
        return least == Double.MAX_VALUE ? 0 : least;
    }

    @Test
    void wiresAreTouchedAgainstEachOtherAtEitherEndInHardlyMoreThanTheFewestMoves() {
        SplittableRandom random = new SplittableRandom(9);
        assertThat(over(200, () -> fiveOfWires(random), pairs -> fewest(pairs, 0, 6, new BitSet())))
                .isBetween(1.0, 1.02);
    }

    /** Wires join A.1 to B.1 and so on: one touch of A.i with B.k or of A.k with B.i is enough for two of them. */
    private static List<int[]> fiveOfWires(SplittableRandom random) {
        List<int[]> pairs = new ArrayList<>();
        while (pairs.size() < 10) {
            int one = random.nextInt(6);
            int other = random.nextInt(6);
            if (one < other && pairs.stream().noneMatch(p -> p[0] == one && p[1] == other + 6)) {
                int need = pairs.size() / 2;
                pairs.add(new int[]{one, other + 6, need});
                pairs.add(new int[]{other, one + 6, need});
            }
        }
        return pairs;
    }
}
