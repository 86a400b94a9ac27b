package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import wegweiser.core.Samples;
import wegweiser.core.belief.Belief;
import wegweiser.core.belief.Hypothesis;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Partition;

/** The one pair behind a gang that beeped is found by halving. */
class LocatorTest {
    private static final Job BLANK = Samples.job("dsub-25-socket", "dsub-25-plug", "");
    private static final TerminalIndex INDEX = Samples.index(BLANK);
    private static final List<Hypothesis> NO_HYPOTHESES = List
            .of(new Hypothesis("nothing joined", Optional.empty(),
                    Partition.of(java.util.stream.IntStream.range(0, INDEX.size()).toArray()), 1));

    private static List<Terminal> some(SplittableRandom random, String end, int count) {
        List<Terminal> pool = new ArrayList<>(
                INDEX.terminals().stream().filter(t -> t.end().equals(end)).toList());
        List<Terminal> chosen = new ArrayList<>();
        for (int k = 0; k < count; k++) {
            chosen.add(pool.remove(random.nextInt(pool.size())));
        }
        return chosen;
    }

    @Test
    void halvingTakesTheLogarithmOfThePairs() {
        SplittableRandom random = new SplittableRandom(17);
        for (int round = 0; round < 60; round++) {
            List<Terminal> red = some(random, "A", 2 + random.nextInt(12));
            List<Terminal> black = some(random, "B", 2 + random.nextInt(12));
            Terminal a = red.get(random.nextInt(red.size()));
            Terminal b = black.get(random.nextInt(black.size()));
            Nets truth = Nets.of(INDEX, List.of(wegweiser.core.model.Link.of(a, b)));
            List<Reading> readings = new ArrayList<>();
            readings.add(Reading.of(Mode.OHMS, new Touch(red, black), new Outcome.Resistance(0.4)));
            int most = (int) Math.ceil(Math.log(red.size()) / Math.log(2))
                    + (int) Math.ceil(Math.log(black.size()) / Math.log(2));
            Evidence evidence = new Evidence(INDEX, readings);
            int touches = 0;
            while (!evidence.isJoined(INDEX.of(a), INDEX.of(b))) {
                Belief belief = Belief.of(NO_HYPOTHESES, List.of(), evidence, round);
                Locator.Found next = Locator.next(evidence, belief, new Repeats(evidence)).orElseThrow();
                assertThat(red).as("asks within the gang").containsAll(next.touch().red());
                assertThat(black).containsAll(next.touch().black());
                assertThat(next.why()).contains("halves the");
                readings.add(Reading.of(next.mode(), next.touch(),
                        AdvisorTest.copper(truth).answer(next.touch(), next.mode())));
                evidence = new Evidence(INDEX, readings);
                assertThat(++touches).as("%d x %d", red.size(), black.size()).isLessThanOrEqualTo(most);
            }
            Evidence done = evidence;
            assertThat(
                    Locator.next(done, Belief.of(NO_HYPOTHESES, List.of(), done, round), new Repeats(done)))
                    .isEmpty();
        }
    }

    @Test
    void withoutAGangThereIsNothingToLocate() {
        Evidence evidence = new Evidence(INDEX,
                List.of(Reading.beep("A.1", "B.1"), Reading.silent("A.2", "B.1")));
        assertThat(Locator.next(evidence, Belief.of(NO_HYPOTHESES, List.of(), evidence, 1),
                new Repeats(evidence)))
                .isEmpty();
    }

    @Test
    void aTouchThatWasMadeThreeTimesIsEnoughWhicheverProbeIsWhere() {
        Evidence twice = new Evidence(INDEX,
                List.of(Reading.beep("A.1", "B.1"), Reading.silent("B.1", "A.1")));
        Evidence thrice = new Evidence(INDEX,
                List.of(Reading.beep("A.1", "B.1"), Reading.silent("B.1", "A.1"),
                        Reading.beep("A.1", "B.1")));
        int a = INDEX.of(Terminal.parse("A.1"));
        int b = INDEX.of(Terminal.parse("B.1"));
        assertThat(new Repeats(twice).isEnough(a, b)).isFalse();
        assertThat(new Repeats(thrice).isEnough(a, b)).isTrue();
        assertThat(new Repeats(thrice).isEnough(b, a)).isTrue();
        assertThat(new Repeats(thrice).isEnough(a, b + 1)).isFalse();
    }
}
