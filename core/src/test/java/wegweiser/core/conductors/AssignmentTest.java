package wegweiser.core.conductors;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** Held against all arrangements there are, where they can be counted. */
class AssignmentTest {
    private static Arrangement random(SplittableRandom random, int lines, int conductors) {
        int columns = conductors + Math.max(0, lines - conductors) + random.nextInt(2);
        double[][] own = new double[lines][columns];
        boolean[] quiet = new boolean[lines];
        for (int line = 0; line < lines; line++) {
            quiet[line] = random.nextInt(3) == 0;
            for (int c = 0; c < columns; c++) {
                own[line][c] = c >= conductors
                        ? 300
                        : random.nextInt(5) == 0
                                ? 8
                                : random.nextInt(25) == 0 ? 1000 : 0.01 * Math.abs(c - line);
            }
        }
        int[] partner = new int[conductors];
        Arrays.fill(partner, -1);
        for (int c = 0; c + 1 < conductors && random.nextInt(4) > 0; c += 2) {
            partner[c] = c + 1;
            partner[c + 1] = c;
        }
        int[] mate = new int[lines];
        Arrays.fill(mate, -1);
        for (int line = 0; line + 1 < lines && random.nextInt(3) == 0; line += 2) {
            mate[line] = line + 1;
            mate[line + 1] = line;
        }
        List<int[]> neighbours = new ArrayList<>();
        for (int line = 0; line + 1 < lines; line++) {
            neighbours.add(new int[]{line, line + 1});
        }
        boolean[][] alike = new boolean[conductors][conductors];
        for (int c = 0; c + 2 < conductors; c++) {
            boolean same = random.nextInt(4) == 0;
            alike[c][c + 2] = same;
            alike[c + 2][c] = same;
        }
        return new Arrangement(own, partner, mate, quiet, neighbours, alike);
    }

    private static double least(Arrangement arrangement, int[] at, int line) {
        if (line == at.length) {
            return arrangement.cost(at);
        }
        double least = Double.MAX_VALUE;
        for (int c = 0; c < arrangement.columns(); c++) {
            int column = c;
            if (Arrays.stream(at, 0, line).noneMatch(a -> a == column)) {
                at[line] = c;
                least = Math.min(least, least(arrangement, at, line + 1));
            }
        }
        return least;
    }

    @Test
    void isNearlyAlwaysTheCheapestAndNeverBreaksWhatMustNotBe() {
        SplittableRandom random = new SplittableRandom(20261128);
        int rounds = 600;
        int worse = 0;
        for (int round = 0; round < rounds; round++) {
            int lines = 1 + random.nextInt(5);
            Arrangement arrangement = random(random, lines, 2 + random.nextInt(5));
            int[] at = Assignment.of(arrangement);
            assertThat(at).doesNotHaveDuplicates();
            double cost = arrangement.cost(at);
            double least = least(arrangement, new int[lines], 0);
            assertThat(cost).isGreaterThanOrEqualTo(least - 1e-9);
            // what must not be, and pairs that could be kept, are never given up for habits
            assertThat(Math.round(cost / Arrangement.SPLIT)).as("round %d: %s over %s", round, cost, least)
                    .isEqualTo(Math.round(least / Arrangement.SPLIT));
            worse += cost > least + 0.05 ? 1 : 0;
            assertThat(Assignment.of(arrangement)).isEqualTo(at);
        }
        assertThat(worse).isLessThan(rounds / 50);
    }
}
