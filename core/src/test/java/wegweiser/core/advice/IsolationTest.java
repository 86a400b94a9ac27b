package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class IsolationTest {
    private static boolean separates(Isolation.Cut cut, int a, int b) {
        return has(cut.red(), a) && has(cut.black(), b) || has(cut.red(), b) && has(cut.black(), a);
    }

    private static boolean has(int[] side, int net) {
        return Arrays.stream(side).anyMatch(n -> n == net);
    }

    @Test
    void everyOpenPairIsSetApartAndNoNetIsOnBothSides() {
        SplittableRandom random = new SplittableRandom(31);
        for (int round = 0; round < 400; round++) {
            int nets = 1 + random.nextInt(40);
            boolean[][] open = new boolean[nets][nets];
            double share = random.nextDouble();
            for (int a = 0; a < nets; a++) {
                for (int b = a + 1; b < nets; b++) {
                    open[a][b] = random.nextDouble() < share;
                    open[b][a] = open[a][b];
                }
            }
            List<Isolation.Cut> cuts = Isolation.cuts(nets, (a, b) -> open[a][b]);
            assertThat(cuts.size()).isLessThanOrEqualTo((int) Math.ceil(Math.log(nets) / Math.log(2)));
            for (Isolation.Cut cut : cuts) {
                assertThat(Arrays.stream(cut.red()).filter(n -> has(cut.black(), n))).isEmpty();
                assertThat(cut.red()).isNotEmpty();
                assertThat(cut.black()).isNotEmpty();
            }
            for (int a = 0; a < nets; a++) {
                for (int b = a + 1; b < nets; b++) {
                    int x = a;
                    int y = b;
                    if (open[a][b]) {
                        assertThat(cuts).as("%d and %d of %d", a, b, nets).anyMatch(c -> separates(c, x, y));
                    }
                }
            }
        }
    }

    @Test
    void kNetsThatAreAllOpenNeedTheLogarithmAndNothingOpenNeedsNone() {
        for (int nets = 2; nets <= 64; nets++) {
            assertThat(Isolation.cuts(nets, (a, b) -> a != b))
                    .hasSize((int) Math.ceil(Math.log(nets) / Math.log(2) - 1e-9));
            assertThat(Isolation.cuts(nets, (_, _) -> false)).isEmpty();
        }
    }

    @Test
    void netsWithNothingOpenStayOutOfTheGangs() {
        List<Isolation.Cut> cuts = Isolation.cuts(6, (a, b) -> a + b == 1);
        assertThat(cuts).singleElement().satisfies(c -> {
            assertThat(c.red()).hasSize(1);
            assertThat(c.black()).hasSize(1);
        });
    }
}
