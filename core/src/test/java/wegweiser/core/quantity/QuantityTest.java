package wegweiser.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.words.Words;

class QuantityTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"0.4|0.4", "0,4|0.4", "119,6|119.6", "4k7|4700", "4R7|4.7",
            "2M2|2200000", "4.7k|4700",
            "4,7 k|4700", "10 kohm|10000", "1M|1000000", "2.2 M\u03A9|2200000", "33 ohm|33", "120R|120",
            "5 m\u2126|0.005",
            "0,580|0.58", "1234.5|1234.5", "1.234|1.234", "-9,1|-9.1", "\u22129.1|-9.1", "+3|3"})
    void readsOhms(String text, double ohms) {
        assertThat(Quantity.parse(text, Quantity.Unit.OHM)).isEqualTo(ohms, within(1e-9 * Math.abs(ohms)));
    }

    @ParameterizedTest
    @CsvSource({"580mV,0.58", "0.61 V,0.61", "5v,5", "12 volts,12", "-9.1,-9.1", "250 uV,0.00025"})
    void readsVolts(String text, double volts) {
        assertThat(Quantity.parse(text, Quantity.Unit.VOLT)).isEqualTo(volts, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"1.8,1.8", "1.8 m,1.8", "180 cm,1.8", "1800 mm,1.8"})
    void readsMetres(String text, double metres) {
        assertThat(Quantity.parse(text, Quantity.Unit.METRE)).isEqualTo(metres, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1,234", "12,500", "1,234.5", "1.234,5", "1m", "5 6", "0x1p3", "5d", "5f", "NaN",
            "Infinity", "1e3", "", "k",
            "4k7k", "3 V", "4 kg", "1..2", "--3", "1234567890123456"})
    void refusesWhatIsNoneOrMayMeanTwoThings(String text) {
        assertThatThrownBy(() -> Quantity.parse(text, Quantity.Unit.OHM))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageEndingWith(".").hasMessageContaining(text.strip());
    }

    @Test
    void whatIsShownIsReadBackInBothDecimalConventions() {
        SplittableRandom random = new SplittableRandom(5);
        for (int k = 0; k < 5000; k++) {
            double value = Math.pow(10, -1 + 8 * random.nextDouble());
            String shown = Words.ohms(value);
            for (String text : new String[]{shown, shown.replace('.', ',')}) {
                double read = Quantity.parse(text, Quantity.Unit.OHM);
                // two decimals are shown
                assertThat(Words.ohms(read)).as(text).isEqualTo(shown);
                assertThat(read).isEqualTo(value, within(0.006 * Math.max(1, value)));
            }
        }
    }

    @Test
    void overRangeIsAWordOfItsOwn() {
        assertThat(Quantity.isOverRange("OL")).isTrue();
        assertThat(Quantity.isOverRange("open")).isTrue();
        assertThat(Quantity.isOverRange("0.1")).isFalse();
    }
}
