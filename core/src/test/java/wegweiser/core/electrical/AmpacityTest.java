package wegweiser.core.electrical;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AmpacityTest {
    @Test
    void thickerCarriesMoreAndMoreLoadedCoresCarryLess() {
        for (int awg = 8; awg <= 30; awg++) {
            for (int loaded = 1; loaded <= 60; loaded++) {
                assertThat(Ampacity.hot(awg, loaded)).isGreaterThanOrEqualTo(Ampacity.usual(awg, loaded));
                assertThat(Ampacity.usual(awg, loaded)).isGreaterThan(Ampacity.usual(awg + 1, loaded));
                assertThat(Ampacity.usual(awg, loaded))
                        .isGreaterThanOrEqualTo(Ampacity.usual(awg, loaded + 1));
                assertThat(Ampacity.hot(awg, loaded)).isGreaterThanOrEqualTo(Ampacity.hot(awg, loaded + 1));
            }
        }
    }

    /** What such cables are sold for, from their standards, by the nearest gauge. */
    @ParameterizedTest
    @CsvSource({"22, 2, 4", "24, 2, 3", "20, 3, 5", "17, 2, 10"})
    void aCoreCarriesWhatItsCableIsSoldFor(int awg, int loaded, double amps) {
        assertThat(Ampacity.usual(awg, loaded)).isCloseTo(amps, within(0.1 * amps));
    }

    @Test
    void fourLoadedCoresCarryFourFifthsOfTwo() {
        assertThat(Ampacity.usual(20, 4)).isCloseTo(0.8 * Ampacity.usual(20, 2), within(1e-9));
        assertThat(Ampacity.hot(20, 10)).isCloseTo(0.5 * Ampacity.hot(20, 3), within(1e-9));
    }

    @Test
    void tenAmpsAreTooMuchForHalfASquareMillimetreInASheath() {
        assertThat(Ampacity.hot(20, 2)).isLessThan(10);
        assertThat(Ampacity.freeAir(20)).isGreaterThan(10);
    }
}
