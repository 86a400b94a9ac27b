package wegweiser.core.belief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.catalog.Contact;
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
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Partition;

/** What "none of these" draws. */
class OtherWiringsTest {
    private static final Job BLANK = Samples.job("dsub-9-socket", "modular-8p8c-plug", "");
    private static final TerminalIndex INDEX = Samples.index(BLANK);

    private static Evidence seen(Nets truth, int count, SplittableRandom random) {
        List<Reading> readings = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            Terminal a = INDEX.get(random.nextInt(INDEX.size()));
            Terminal b = INDEX.get(random.nextInt(INDEX.size()));
            if (!a.equals(b)) {
                readings.add(truth.joined(a, b)
                        ? Reading.beep(a.toString(), b.toString())
                        : Reading.silent(a.toString(), b.toString()));
            }
        }
        return new Evidence(INDEX, readings);
    }

    @Test
    void everySampleFitsTheEvidence() {
        SplittableRandom random = new SplittableRandom(6);
        for (int round = 0; round < 60; round++) {
            Nets truth = Nets.of(INDEX, Samples.random("dsub-9-socket", "modular-8p8c-plug", random).links());
            Evidence evidence = seen(truth, 40, random);
            for (double[] share : OtherWirings.OPEN_SHARES) {
                for (OtherWirings.Drawn cable : new OtherWirings(INDEX, share[0]).draw(evidence,
                        Belief.items(evidence), 20, random)) {
                    Partition drawn = cable.partition();
                    for (int a = 0; a < INDEX.size(); a++) {
                        for (int b = a + 1; b < INDEX.size(); b++) {
                            assertThat(evidence.isJoined(a, b) && !drawn.isJoined(a, b)).isFalse();
                            assertThat(evidence.isApart(a, b) && drawn.isJoined(a, b)).isFalse();
                        }
                    }
                }
            }
        }
    }

    @Test
    void asManyContactsAreOpenAsTheShareSays() {
        Evidence nothing = new Evidence(INDEX, List.of());
        for (double[] share : OtherWirings.OPEN_SHARES) {
            double open = 0;
            int drawn = 0;
            for (OtherWirings.Drawn cable : new OtherWirings(INDEX, share[0]).draw(nothing, List.of(), 600,
                    new SplittableRandom(2))) {
                Partition partition = cable.partition();
                for (int i = 0; i < partition.size(); i++) {
                    if (INDEX.get(i).end().equals("B")) {
                        open += partition.isAlone(i) ? 1 : 0;
                        drawn++;
                    }
                }
            }
            assertThat(open / drawn).as("share %s", share[0]).isCloseTo(share[0], within(0.2));
        }
    }

    private static boolean beeps(Partition wired, Reading reading) {
        return reading.red().stream().anyMatch(r -> reading.black().stream()
                .anyMatch(b -> wired.isJoined(INDEX.of(r), INDEX.of(b))));
    }

    @Test
    void everySampleHasAPairOfEachGangThatBeeped() {
        SplittableRandom random = new SplittableRandom(8);
        int gangs = 0;
        for (int round = 0; round < 60; round++) {
            Nets truth = Nets.of(INDEX, Samples.random("dsub-9-socket", "modular-8p8c-plug", random).links());
            List<Reading> readings = new ArrayList<>(seen(truth, 10, random).readings());
            for (int k = 0; k < 6; k++) {
                List<Terminal> red = some("A", 1 + random.nextInt(3), random);
                List<Terminal> black = some("B", 2 + random.nextInt(4), random);
                Touch touch = new Touch(red, black);
                Reading beep = Reading.of(Mode.CONTINUITY, touch, Outcome.BEEP);
                readings.add(beeps(truth.partition(), beep)
                        ? beep
                        : Reading.of(Mode.CONTINUITY, touch, Outcome.SILENT));
            }
            Evidence evidence = new Evidence(INDEX, readings);
            for (OtherWirings.Drawn cable : new OtherWirings(INDEX, 0.4).draw(evidence,
                    Belief.items(evidence),
                    20, random)) {
                for (Reading reading : readings) {
                    boolean beep = reading.outcome().equals(Outcome.BEEP);
                    gangs += beep && !reading.touch().isSingle() ? 1 : 0;
                    // one that finds no room for a pair counts next to nothing
                    assertThat(beeps(cable.partition(), reading) == beep
                            || cable.weight() <= MeterErrors.USUAL.beep())
                            .as("%s", reading).isTrue();
                }
            }
        }
        assertThat(gangs).isGreaterThan(1000);
    }

    private static List<Terminal> some(String end, int count, SplittableRandom random) {
        List<Integer> all = new ArrayList<>(numbers(end));
        return IntStream.range(0, count).mapToObj(_ -> INDEX.get(all.remove(random.nextInt(all.size()))))
                .toList();
    }

    @Test
    void gangsThatShareAContactAreAsLikelyAsWhatTheyHaveInCommon() {
        List<Integer> far = numbers("B");
        for (double[] share : OtherWirings.OPEN_SHARES) {
            double common = likelihood(share[0], item(true, List.of(0), far.subList(2, 4)));
            double both = likelihood(share[0], item(true, List.of(0), far.subList(0, 4)),
                    item(true, List.of(0), far.subList(2, 6)));
            assertThat(both).isBetween(common, 1.1 * common);
            double nothingCommon = likelihood(share[0], item(true, List.of(0), far.subList(0, 2)),
                    item(true, List.of(0), far.subList(2, 4)));
            assertThat(nothingCommon).isPositive().isLessThan(0.1 * common);
        }
    }

    private static CopperProof.Item item(boolean beep, List<Integer> red, List<Integer> black) {
        return new CopperProof.Item(1, beep ? Meaning.JOINS : Meaning.SEPARATES_FULLY,
                red.stream().mapToInt(Integer::intValue).toArray(),
                black.stream().mapToInt(Integer::intValue).toArray());
    }

    private static double likelihood(double share, CopperProof.Item... items) {
        return Math.exp(
                new OtherWirings(INDEX, share).weigh(List.of(items), new MeterErrors(1e-9, 1e-9)).log());
    }

    private static List<Integer> numbers(String end) {
        return IntStream.range(0, INDEX.size()).filter(i -> INDEX.get(i).end().equals(end))
                .filter(i -> !INDEX.get(i).contact().equals(Contact.SHELL)).boxed().toList();
    }

    @Test
    void aContactIsAsLikelyJoinedToSomeContactAsToThemOneByOne() {
        List<Integer> far = numbers("B");
        for (double[] share : OtherWirings.OPEN_SHARES) {
            double one = likelihood(share[0], item(true, List.of(0), List.of(far.getFirst())));
            for (int size = 1; size <= far.size(); size++) {
                List<Integer> some = far.subList(0, size);
                double beep = likelihood(share[0], item(true, List.of(0), some));
                double silent = likelihood(share[0], item(false, some, List.of(0)));
                assertThat(beep).as("%d contacts", size).isCloseTo(size * one, within(1e-6));
                assertThat(beep + silent).isCloseTo(1, within(1e-6));
            }
            List<Integer> near = numbers("A");
            assertThat(likelihood(share[0], item(true, List.of(far.getFirst()), near)))
                    .as("joined to anything at all").isCloseTo(1 - share[0], within(1e-6));
            assertThat(likelihood(share[0], item(true, List.of(0), far)))
                    .as("the larger end has more open ones")
                    .isCloseTo((1 - share[0]) * far.size() / near.size(), within(1e-6));
        }
    }

    @Test
    void toFindAJoinByHalvingIsAsLikelyAsToFindItAtOnce() {
        SplittableRandom random = new SplittableRandom(9);
        List<Integer> near = numbers("A");
        List<Integer> far = numbers("B");
        for (int round = 0; round < 200; round++) {
            double share = OtherWirings.OPEN_SHARES[round % 3][0];
            int a = near.get(random.nextInt(near.size()));
            int found = random.nextInt(far.size());
            List<CopperProof.Item> halvings = new ArrayList<>();
            int from = 0;
            int to = far.size();
            halvings.add(item(true, List.of(a), far));
            while (to - from > 1) {
                int middle = from + 1 + random.nextInt(to - from - 1);
                boolean lower = found < middle;
                halvings.add(item(lower, far.subList(from, middle), List.of(a)));
                from = lower ? from : middle;
                to = lower ? middle : to;
            }
            if (!halvings.getLast().isSingle() || halvings.getLast().meaning() != Meaning.JOINS) {
                halvings.add(item(true, List.of(a), List.of(far.get(found))));
            }
            double atOnce = likelihood(share, item(true, List.of(a), List.of(far.get(found))));
            assertThat(likelihood(share, halvings.toArray(CopperProof.Item[]::new)))
                    .as("contact %d of %d", found, far.size())
                    .isBetween(0.5 * atOnce, 2 * atOnce);
        }
    }

    @Test
    void theSharesAreDistributed() {
        assertThat(java.util.Arrays.stream(OtherWirings.OPEN_SHARES).mapToDouble(s -> s[1]).sum())
                .isCloseTo(1, within(1e-9));
    }
}
