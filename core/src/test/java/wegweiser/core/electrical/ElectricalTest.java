package wegweiser.core.electrical;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.catalog.Cables;
import wegweiser.core.model.CableStock;

class ElectricalTest {
    /** Diameters and areas as the standard's table prints them. */
    @ParameterizedTest
    @CsvSource({"18, 1.024, 0.823", "20, 0.812, 0.518", "22, 0.644, 0.326", "24, 0.511, 0.205",
            "26, 0.405, 0.129",
            "28, 0.321, 0.0810", "30, 0.255, 0.0509", "36, 0.127, 0.0127"})
    void gaugesAreThoseOfTheTable(int awg, double diameterMm, double squareMm) {
        assertThat(Copper.diameterMm(awg)).isCloseTo(diameterMm, within(0.001));
        assertThat(Copper.squareMm(awg)).isCloseTo(squareMm, within(0.001));
    }

    @Test
    void threeGaugesMoreAreHalfTheCopper() {
        for (int awg = 10; awg <= 33; awg++) {
            assertThat(Copper.squareMm(awg) / Copper.squareMm(awg + 3)).isBetween(1.99, 2.01);
            assertThat(Copper.ohmsPerMetre(awg + 3, false)).isCloseTo(2 * Copper.ohmsPerMetre(awg, false),
                    within(0.01 * Copper.ohmsPerMetre(awg + 3, false)));
            assertThat(Copper.ohmsPerMetre(awg, true)).isGreaterThan(Copper.ohmsPerMetre(awg, false));
        }
    }

    @Test
    void theDropGrowsWithCurrentAndLengthAndHasTheContactsInIt() {
        assertThat(Copper.dropVolts(0, 24, true, 5000)).isZero();
        assertThat(Copper.dropVolts(1, 24, true, 0)).isCloseTo(0.06, within(1e-9));
        double one = Copper.dropVolts(1, 24, true, 2000);
        assertThat(Copper.dropVolts(2, 24, true, 2000)).isCloseTo(2 * one, within(1e-9));
        assertThat(Copper.dropVolts(1, 24, true, 4000) - 0.06).isCloseTo(2 * (one - 0.06), within(1e-9));
        assertThat(Copper.dropVolts(1, 20, true, 2000)).isLessThan(one);
    }

    @Test
    void everyCableCarriesASerialLineAsFarAsItsCapacitanceLets() {
        for (CableStock cable : Cables.all()) {
            if (cable.pfPerMetre() <= 0) {
                continue;
            }
            double most = SerialLine.longestMetres(cable);
            assertThat(SerialLine.picofarads(cable, most * 1000)).as(cable.id())
                    .isCloseTo(SerialLine.MOST_PICOFARADS, within(1e-6));
            assertThat(SerialLine.picofarads(cable, most * 1000 + 1000))
                    .isGreaterThan(SerialLine.MOST_PICOFARADS);
        }
    }
}
