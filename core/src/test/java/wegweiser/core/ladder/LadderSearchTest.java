package wegweiser.core.ladder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Values that are found are held against the plain definition of what they must tell apart. */
class LadderSearchTest {
    private static final LadderPlug.Errors ERROR = new LadderPlug.Errors(0.002, 0.008, 1.5);
    private static final List<Double> SERIES = LadderPlug.Series.E96.between(150, 1e6);

    private static boolean meet(double one, double other) {
        double[] a = ERROR.range(one);
        double[] b = ERROR.range(other);
        return a[0] <= b[1] && b[0] <= a[1];
    }

    private static double both(List<Double> values, int i, int j) {
        return 1 / (1 / values.get(i) + 1 / values.get(j));
    }

    @ParameterizedTest
    @CsvSource({"3,1", "6,2", "9,3", "14,4"})
    void pairsThatMatterAreToldFromEverythingElse(int contacts, long seed) {
        LadderPlug.Pairs neighbours = (a, b) -> b == a + 1;
        Optional<LadderSearch.Found> found = LadderSearch.best(contacts, neighbours, SERIES, ERROR, seed);
        assertThat(found).isPresent()
                .as("the same again").isEqualTo(LadderSearch.best(contacts, neighbours, SERIES, ERROR, seed));
        List<Double> values = found.get().values();
        assertThat(values).hasSize(contacts).doesNotHaveDuplicates().allMatch(SERIES::contains);
        int shared = 0;
        for (int i = 0; i < contacts; i++) {
            for (int j = 0; j < i; j++) {
                assertThat(meet(values.get(i), values.get(j))).as("%d and %d", i, j).isFalse();
                for (int k = 0; k < contacts; k++) {
                    boolean meets = meet(both(values, i, j), values.get(k));
                    assertThat(meets && i == j + 1).as("%d with %d like %d", i, j, k).isFalse();
                    shared += meets ? 1 : 0;
                    if (k + 1 < contacts && !(k == j && k + 1 == i) && i == j + 1) {
                        assertThat(meet(both(values, i, j), both(values, k, k + 1)))
                                .as("%d with %d like %d with %d", i, j, k, k + 1).isFalse();
                    }
                }
            }
        }
        assertThat(found.get().ambiguity() == 0).isEqualTo(shared == 0);
    }
}
