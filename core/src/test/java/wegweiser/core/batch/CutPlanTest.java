package wegweiser.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CutPlanTest {
    private static CutPlan.Wanted of(double mm, int count) {
        return new CutPlan.Wanted(mm, count);
    }

    @Test
    void piecesThatFitExactlyAreFound() {
        // by the longest first, 1500 goes into 2000 and leaves 500 that nothing fits
        CutPlan plan = CutPlan.of(List.of(2000.0, 2500.0, 3000.0),
                List.of(of(1500, 2), of(1000, 2), of(1250, 2)));
        assertThat(plan.isWhole()).isTrue();
        assertThat(plan.wasteMm()).isCloseTo(0, within(0.001));
        assertThat(plan.isBest()).isTrue();
    }

    @Test
    void whatIsLongEnoughToBeUsedAgainIsNoWaste() {
        CutPlan plan = CutPlan.of(List.of(1100.0, 5000.0), List.of(of(1000, 1)));
        // 100 mm would be left of the one, 4 m of the other
        assertThat(plan.cuts()).hasSize(1);
        assertThat(plan.cuts().getFirst().piece()).isEqualTo(1);
        assertThat(plan.cuts().getFirst().isLeftOfUse()).isTrue();
        assertThat(plan.wasteMm()).isZero();
    }

    @Test
    void ofTwoPlansWithoutWasteTheShorterPieceIsOpened() {
        CutPlan plan = CutPlan.of(List.of(50_000.0, 1500.0), List.of(of(1000, 1)));
        assertThat(plan.cuts().getFirst().piece()).isEqualTo(1);
    }

    @Test
    void whatCannotBeCutIsSaid() {
        CutPlan plan = CutPlan.of(List.of(2500.0), List.of(of(1000, 3), of(4000, 1)));
        assertThat(plan.isWhole()).isFalse();
        assertThat(plan.missing()).containsExactly(1, 1);
        assertThat(CutPlan.of(List.of(), List.of(of(1000, 2))).missing()).containsExactly(2);
    }

    /** Whoever reads that no way of cutting has less can rely on it: of one length every way is tried. */
    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24})
    void theBestIsSaidOnlyOfTheBest(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int said = 0;
        for (int k = 0; k < 20; k++) {
            List<Double> pieces = new ArrayList<>();
            for (int p = 0; p < 3; p++) {
                pieces.add(500.0 + 50 * random.nextInt(60));
            }
            CutPlan.Wanted one = of(400 + 50 * random.nextInt(20), 1 + random.nextInt(5));
            CutPlan plan = CutPlan.of(pieces, List.of(one));
            double[] best = best(pieces, List.of(one, of(100_000, 0)), 0, new int[2], 0);
            assertThat(plan.boundMm()).as("seed %d/%d", seed, k).isCloseTo(best[1], within(1e-6));
            if (plan.isBest()) {
                said++;
                assertThat(plan.missedMm()).isCloseTo(best[0], within(1e-6));
                assertThat(plan.wasteMm()).isCloseTo(best[1], within(1.0));
            }
        }
        assertThat(said).as("and it is found").isEqualTo(20);
    }

    @Test
    void ofSeveralLengthsOnlyNoWasteIsTheBest() {
        assertThat(CutPlan.of(List.of(1200.0, 900.0), List.of(of(1000, 1), of(800, 1))).isBest()).isFalse();
    }

    @Test
    void aBatchFromOneSpool() {
        CutPlan plan = CutPlan.of(List.of(100_000.0, 3000.0), List.of(of(2170, 40)));
        assertThat(plan.isWhole()).isTrue();
        assertThat(plan.cuts().stream().mapToInt(c -> c.counts().getFirst()).sum()).isEqualTo(40);
    }

    /** Every way of cutting two lengths from three pieces, tried one by one. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void noPlanIsBetterThanTheBest(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        for (int k = 0; k < 6; k++) {
            List<Double> pieces = new ArrayList<>();
            for (int p = 0; p < 3; p++) {
                pieces.add(500.0 + 50 * random.nextInt(60));
            }
            List<CutPlan.Wanted> wanted = List.of(of(400 + 50 * random.nextInt(20), 1 + random.nextInt(3)),
                    of(350 + 70 * random.nextInt(20), 1 + random.nextInt(3)));
            CutPlan plan = CutPlan.of(pieces, wanted);
            double[] best = best(pieces, wanted, 0, new int[2], 0);
            double missed = plan.missing().get(0) * wanted.get(0).mm()
                    + plan.missing().get(1) * wanted.get(1).mm();
            assertThat(missed).as("seed %d/%d: %s from %s", seed, k, wanted, pieces).isCloseTo(best[0],
                    within(1e-6));
            assertThat(plan.wasteMm()).as("seed %d/%d: %s from %s", seed, k, wanted, pieces)
                    .isCloseTo(best[1], within(1e-6));
            for (CutPlan.Cut cut : plan.cuts()) {
                double used = cut.counts().get(0) * wanted.get(0).mm()
                        + cut.counts().get(1) * wanted.get(1).mm();
                assertThat(used + cut.leftMm()).isCloseTo(pieces.get(cut.piece()), within(1e-6));
                assertThat(cut.leftMm()).isGreaterThan(-1e-6);
            }
        }
    }

    /** The least that is not cut, in mm, and the least waste with it. */
    private static double[] best(List<Double> pieces, List<CutPlan.Wanted> wanted, int p, int[] made,
            double waste) {
        if (p == pieces.size()) {
            double missed = 0;
            for (int w = 0; w < 2; w++) {
                missed += (wanted.get(w).count() - made[w]) * wanted.get(w).mm();
            }
            return new double[]{missed, waste};
        }
        double[] best = {Double.MAX_VALUE, Double.MAX_VALUE};
        for (int a = 0; a + made[0] <= wanted.get(0).count(); a++) {
            for (int b = 0; b + made[1] <= wanted.get(1).count(); b++) {
                double left = pieces.get(p) - a * wanted.get(0).mm() - b * wanted.get(1).mm();
                if (left < 0) {
                    continue;
                }
                double wasted = a + b > 0 && left < CutPlan.USEFUL_MM ? left : 0;
                double[] tried = best(pieces, wanted, p + 1, new int[]{made[0] + a, made[1] + b},
                        waste + wasted);
                if (tried[0] < best[0] - 1e-9 || Math.abs(tried[0] - best[0]) < 1e-9 && tried[1] < best[1]) {
                    best = tried;
                }
            }
        }
        return best;
    }
}
