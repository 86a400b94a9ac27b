package wegweiser.core.make;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HandTimesTest {
    private static final Deed CUT = new Deed.Cut("A");
    private static final Deed SCREEN = new Deed.Open("A");

    private static HandTimes after(HandTimes from, Deed deed, double factor, int times) {
        HandTimes now = from;
        for (int k = 0; k < times; k++) {
            now = now.learned(deed, factor * deed.handSeconds());
        }
        return now;
    }

    @Test
    void theUsualTimesHoldUntilSomethingIsLearned() {
        assertThat(HandTimes.USUAL.seconds(CUT)).isEqualTo(CUT.handSeconds());
        assertThat(HandTimes.USUAL.learnedFrom()).isZero();
    }

    @Test
    void fewStepsChangeLittleAndManyEverything() {
        assertThat(after(HandTimes.USUAL, CUT, 3, 2).seconds(CUT)).isEqualTo(60);
        assertThat(after(HandTimes.USUAL, CUT, 2, 15).seconds(CUT)).isEqualTo(120);
    }

    @Test
    void whoIsSlowAtMuchIsTakenToBeSlowAtTheRest() {
        assertThat(after(HandTimes.USUAL, CUT, 2, 15).seconds(SCREEN)).isEqualTo(2 * SCREEN.handSeconds());
    }

    @Test
    void aPauseOrAStepTickedLaterIsNoTime() {
        assertThat(after(HandTimes.USUAL, CUT, 5.1, 30)).isEqualTo(HandTimes.USUAL);
        assertThat(after(HandTimes.USUAL, CUT, 0.19, 30)).isEqualTo(HandTimes.USUAL);
        assertThat(HandTimes.USUAL.learned(new Deed.Wait("A", 3600), 30)).isEqualTo(HandTimes.USUAL);
    }

    @Test
    void theLastTimesCount() {
        HandTimes practised = after(after(HandTimes.USUAL, CUT, 4, 40), CUT, 0.5, 20);
        assertThat(practised.seconds(CUT)).isEqualTo(30);
        assertThat(practised.learnedFrom()).isEqualTo(20);
    }

    @Test
    void whatIsKeptIsReadBack() {
        Random random = new Random(11);
        HandTimes times = HandTimes.USUAL;
        for (int k = 0; k < 500; k++) {
            Deed deed = List.of(CUT, SCREEN, new Deed.Peel("B", List.of("1")), new Deed.Close("")).get(
                    random.nextInt(4));
            times = times.learned(deed, deed.handSeconds() * (0.1 + 6 * random.nextDouble()));
            assertThat(HandTimes.of(times.text())).isEqualTo(times);
        }
        assertThat(times.learnedFrom()).isPositive();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Cut", "", ";", "Cut 1.0", "Cut x", "Cut 900", "Cut NaN", "Cut 1;Cut 2", "= "})
    void whatCannotBeReadTeachesNothing(String text) {
        assertThat(HandTimes.of(text).seconds(CUT)).isEqualTo(60);
    }
}
