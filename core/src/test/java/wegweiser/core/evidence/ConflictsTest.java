package wegweiser.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.Samples;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/** Readings that cannot all be true: whoever is accused is needed for it, and nobody who is in one goes unnamed. */
class ConflictsTest {
    private static final int N = 5;
    private static final TerminalIndex INDEX = Samples.index(N);

    private static int[] pick(SplittableRandom random, List<Integer> pool, int most) {
        return IntStream.range(0, 1 + random.nextInt(most)).map(_ -> pool.remove(random.nextInt(pool.size())))
                .toArray();
    }

    private static List<Reading> readings(SplittableRandom random, int most) {
        List<Reading> readings = new ArrayList<>();
        for (int k = 3 + random.nextInt(6); k > 0; k--) {
            List<Integer> pool = new ArrayList<>(IntStream.range(0, N).boxed().toList());
            Touch touch = INDEX.touch(pick(random, pool, most), pick(random, pool, most));
            // the same touch with both results is an intermittent contact, and another matter
            if (readings.stream().noneMatch(r -> same(r.touch(), touch))) {
                readings.add(Reading.of(Mode.CONTINUITY, touch,
                        random.nextInt(5) < 3 ? Outcome.BEEP : Outcome.SILENT));
            }
        }
        return readings;
    }

    private static boolean same(Touch a, Touch b) {
        Set<Set<Terminal>> one = Set.of(Set.copyOf(a.red()), Set.copyOf(a.black()));
        return one.equals(Set.of(Set.copyOf(b.red()), Set.copyOf(b.black())));
    }

    private static List<Reading> some(List<Reading> all, List<Integer> numbers) {
        return numbers.stream().map(n -> all.get(n - 1)).toList();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void eachIsOneAndNeedsAllItsReadings(int most) {
        SplittableRandom random = new SplittableRandom(3 + most);
        int conflicts = 0;
        for (int round = 0; round < 2000; round++) {
            List<Reading> readings = readings(random, most);
            Evidence evidence = new Evidence(INDEX, readings);
            for (Contradiction c : evidence.contradictions()) {
                conflicts++;
                assertThat(new Evidence(INDEX, some(readings, c.readings())).contradictions()).hasSize(1);
                for (int number : c.readings()) {
                    List<Integer> others = new ArrayList<>(c.readings());
                    others.remove(Integer.valueOf(number));
                    assertThat(new Evidence(INDEX, some(readings, others)).contradictions())
                            .as("%s without %d of %s", c, number, readings).isEmpty();
                }
            }
        }
        assertThat(conflicts).isGreaterThan(500);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void noClaimRestsOnAReadingThatIsInAConflict(int most) {
        SplittableRandom random = new SplittableRandom(30 + most);
        int claims = 0;
        for (int round = 0; round < 1500; round++) {
            List<Reading> readings = readings(random, most);
            Evidence evidence = new Evidence(INDEX, readings);
            List<List<Integer>> all = contradictory(readings);
            for (Claim claim : evidence.claims()) {
                claims++;
                assertThat(all).as("%s by %s", claim, readings)
                        .noneMatch(conflict -> claim.because().stream().anyMatch(conflict::contains));
            }
        }
        assertThat(claims).isGreaterThan(1000);
    }

    /** Every smallest set of readings that contradicts itself, found by trying all sets. */
    private static List<List<Integer>> contradictory(List<Reading> readings) {
        List<List<Integer>> found = new ArrayList<>();
        int sets = 1 << readings.size();
        for (int size = 1; size <= readings.size(); size++) {
            for (int mask = 1; mask < sets; mask++) {
                if (Integer.bitCount(mask) != size) {
                    continue;
                }
                int chosen = mask;
                List<Integer> numbers = IntStream.rangeClosed(1, readings.size())
                        .filter(n -> (chosen >> n - 1 & 1) == 1).boxed().toList();
                if (found.stream().noneMatch(numbers::containsAll)
                        && !new Evidence(INDEX, some(readings, numbers)).contradictions().isEmpty()) {
                    found.add(numbers);
                }
            }
        }
        return found;
    }
}
