package wegweiser.app.controls;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.model.Outcome;

/** What the meter writes, and how it sounds. */
class MeterAndBuzzerTest {
    static Stream<Arguments> readings() {
        return Stream.of(Arguments.of(new Outcome.Resistance(0.4), "0.4 Ω"),
                Arguments.of(new Outcome.Resistance(119.6), "119.6 Ω"),
                Arguments.of(new Outcome.Resistance(4700), "4.7 kΩ"),
                Arguments.of(new Outcome.Resistance(47_000), "47 kΩ"),
                Arguments.of(new Outcome.Resistance(2_200_000), "2.2 MΩ"),
                Arguments.of(new Outcome.Voltage(0.58), "0.58 V"), Arguments.of(Outcome.OPEN, "OL"),
                Arguments.of(Outcome.SILENT, "OL"), Arguments.of(Outcome.BEEP, "beep"),
                Arguments.of(Outcome.REACTS, "reacts"), Arguments.of(Outcome.NOTHING, "nothing"));
    }

    @ParameterizedTest
    @MethodSource("readings")
    void aResultIsWrittenAsAMeterWritesIt(Outcome outcome, String text) {
        assertThat(MeterDisplay.text(outcome)).isEqualTo(text);
    }

    @Test
    void theToneIsShortAndFadesInAndOutSoThatItDoesNotClick() {
        byte[] tone = Buzzer.tone();
        assertThat(tone.length).isBetween(2_000, 6_000);
        int middle = most(tone, tone.length / 3, 2 * tone.length / 3);
        assertThat(middle).isBetween(30, 100);
        assertThat(most(tone, 0, 12)).isLessThan(middle / 4);
        assertThat(most(tone, tone.length - 12, tone.length)).isLessThan(middle / 4);
        // 2.3 kHz crosses zero about 4600 times a second
        long crossings = java.util.stream.IntStream.range(1, tone.length)
                .filter(i -> tone[i - 1] < 0 != tone[i] < 0).count();
        assertThat(crossings / (tone.length / 22_050.0)).isBetween(4_400.0, 4_800.0);
    }

    private static int most(byte[] tone, int from, int to) {
        byte[] part = Arrays.copyOfRange(tone, from, to);
        int most = 0;
        for (byte b : part) {
            most = Math.max(most, Math.abs(b));
        }
        return most;
    }

    @Test
    void aMachineWithoutSoundSaysSoAndNothingElseHappens() throws InterruptedException {
        boolean speaks = javax.sound.sampled.AudioSystem.getMixerInfo().length > 0;
        CountDownLatch silent = new CountDownLatch(1);
        Buzzer.sound(silent::countDown);
        if (!speaks) {
            assertThat(silent.await(10, TimeUnit.SECONDS)).isTrue();
        }
    }
}
