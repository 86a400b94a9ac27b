package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** Walks that make sure of a leader, against the shortest ones found by trying all orders. */
class WalkTest {
    private static final double ALLOWED = 0.02;

    /** A case small enough to try everything; the first hypothesis leads. */
    private record Case(double[] weights, List<Foresight.Move> moves, double[][] price) {
        static Case random(SplittableRandom random) {
            int hypotheses = 2 + random.nextInt(7);
            double[] weights = new double[hypotheses];
            for (int h = 1; h < hypotheses; h++) {
                weights[h] = random.nextDouble() / 20;
            }
            weights[0] = 1 - Arrays.stream(weights).sum();
            int count = 1 + random.nextInt(5);
            List<Foresight.Move> moves = new ArrayList<>();
            double[][] price = new double[count + 1][count];
            for (int m = 0; m < count; m++) {
                boolean[] beeps = new boolean[hypotheses];
                double p = 0;
                for (int h = 0; h < hypotheses; h++) {
                    beeps[h] = random.nextBoolean();
                    p += beeps[h] ? weights[h] : 0;
                }
                moves.add(new Foresight.Move(new int[][]{{m}, {m}}, beeps, p));
                for (double[] from : price) {
                    from[m] = 1 + random.nextInt(4);
                }
            }
            return new Case(weights, moves, price);
        }

        double seconds(Foresight.Move from, Foresight.Move to) {
            return price[from == null ? moves.size() : moves.indexOf(from)][moves.indexOf(to)];
        }

        Optional<Walk> walk(double share) {
            return Walk.of(moves, weights, share, ALLOWED, this::seconds);
        }

        private double against(int made) {
            double against = 0;
            for (int h = 1; h < weights.length; h++) {
                boolean ruledOut = false;
                boolean same = true;
                for (int m = 0; m < moves.size(); m++) {
                    boolean differs = moves.get(m).beeps()[h] != moves.get(m).beeps()[0];
                    ruledOut |= differs && (made >> m & 1) == 1;
                    same &= !differs;
                }
                against += ruledOut || same ? 0 : weights[h];
            }
            return against;
        }

        /** The shortest walk from a move on, every order tried; what no move rules out is left out of account. */
        double shortest(int at, int made) {
            int all = made | 1 << at;
            if (against(all) <= ALLOWED) {
                return 0;
            }
            double best = Double.MAX_VALUE;
            for (int m = 0; m < moves.size(); m++) {
                if ((all >> m & 1) == 0) {
                    best = Math.min(best, price[at][m] + shortest(m, all));
                }
            }
            return best;
        }
    }

    @Test
    void noWalkIsShorterThanTheShortestAndMostAreNotMuchLonger() {
        SplittableRandom random = new SplittableRandom(31);
        double walked = 0;
        double needed = 0;
        for (int round = 0; round < 600; round++) {
            Case some = Case.random(random);
            Walk walk = some.walk(0.5).orElseThrow();
            for (int m = 0; m < some.moves().size(); m++) {
                double shortest = some.price()[some.moves().size()][m] + some.shortest(m, 0);
                double seconds = walk.seconds(some.moves().get(m), Double.MAX_VALUE);
                assertThat(seconds).as("round %d", round).isGreaterThanOrEqualTo(shortest - 1e-9);
                walked += seconds;
                needed += shortest;
                // what is longer than wanted is told to be so, and what is not is told exactly
                double most = 1 + random.nextInt(12);
                double bounded = walk.seconds(some.moves().get(m), most);
                assertThat(bounded > most).isEqualTo(seconds > most);
                if (seconds <= most) {
                    assertThat(bounded).isEqualTo(seconds);
                }
            }
        }
        assertThat(walked / needed).isBetween(1.0, 1.1);
    }

    @Test
    void thereIsNoWalkWhereNothingLeads() {
        SplittableRandom random = new SplittableRandom(32);
        for (int round = 0; round < 200; round++) {
            Case some = Case.random(random);
            assertThat(some.walk(1.01)).isEmpty();
            assertThat(some.walk(some.weights()[0])).isPresent();
        }
    }

    @Test
    void whatCannotBeToldApartLeadsTogether() {
        boolean[] alike = {true, true, false};
        List<Foresight.Move> moves = List.of(new Foresight.Move(new int[][]{{0}, {1}}, alike, 0.8));
        double[] weights = {0.4, 0.4, 0.2};
        assertThat(Walk.of(moves, weights, 0.7, ALLOWED, (_, _) -> 3).orElseThrow()
                .seconds(moves.getFirst(), 100)).isEqualTo(3);
        assertThat(Walk.of(moves, weights, 0.9, ALLOWED, (_, _) -> 3)).isEmpty();
    }

    @Test
    void neighboursInARowAreWalkedLikeStairs() {
        // four joins and the three shorts between them: each step moves one probe, where the steps touch
        List<int[]> touches = List.of(new int[]{1, 1}, new int[]{1, 2}, new int[]{2, 2}, new int[]{2, 3},
                new int[]{3, 3}, new int[]{3, 4}, new int[]{4, 4});
        double[] weights = new double[8];
        Arrays.fill(weights, 0.05);
        weights[0] = 0.65;
        List<Foresight.Move> moves = new ArrayList<>();
        for (int m = 0; m < 7; m++) {
            boolean[] beeps = new boolean[8];
            for (int h = 0; h < 8; h++) {
                beeps[h] = m % 2 == 0 ^ h == m + 1;
            }
            int[] touch = touches.get(m);
            moves.add(new Foresight.Move(new int[][]{{touch[0]}, {touch[1]}}, beeps, 0.5));
        }
        Foresight.Price price = (from, to) -> from == null
                ? 4
                : (from.touch()[0][0] == to.touch()[0][0] ? 0 : 2)
                        + (from.touch()[1][0] == to.touch()[1][0] ? 0 : 2);
        Walk walk = Walk.of(moves, weights, 0.5, ALLOWED, price).orElseThrow();
        assertThat(walk.seconds(moves.getFirst(), 100)).isEqualTo(4 + 6 * 2);
        assertThat(walk.seconds(moves.getLast(), 100)).isEqualTo(4 + 6 * 2);
        assertThat(walk.seconds(moves.get(3), 100)).isGreaterThan(4 + 6 * 2);
    }
}
