package wegweiser.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

/** Evidence against the plain definition: every partition of up to six terminals that fits the readings. */
class EvidenceBruteForceTest {
    private static List<int[]> partitions(int n) {
        List<int[]> found = new ArrayList<>();
        extend(new int[n], 0, 0, found);
        return found;
    }

    private static void extend(int[] labels, int at, int used, List<int[]> found) {
        if (at == labels.length) {
            found.add(labels.clone());
            return;
        }
        for (int label = 0; label <= used; label++) {
            labels[at] = label;
            extend(labels, at + 1, Math.max(used, label + 1), found);
        }
    }

    private static boolean fits(int[] labels, Reading reading, TerminalIndex index) {
        boolean joins = false;
        for (Terminal r : reading.red()) {
            for (Terminal b : reading.black()) {
                joins |= labels[index.of(r)] == labels[index.of(b)];
            }
        }
        return joins == (reading.outcome() instanceof Outcome.Beep);
    }

    private static List<int[]> fitting(int n, List<Reading> readings, TerminalIndex index) {
        return partitions(n).stream().filter(p -> readings.stream().allMatch(r -> fits(p, r, index)))
                .toList();
    }

    private static Reading answer(Touch touch, int[] truth, TerminalIndex index) {
        Reading beep = Reading.of(Mode.CONTINUITY, touch, Outcome.BEEP);
        return fits(truth, beep, index) ? beep : Reading.of(Mode.CONTINUITY, touch, Outcome.SILENT);
    }

    private static List<Terminal> pick(SplittableRandom random, TerminalIndex index, List<Terminal> without,
            int most) {
        List<Terminal> pool = new ArrayList<>(index.terminals());
        pool.removeAll(without);
        List<Terminal> chosen = new ArrayList<>();
        int count = 1 + random.nextInt(Math.min(most, pool.size()));
        for (int k = 0; k < count; k++) {
            chosen.add(pool.remove(random.nextInt(pool.size())));
        }
        return chosen;
    }

    @Test
    void everyClaimHoldsInEveryPartitionThatFitsAndSingleTouchesMissNone() {
        SplittableRandom random = new SplittableRandom(11);
        int claims = 0;
        for (int round = 0; round < 6000; round++) {
            int n = 2 + random.nextInt(5);
            TerminalIndex index = Samples.index(n);
            List<int[]> all = partitions(n);
            int[] truth = all.get(random.nextInt(all.size()));
            boolean single = round % 2 == 0;
            List<Reading> readings = new ArrayList<>();
            int touches = random.nextInt(9);
            for (int k = 0; k < touches; k++) {
                List<Terminal> red = pick(random, index, List.of(), single ? 1 : n / 2 + 1);
                if (red.size() == n) {
                    continue;
                }
                readings.add(answer(new Touch(red, pick(random, index, red, single ? 1 : 3)), truth, index));
            }
            Evidence evidence = new Evidence(index, readings);
            List<int[]> fitting = fitting(n, readings, index);
            assertThat(evidence.contradictions()).isEmpty();
            for (int a = 0; a < n; a++) {
                for (int b = a + 1; b < n; b++) {
                    PairState state = evidence.state(a, b);
                    int x = a;
                    int y = b;
                    boolean always = fitting.stream().allMatch(p -> p[x] == p[y]);
                    boolean never = fitting.stream().noneMatch(p -> p[x] == p[y]);
                    if (state.isJoined()) {
                        assertThat(always).as("joined %d %d by %s", a, b, readings).isTrue();
                    }
                    if (state.isApart()) {
                        assertThat(never).as("apart %d %d by %s", a, b, readings).isTrue();
                    }
                    if (single && (always || never)) {
                        assertThat(state.isProved()).as("%d %d is forced by %s", a, b, readings).isTrue();
                    }
                    claims += state.isProved() ? 1 : 0;
                }
            }
        }
        assertThat(claims).isGreaterThan(5000);
    }

    @Test
    void theReadingsNamedBehindAClaimAreEnoughForIt() {
        SplittableRandom random = new SplittableRandom(5);
        for (int round = 0; round < 1500; round++) {
            int n = 3 + random.nextInt(4);
            TerminalIndex index = Samples.index(n);
            int[] truth = partitions(n).get(random.nextInt(partitions(n).size()));
            List<Reading> readings = new ArrayList<>();
            for (int k = 0; k < 7; k++) {
                List<Terminal> red = pick(random, index, List.of(), 2);
                readings.add(answer(new Touch(red, pick(random, index, red, 2)), truth, index));
            }
            for (Claim claim : new Evidence(index, readings).claims()) {
                List<Reading> named = claim.because().stream().map(i -> readings.get(i - 1)).toList();
                List<int[]> fitting = fitting(n, named, index);
                int a = index.of(claim.a());
                int b = index.of(claim.b());
                assertThat(fitting).as("%s from %s", claim, named)
                        .allMatch(p -> (p[a] == p[b]) == claim.state().isJoined());
            }
        }
    }

    @Test
    void aConflictingSetReallyConflictsAndNoneOfItIsSpare() {
        SplittableRandom random = new SplittableRandom(23);
        int conflicts = 0;
        for (int round = 0; round < 2500; round++) {
            int n = 3 + random.nextInt(4);
            TerminalIndex index = Samples.index(n);
            List<Reading> readings = new ArrayList<>();
            for (int k = 0; k < 8; k++) {
                List<Terminal> red = pick(random, index, List.of(), 1);
                Touch touch = new Touch(red, pick(random, index, red, 1));
                boolean again = readings.stream().anyMatch(
                        r -> List.of(r.red(), r.black()).containsAll(List.of(touch.red(), touch.black())));
                if (!again) {
                    readings.add(Reading.of(Mode.CONTINUITY, touch,
                            random.nextBoolean() ? Outcome.BEEP : Outcome.SILENT));
                }
            }
            List<Contradiction> found = new Evidence(index, readings).contradictions();
            assertThat(found.isEmpty()).as("%s", readings).isEqualTo(!fitting(n, readings, index).isEmpty());
            for (Contradiction c : found) {
                conflicts++;
                List<Reading> set = c.readings().stream().map(i -> readings.get(i - 1)).toList();
                assertThat(fitting(n, set, index)).as("%s", set).isEmpty();
                for (int k = 0; k < set.size(); k++) {
                    List<Reading> less = new ArrayList<>(set);
                    less.remove(k);
                    assertThat(fitting(n, less, index)).as("%s without one", set).isNotEmpty();
                }
            }
        }
        assertThat(conflicts).isGreaterThan(200);
    }

    @Test
    void thereAreAsManyPartitionsAsBellCounted() {
        assertThat(Arrays.asList(1, 2, 5, 15, 52, 203))
                .isEqualTo(List.of(1, 2, 3, 4, 5, 6).stream().map(n -> partitions(n).size()).toList());
    }
}
