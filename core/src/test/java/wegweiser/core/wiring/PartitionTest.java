package wegweiser.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class PartitionTest {
    private static int[] labels(SplittableRandom random, int n) {
        return IntStream.range(0, n).map(_ -> random.nextInt(n + 3)).toArray();
    }

    @Test
    void joinsWhatHasTheSameLabelAndNamesItByItsSmallestMember() {
        SplittableRandom random = new SplittableRandom(1);
        for (int round = 0; round < 500; round++) {
            int n = random.nextInt(12);
            int[] labels = labels(random, n);
            Partition p = Partition.of(labels);
            for (int a = 0; a < n; a++) {
                int same = labels[a];
                int[] members = IntStream.range(0, n).filter(i -> labels[i] == same).toArray();
                assertThat(p.root(a)).isEqualTo(members[0]);
                assertThat(p.members(members[0])).isEqualTo(members.length);
                assertThat(p.isAlone(a)).isEqualTo(members.length == 1);
                for (int b = 0; b < n; b++) {
                    assertThat(p.isJoined(a, b)).isEqualTo(labels[a] == labels[b]);
                }
            }
            assertThat(p.count()).isEqualTo((int) Arrays.stream(labels).distinct().count())
                    .isEqualTo(p.roots().length);
        }
    }

    @Test
    void asksForGangsAsForEachPairOfThem() {
        SplittableRandom random = new SplittableRandom(4);
        int joined = 0;
        for (int round = 0; round < 500; round++) {
            int n = 2 + random.nextInt(150);
            Partition p = Partition.of(labels(random, n));
            PairMatrix marks = new PairMatrix(n);
            int[] some = random.ints(1 + random.nextInt(20), 0, n).distinct().toArray();
            int[] others = random.ints(1 + random.nextInt(20), 0, n).distinct().toArray();
            long pairs = 0;
            for (int a : some) {
                for (int b : others) {
                    pairs += p.isJoined(a, b) ? 1 : 0;
                    if (p.isJoined(a, b)) {
                        marks.mark(a, b);
                    }
                }
            }
            assertThat(p.isAnyJoined(some, others)).isEqualTo(pairs > 0);
            assertThat(marks.count(some, others)).isEqualTo((int) pairs);
            joined += pairs > 0 ? 1 : 0;
        }
        assertThat(joined).isBetween(50, 450);
    }

    @Test
    void isEqualWhateverTheLabelsWereCalled() {
        SplittableRandom random = new SplittableRandom(2);
        int equal = 0;
        for (int round = 0; round < 2000; round++) {
            int n = 1 + random.nextInt(4);
            Partition one = Partition.of(labels(random, n));
            Partition other = Partition.of(labels(random, n));
            boolean same = IntStream.range(0, n).allMatch(a -> IntStream.range(0, n)
                    .allMatch(b -> one.isJoined(a, b) == other.isJoined(a, b)));
            assertThat(one.equals(other)).isEqualTo(same);
            assertThat(one.hashCode() == other.hashCode() || !same).isTrue();
            equal += same ? 1 : 0;
        }
        assertThat(equal).isBetween(100, 1900);
    }

    @Test
    void whatOneOrTheOtherJoinsIsJoinedAndNoMore() {
        SplittableRandom random = new SplittableRandom(3);
        for (int round = 0; round < 500; round++) {
            int n = 2 + random.nextInt(8);
            Partition one = Partition.of(labels(random, n));
            Partition other = Partition.of(labels(random, n));
            DisjointSets sets = new DisjointSets(n);
            for (int a = 0; a < n; a++) {
                for (int b = 0; b < n; b++) {
                    if (one.isJoined(a, b) || other.isJoined(a, b)) {
                        sets.union(a, b);
                    }
                }
            }
            assertThat(one.and(other)).isEqualTo(sets.partition()).isEqualTo(other.and(one));
            int a = random.nextInt(n);
            int b = random.nextInt(n);
            DisjointSets two = new DisjointSets(n);
            two.union(a, b);
            assertThat(one.joining(a, b)).isEqualTo(one.and(two.partition()));
            Partition without = one.without(a);
            assertThat(without.isAlone(a)).isTrue();
            assertThat(without.joining(a, one.root(a) == a && !one.isAlone(a)
                    ? IntStream.range(a + 1, n).filter(i -> one.isJoined(i, a)).findFirst().orElseThrow()
                    : one.root(a))).isEqualTo(one);
        }
    }

    @Test
    void aMatrixKeepsWhatWasMarkedAndWhatWasCopied() {
        SplittableRandom random = new SplittableRandom(4);
        for (int round = 0; round < 200; round++) {
            int n = 2 + random.nextInt(70);
            PairMatrix matrix = new PairMatrix(n);
            boolean[][] plain = new boolean[n][n];
            for (int k = 0; k < 60; k++) {
                int a = random.nextInt(n);
                int b = random.nextInt(n);
                switch (random.nextInt(3)) {
                    case 0 -> {
                        matrix.mark(a, b);
                        plain[a][b] = true;
                    }
                    case 1 -> {
                        matrix.markBoth(a, b);
                        plain[a][b] = true;
                        plain[b][a] = true;
                    }
                    default -> {
                        matrix.copy(a, b);
                        for (int i = 0; i < n; i++) {
                            plain[i][b] |= plain[i][a];
                            plain[b][i] |= plain[a][i];
                        }
                    }
                }
            }
            for (int a = 0; a < n; a++) {
                for (int b = 0; b < n; b++) {
                    assertThat(matrix.has(a, b)).isEqualTo(plain[a][b]);
                }
            }
        }
    }
}
