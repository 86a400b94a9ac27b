package wegweiser.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuantityTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"0.4|0.4", "0,4|0.4", "119,6|119.6", "4k7|4700", "4R7|4.7",
            "2M2|2200000", "4.7k|4700",
            "4,7 k|4700", "10 kohm|10000", "1M|1000000", "2.2 M\u03A9|2200000", "33 ohm|33", "120R|120",
            "5 m\u2126|0.005",
            "0,580|0.58", "1234.5|1234.5", "1.234|1.234", "-9,1|-9.1", "\u22129.1|-9.1", "+3|3"})
    void readsOhms(String text, double ohms) {
        assertThat(Quantity.parse(text, Unit.OHM)).isEqualTo(ohms, within(1e-9 * Math.abs(ohms)));
    }

    @ParameterizedTest
    @CsvSource({"580mV,0.58", "0.61 V,0.61", "5v,5", "12 volts,12", "-9.1,-9.1", "250 uV,0.00025"})
    void readsVolts(String text, double volts) {
        assertThat(Quantity.parse(text, Unit.VOLT)).isEqualTo(volts, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"1.8,1.8", "1.8 m,1.8", "180 cm,1.8", "1800 mm,1.8"})
    void readsMetres(String text, double metres) {
        assertThat(Quantity.parse(text, Unit.METRE)).isEqualTo(metres, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1,234", "12,500", "1,234.5", "1.234,5", "1m", "5 6", "0x1p3", "5d", "5f", "NaN",
            "Infinity", "1e3", "", "k",
            "4k7k", "3 V", "4 kg", "1..2", "--3", "1234567890123456"})
    void refusesWhatIsNoneOrMayMeanTwoThings(String text) {
        assertThatThrownBy(() -> Quantity.parse(text, Unit.OHM))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageEndingWith(".").hasMessageContaining(text.strip());
    }

    /** Values as a meter of four digits shows them, of every unit and both signs. */
    @ParameterizedTest
    @EnumSource(Unit.class)
    void whatIsShownIsReadBackToTheSameValueInBothDecimalConventions(Unit unit) {
        SplittableRandom random = new SplittableRandom(5);
        int exact = 0;
        for (int k = 0; k < 4000; k++) {
            double size = Math.pow(10,
                    unit == Unit.FARAD ? -11 + 8 * random.nextDouble() : -2 + 8 * random.nextDouble());
            double value = new BigDecimal(size).round(new MathContext(random.nextInt(1, 4))).doubleValue();
            double signed = unit == Unit.VOLT && random.nextBoolean() ? -value : value;
            for (char point : new char[]{'.', ','}) {
                String shown = Quantity.words(signed, unit, point);
                double read = Quantity.parse(shown, unit);
                assertThat(Quantity.words(read, unit, point)).as(shown).isEqualTo(shown);
                // what has more decimals than are shown is rounded, and by no more than that
                assertThat(read).as(shown).isEqualTo(signed, within(0.0051 * scale(shown, unit)));
                exact += Math.abs(read - signed) <= 1e-9 * Math.abs(signed) ? 1 : 0;
            }
        }
        assertThat(exact).as("three digits are hardly ever too many").isGreaterThan(6000);
    }

    private static double scale(String shown, Unit unit) {
        return Quantity.parse("1" + shown.substring(shown.indexOf(' ')), unit);
    }

    @Test
    void whatIsWrittenIntoFilesIsReadBackToTheLastDigit() {
        SplittableRandom random = new SplittableRandom(6);
        for (int k = 0; k < 4000; k++) {
            double value = Math.pow(10, -9 + 18 * random.nextDouble());
            assertThat(Quantity.parse(Quantity.exactly(value, Unit.OHM), Unit.OHM)).isEqualTo(value);
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"12 V|12|12", "10-30 V|10|30", "10 – 30V|10|30", "-5 ... +5 V|-5|5",
            "9 V to 36 V|9|36", "±15 V|-15|15", "+/-12V|-12|12", "100-300 mV|0.1|0.3", "4,5…5,5 V|4.5|5.5",
            "3V3|3.3|3.3",
            "-12V|-12|-12", "10-30|10|30", "500 mV - 1 V|0.5|1"})
    void readsRanges(String text, double from, double to) {
        assertThat(Quantity.range(text, Unit.VOLT)).isEqualTo(new Quantity.Range(from, to));
    }

    @ParameterizedTest
    @ValueSource(strings = {"30-10 V", "10-30 A", "10--", "±10-30 V", "1,234-5 V", "V", "10-30 kg"})
    void refusesWhatIsNoRange(String text) {
        assertThatThrownBy(() -> Quantity.range(text, Unit.VOLT)).isInstanceOf(IllegalArgumentException.class)
                .hasMessageEndingWith(".");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-", value = {"+12V out|12|12", "supply 10-30 V DC|10|30",
            "VCC (3V3)|3.3|3.3",
            "-12 V|-12|-12", "OUT4|-|-", "5 A fuse|-|-", "USB2.0 5V|5|5", "D10-30|-|-", "RS232|-|-"})
    void findsVoltsInNames(String text, Double from, Double to) {
        assertThat(Quantity.within(text, Unit.VOLT)).isEqualTo(from == null
                ? Optional.empty()
                : Optional.of(new Quantity.Range(from, to)));
    }

    @Test
    void overRangeIsAWordOfItsOwn() {
        assertThat(Quantity.isOverRange("OL")).isTrue();
        assertThat(Quantity.isOverRange("open")).isTrue();
        assertThat(Quantity.isOverRange("0.1")).isFalse();
    }
}
