package wegweiser.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.DisjointSets;

/** Evidence with resistors and with several ends, against every world that fits the readings. */
class EvidencePartsTest {
    private static final int N = 4;

    /** Which terminals are copper, and between which of those classes a resistor lies. */
    private record World(int[] labels, List<int[]> parts) {
        String answer(int[] red, int[] black) {
            for (int r : red) {
                for (int b : black) {
                    if (labels[r] == labels[b]) {
                        return "copper";
                    }
                }
            }
            DisjointSets conducts = new DisjointSets(labels.length);
            for (int a = 0; a < labels.length; a++) {
                conducts.union(a, labels[a]);
            }
            parts.forEach(p -> conducts.union(p[0], p[1]));
            // the members of a gang are one piece of metal
            Arrays.stream(red).forEach(r -> conducts.union(red[0], r));
            Arrays.stream(black).forEach(b -> conducts.union(black[0], b));
            return conducts.find(red[0]) == conducts.find(black[0]) ? "part" : "open";
        }
    }

    private static List<World> worlds() {
        List<World> all = new ArrayList<>();
        int[] labels = new int[N];
        partitions(labels, 0, all);
        return all;
    }

    private static void partitions(int[] labels, int at, List<World> all) {
        if (at == N) {
            int[] roots = IntStream.range(0, N).filter(i -> labels[i] == i).toArray();
            List<int[]> pairs = new ArrayList<>();
            for (int i = 0; i < roots.length; i++) {
                for (int j = i + 1; j < roots.length; j++) {
                    pairs.add(new int[]{roots[i], roots[j]});
                }
            }
            for (int mask = 0; mask < 1 << pairs.size(); mask++) {
                int chosen = mask;
                all.add(new World(labels.clone(), IntStream.range(0, pairs.size())
                        .filter(k -> (chosen >> k & 1) == 1).mapToObj(pairs::get).toList()));
            }
            return;
        }
        for (int label = 0; label <= at; label++) {
            if (label == at || labels[label] == label) {
                labels[at] = label;
                partitions(labels, at + 1, all);
            }
        }
    }

    private static TerminalIndex index(int ends) {
        return new TerminalIndex(IntStream.range(0, N)
                .mapToObj(i -> new Terminal(String.valueOf((char) ('A' + i % ends)),
                        String.valueOf(1 + i / ends)))
                .toList());
    }

    private static int[] pick(SplittableRandom random, int[] without, int most) {
        List<Integer> pool = new ArrayList<>(IntStream.range(0, N)
                .filter(i -> Arrays.stream(without).noneMatch(w -> w == i)).boxed().toList());
        int count = 1 + random.nextInt(Math.min(most, pool.size()));
        return IntStream.range(0, count).map(_ -> pool.remove(random.nextInt(pool.size()))).toArray();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4})
    void whatIsClaimedHoldsInEveryWorldThatFits(int ends) {
        SplittableRandom random = new SplittableRandom(40 + ends);
        TerminalIndex index = index(ends);
        List<World> all = worlds();
        int claims = 0;
        int partless = 0;
        for (int round = 0; round < 1500; round++) {
            World truth = all.get(random.nextInt(all.size()));
            List<int[][]> touches = new ArrayList<>();
            List<Reading> readings = new ArrayList<>();
            for (int k = random.nextInt(8); k > 0; k--) {
                int[] red = pick(random, new int[0], round % 2 == 0 ? 1 : 2);
                int[] black = pick(random, red, round % 2 == 0 ? 1 : 2);
                touches.add(new int[][]{red, black});
                Touch touch = new Touch(Arrays.stream(red).mapToObj(index::get).toList(),
                        Arrays.stream(black).mapToObj(index::get).toList());
                readings.add(Reading.of(Mode.OHMS, touch, switch (truth.answer(red, black)) {
                    case "copper" -> new Outcome.Resistance(0.4);
                    case "part" -> new Outcome.Resistance(470);
                    default -> Outcome.OPEN;
                }));
            }
            List<World> fitting = all.stream().filter(w -> touches.stream()
                    .allMatch(t -> w.answer(t[0], t[1]).equals(truth.answer(t[0], t[1])))).toList();
            Evidence evidence = new Evidence(index, readings);
            assertThat(evidence.contradictions()).isEmpty();
            for (int a = 0; a < N; a++) {
                for (int b = a + 1; b < N; b++) {
                    int x = a;
                    int y = b;
                    PairState state = evidence.state(a, b);
                    if (state.isProved()) {
                        claims++;
                        assertThat(fitting)
                                .as("%s of %s and %s by %s", state, index.get(a), index.get(b), readings)
                                .allMatch(w -> (w.labels()[x] == w.labels()[y]) == state.isJoined());
                    }
                    boolean named = evidence.parts().stream().anyMatch(p -> lies(evidence, p, x, y));
                    if (state.isApart() && evidence.isPartKnown(a, b) && !named) {
                        partless++;
                        assertThat(fitting).as("no part at %s %s by %s", index.get(a), index.get(b), readings)
                                .allMatch(w -> w.answer(new int[]{x}, new int[]{y}).equals("open")
                                        || evidence.parts().size() > 1);
                    }
                }
            }
        }
        assertThat(claims).isGreaterThan(2000);
        assertThat(partless).isGreaterThan(300);
    }

    private static boolean lies(Evidence evidence, MeasuredPart part, int a, int b) {
        int one = evidence.index().of(part.a());
        int other = evidence.index().of(part.b());
        return evidence.isJoined(one, a) && evidence.isJoined(other, b)
                || evidence.isJoined(one, b) && evidence.isJoined(other, a);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void resistorsInARowAreFoundWithTheirValuesAndNoOthers(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        for (int round = 0; round < 300; round++) {
            int n = 3 + random.nextInt(6);
            TerminalIndex index = wegweiser.core.Samples.index(n);
            // a chain with gaps: between neighbours lies a resistor, or nothing
            double[] ohms = new double[n - 1];
            for (int k = 0; k < n - 1; k++) {
                ohms[k] = random.nextInt(3) == 0 ? Double.POSITIVE_INFINITY : 100 + random.nextInt(9000);
            }
            List<Reading> readings = new ArrayList<>();
            for (int a = 0; a < n; a++) {
                double sum = 0;
                for (int b = a + 1; b < n; b++) {
                    sum += ohms[b - 1];
                    readings.add(Reading.of(Mode.OHMS, Touch.of(index.get(a), index.get(b)),
                            Double.isInfinite(sum) ? Outcome.OPEN : new Outcome.Resistance(sum + 0.5)));
                }
            }
            List<String> expected = new ArrayList<>();
            for (int k = 0; k < n - 1; k++) {
                if (Double.isFinite(ohms[k])) {
                    expected.add(index.get(k) + " " + index.get(k + 1) + " " + Math.round(ohms[k]));
                }
            }
            assertThat(new Evidence(index, readings).parts())
                    .allSatisfy(p -> assertThat(p.kind()).isEqualTo(PartKind.RESISTOR))
                    .extracting(p -> p.a() + " " + p.b() + " " + Math.round(p.ohms()))
                    .containsExactlyInAnyOrderElementsOf(expected);
        }
    }
}
