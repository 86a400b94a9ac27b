package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** Looking two touches ahead, against all pairs of touches tried out. */
class ForesightTest {
    private static double bits(double... parts) {
        double bits = 0;
        for (double p : parts) {
            bits -= p <= 1e-12 ? 0 : p * Math.log(p) / Math.log(2);
        }
        return bits;
    }

    private static double rate(double[] weights, Foresight.Move one, Foresight.Move other, double seconds) {
        double[] parts = new double[4];
        for (int h = 0; h < weights.length; h++) {
            parts[(one.beeps()[h] ? 2 : 0) + (other.beeps()[h] ? 1 : 0)] += weights[h];
        }
        return bits(parts) / seconds;
    }

    private static Foresight.Choice choose(double[] weights, List<Foresight.Move> moves,
            Foresight.Price price,
            Comparator<Foresight.Move> ties) {
        return Foresight.best(new Foresight(weights).choices(moves, price, ties));
    }

    @Test
    void theFirstOfTheBestTwoIsFound() {
        SplittableRandom random = new SplittableRandom(12);
        for (int round = 0; round < 300; round++) {
            int hypotheses = 2 + random.nextInt(20);
            double[] weights = random.doubles(hypotheses).toArray();
            double total = java.util.Arrays.stream(weights).sum();
            for (int h = 0; h < hypotheses; h++) {
                weights[h] /= total;
            }
            List<Foresight.Move> moves = new ArrayList<>();
            int count = 1 + random.nextInt(9);
            double[][] price = new double[count + 1][count];
            for (int m = 0; m < count; m++) {
                boolean[] beeps = new boolean[hypotheses];
                double p = 0;
                for (int h = 0; h < hypotheses; h++) {
                    beeps[h] = random.nextInt(3) == 0;
                    p += beeps[h] ? weights[h] : 0;
                }
                moves.add(new Foresight.Move(new int[][]{{m}, {m}}, beeps, p));
                for (int from = 0; from <= count; from++) {
                    price[from][m] = 1 + random.nextInt(5);
                }
            }
            double best = 0;
            for (int a = 0; a < count; a++) {
                best = Math.max(best, bits(moves.get(a).beep(), 1 - moves.get(a).beep()) / price[count][a]);
                for (int b = 0; b < count; b++) {
                    if (a != b) {
                        best = Math.max(best,
                                rate(weights, moves.get(a), moves.get(b), price[count][a] + price[a][b]));
                    }
                }
            }
            Foresight.Choice choice = choose(weights, moves,
                    (from, to) -> price[from == null ? count : from.touch()[0][0]][to.touch()[0][0]],
                    Comparator.comparingInt(m -> m.touch()[0][0]));
            assertThat(choice.rate()).isCloseTo(best, within(1e-9));
        }
    }

    @Test
    void aCheapTouchOnTheWayToATellingOneIsNotPassedOver() {
        double[] weights = {0.25, 0.25, 0.25, 0.25};
        Foresight.Move far = new Foresight.Move(new int[][]{{0}, {0}},
                new boolean[]{true, true, false, false}, 0.5);
        Foresight.Move near = new Foresight.Move(new int[][]{{1}, {1}},
                new boolean[]{true, false, true, false}, 0.5);
        Foresight.Choice choice = choose(weights, List.of(far, near),
                (from, to) -> from == null ? to == near ? 1 : 4 : 2,
                Comparator.comparingInt(m -> m.touch()[0][0]));
        assertThat(choice.move()).isSameAs(near);
        assertThat(choice.rate()).isCloseTo(1, within(1e-9));
    }
}
