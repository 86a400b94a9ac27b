package wegweiser.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.Samples;
import wegweiser.core.advice.CostModel;
import wegweiser.core.advice.Fixture;
import wegweiser.core.advice.Isolation;
import wegweiser.core.advice.Sweep;
import wegweiser.core.evidence.CopperProof;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Meaning;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Partition;

class BeliefTest {
    static Stream<Arguments> pairs() {
        return Stream.of(Arguments.of("dsub-9-socket", "dsub-9-socket"),
                Arguments.of("dsub-9-plug", "dsub-25-socket"),
                Arguments.of("box-header-10-socket", "dsub-9-plug"),
                Arguments.of("modular-8p8c-plug", "modular-8p8c-plug"),
                Arguments.of("modular-6p6c-plug", "modular-6p6c-plug"),
                Arguments.of("xlr-3-plug", "jack-6.35-trs-plug"),
                Arguments.of("row-254-4-socket", "terminal-4"));
    }

    private static List<Reading> honest(Job truth, int count, SplittableRandom random) {
        Nets nets = Nets.planned(truth);
        List<Terminal> all = nets.index().terminals();
        Stream.Builder<Reading> readings = Stream.builder();
        for (int k = 0; k < count; k++) {
            Terminal a = all.get(random.nextInt(all.size()));
            Terminal b = all.get(random.nextInt(all.size()));
            if (!a.equals(b)) {
                readings.add(Reading.of(Mode.CONTINUITY, Touch.of(a, b),
                        nets.joined(a, b) ? Outcome.BEEP : Outcome.SILENT));
            }
        }
        return readings.build().toList();
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void hypothesesDifferFromOneAnotherAndShareTheirPart(String near, String far) {
        Job job = Samples.job(near, far, "");
        List<Hypothesis> all = Hypotheses.of(job, Samples.index(job), NamedWiring.standard());
        Set<Partition> seen = new HashSet<>();
        for (Hypothesis h : all) {
            assertThat(seen.add(h.partition())).as(h.title()).isTrue();
            assertThat(h.title()).isNotBlank().doesNotContain("{");
            assertThat(h.weight()).isPositive();
        }
        assertThat(all.stream().mapToDouble(Hypothesis::weight).sum()).isBetween(0.6,
                Hypotheses.SOUND + Hypotheses.SPOILT + 1e-9);
        assertThat(all).anyMatch(h -> h.title().contains("mirrored") || h.title().contains("swapped"));
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void probabilitiesAddUpToOneWhateverWasRead(String near, String far) {
        SplittableRandom random = new SplittableRandom(6);
        for (int round = 0; round < 6; round++) {
            Job truth = Samples.random(near, far.startsWith("terminal") ? "row-254-4-socket" : far, random);
            TerminalIndex index = Samples.index(truth);
            Evidence evidence = new Evidence(index, honest(truth, 2 + 3 * round, random));
            Job bare = truth.withLinks(List.of());
            Belief belief = Belief.of(Hypotheses.of(bare, index, NamedWiring.standard()),
                    Hypotheses.sound(bare, index, NamedWiring.standard()), evidence, round);
            double sum = belief.other()
                    + belief.shares().stream().mapToDouble(Belief.Share::probability).sum();
            assertThat(sum).isCloseTo(1, within(1e-3));
            for (int a = 0; a < index.size(); a++) {
                for (int b = 0; b < index.size(); b++) {
                    if (a != b) {
                        assertThat(belief.joined(a, b)).isBetween(0.0, 1.0 + 1e-9)
                                .isEqualTo(belief.joined(b, a));
                        assertThat(belief.joined(new int[]{a}, new int[]{b})).isCloseTo(belief.joined(a, b),
                                within(1e-9));
                    }
                }
            }
            assertThat(belief.leader().probability()).isBetween(0.0, 1.0);
            assertThat(belief.entropyBits()).isNotNegative();
        }
    }

    @Test
    void drawnCablesFitTheEvidence() {
        SplittableRandom random = new SplittableRandom(17);
        for (int round = 0; round < 40; round++) {
            Job truth = Samples.random("dsub-9-socket", "dsub-9-plug", random);
            TerminalIndex index = Samples.index(truth);
            Evidence evidence = new Evidence(index, honest(truth, 30, random));
            for (double share : new double[]{0.1, 0.4, 0.75}) {
                for (OtherWirings.Drawn cable : new OtherWirings(index, share).draw(evidence,
                        Belief.items(evidence), 20, random.split())) {
                    Partition drawn = cable.partition();
                    for (int a = 0; a < index.size(); a++) {
                        for (int b = a + 1; b < index.size(); b++) {
                            if (evidence.isJoined(a, b)) {
                                assertThat(drawn.isJoined(a, b)).isTrue();
                            }
                        }
                    }
                }
            }
        }
    }

    @Test
    void cablesLikeAPatternFitTheEvidenceAndMostOfThePattern() {
        SplittableRandom random = new SplittableRandom(23);
        Job job = Samples.job("dsub-9-socket", "dsub-9-plug", "");
        TerminalIndex index = Samples.index(job);
        List<Hypothesis> sound = Hypotheses.sound(job, index, NamedWiring.standard());
        for (int round = 0; round < 30; round++) {
            Job truth = Samples.random("dsub-9-socket", "dsub-9-plug", random);
            Evidence evidence = new Evidence(index, honest(truth, 12, random));
            List<CopperProof.Item> items = Belief.items(evidence);
            for (Changed one : Changed.of(sound, index, items, MeterErrors.USUAL)) {
                for (OtherWirings.Drawn cable : one.draw(evidence, items, 10, random.split())) {
                    for (CopperProof.Item item : items) {
                        assertThat(item.isBeeping(cable.partition())).as("%s in %s", item, cable)
                                .isEqualTo(item.meaning() == Meaning.JOINS);
                    }
                }
            }
        }
        Changed straight = Changed.of(sound, index, List.of(), MeterErrors.USUAL).getFirst();
        Evidence none = new Evidence(index, List.of());
        long wires = straight.draw(none, List.of(), 200, random).stream()
                .mapToInt(c -> c.partition().size() - c.partition().count()).sum();
        assertThat(wires / 200.0).isBetween(6.0, 10.0);
    }

    private static Belief after(Job job, String readings) {
        return Belief.of(Hypotheses.of(job, Samples.index(job), NamedWiring.standard()),
                Hypotheses.sound(job, Samples.index(job), NamedWiring.standard()),
                new Evidence(Samples.index(job), Samples.readings(job, readings).readings()), 1);
    }

    @Test
    void theReadingsAgainstAHypothesisAreNamed() {
        Job job = Samples.job("dsub-9-socket", "dsub-9-plug", "");
        Belief belief = after(job,
                "A.1 B.1 beep; A.2 B.2 beep; A.2 B.3 beep; A.4 B.4 silent; A.5 B.6 silent");
        Partition straight = Partition.of(Samples.index(job).terminals().stream()
                .mapToInt(t -> Samples.index(job).of(new Terminal("A", t.contact()))).toArray());
        assertThat(belief.against(new Hypothesis("straight", Optional.empty(), straight, 1)))
                .containsExactly(3, 4);
    }

    @Test
    void oneBadReadingDoesNotEndTheRightHypothesis() {
        Job job = Samples.job("dsub-9-socket", "dsub-9-socket", "");
        Belief belief = after(job,
                "A.2 B.3 beep; A.3 B.2 beep; A.5 B.5 silent; A.7 B.8 silent; A.1 B.1 silent; A.4 B.6 silent; A.9 B.9 silent; A.7 A.8 silent");
        assertThat(belief.shares().stream().limit(4))
                .anyMatch(s -> s.hypothesis().title().startsWith("crossed, three wires"));
    }

    @Test
    void thePlanOfTheJobIsAHypothesis() {
        Job job = Samples.job("row-254-4-socket", "row-254-4-socket", "1-3 2-4 3-1");
        assertThat(Hypotheses.of(job, Samples.index(job), NamedWiring.standard()))
                .anyMatch(h -> h.title().equals("as planned in this job")
                        && h.partition().equals(Nets.planned(job).partition()));
    }

    @Test
    void isolationSetsApartExactlyWhatIsOpen() {
        SplittableRandom random = new SplittableRandom(19);
        for (int round = 0; round < 200; round++) {
            int n = 2 + random.nextInt(20);
            boolean[][] open = new boolean[n][n];
            for (int a = 0; a < n; a++) {
                for (int b = a + 1; b < n; b++) {
                    open[a][b] = random.nextInt(3) > 0;
                    open[b][a] = open[a][b];
                }
            }
            List<Isolation.Cut> cuts = Isolation.cuts(n, (a, b) -> open[a][b]);
            int most = n <= 1 ? 0 : 32 - Integer.numberOfLeadingZeros(n - 1);
            assertThat(cuts.size()).isLessThanOrEqualTo(most);
            for (int a = 0; a < n; a++) {
                for (int b = a + 1; b < n; b++) {
                    int x = a;
                    int y = b;
                    boolean apart = cuts.stream().anyMatch(c -> has(c.red(), x) && has(c.black(), y)
                            || has(c.red(), y) && has(c.black(), x));
                    if (open[a][b]) {
                        assertThat(apart).isTrue();
                    }
                }
            }
            cuts.forEach(c -> assertThat(Arrays.stream(c.red()).noneMatch(i -> has(c.black(), i))).isTrue());
        }
    }

    private static boolean has(int[] side, int wanted) {
        return Arrays.stream(side).anyMatch(i -> i == wanted);
    }

    @Test
    void theSweepIsTheOneThatPeopleMake() {
        Job straight = Samples.job("modular-6p6c-plug", "modular-6p6c-plug", "1-1 2-2 3-3 4-4 5-5 6-6");
        assertThat(Sweep.of(straight, Nets.planned(straight), CostModel.USUAL, Fixture.PROBES).touches())
                .isEqualTo(6);
        Job reversed = Samples.job("modular-6p6c-plug", "modular-6p6c-plug", "1-6 2-5 3-4 4-3 5-2 6-1");
        assertThat(Sweep.of(reversed, Nets.planned(reversed), CostModel.USUAL, Fixture.PROBES).touches())
                .isEqualTo(6 + 5 + 4 + 3 + 2 + 1);
        Job nothing = Samples.job("modular-6p6c-plug", "modular-6p6c-plug", "");
        assertThat(Sweep.of(nothing, Nets.planned(nothing), CostModel.USUAL, Fixture.PROBES).touches())
                .isEqualTo(36);
        double probes = Sweep.of(reversed, Nets.planned(reversed), CostModel.USUAL, Fixture.PROBES).seconds();
        double clip = Sweep.of(reversed, Nets.planned(reversed), CostModel.USUAL, Fixture.CLIP).seconds();
        assertThat(clip - probes).isEqualTo(6 * (CostModel.USUAL.reclip() - CostModel.USUAL.moveProbe()));
    }
}
