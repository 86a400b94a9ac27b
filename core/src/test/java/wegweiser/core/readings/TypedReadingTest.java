package wegweiser.core.readings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.Samples;
import wegweiser.core.model.Job;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;

class TypedReadingTest {
    private static final Job JOB = Samples.job("dsub-9-socket", "dsub-9-socket", "");

    @Test
    void readsWhatPeopleType() {
        assertThat(TypedReading.parse("A4 B6 beep", JOB)).isEqualTo(Reading.beep("A.4", "B.6"));
        assertThat(TypedReading.parse("a.4, b.6, SILENT", JOB)).isEqualTo(Reading.silent("A.4", "B.6"));
        assertThat(TypedReading.parse("A1+A2 B4 open", JOB).touch().red()).hasSize(2);
        assertThat(TypedReading.parse("Ashell B5 n", JOB).outcome()).isEqualTo(Outcome.SILENT);
    }

    @ParameterizedTest
    @CsvSource({"119.6,119.6", "4.7k,4700", "1 M,1000000", "33 ohm,33", "0,0", ".5,0.5",
            "',5',0.5", "'0,4',0.4", "'  ,4k',400", ".47 ohm,0.47", "'4,7k',4700"})
    void readsValuesInOhms(String typed, double ohms) {
        assertThat(TypedReading.parse("A1 A2 " + typed, JOB).outcome())
                .isEqualTo(new Outcome.Resistance(ohms));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            A.1,B.1,0.5 | 0.5
            A.1, B.1, 5 | 5
            A.1 ,B.1 ,5 | 5
            A.1;B.1;5,5 | 5.5
            A.1 B.1 5,5 | 5.5
            A.1,B.1,.5 | 0.5
            """)
    void aCommaPartsFieldsOrDecimals(String line, double ohms) {
        assertThat(TypedReading.parse(line, JOB).outcome()).isEqualTo(new Outcome.Resistance(ohms));
    }

    @ParameterizedTest
    @ValueSource(strings = {"A.1,B.1,,5", "A.1, B.1 ,5", "A.1;B.1;,5", "A.1 B.1 ,,5", "A.1,B.1, ,5"})
    void aCommaThatMayBeEitherIsRefused(String line) {
        assertThatThrownBy(() -> TypedReading.parse(line, JOB)).isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("comma");
    }

    @Test
    void readsVoltsAsDiodeMode() {
        Reading reading = TypedReading.parse("A1 A2 0.61 V", JOB);
        assertThat(reading.mode()).isEqualTo(Mode.DIODE);
        assertThat(reading.outcome()).isEqualTo(new Outcome.Voltage(0.61));
    }

    @ParameterizedTest
    @CsvSource({"A1 B1,needs two terminals", "A1 B12 beep,B12", "A1 A1 beep,one contact", "A1 B1 maybe,maybe",
            "A1 B1 -4,-4", "A1 B1 NaN,NaN", "A1 B1 1µ,1µ", "A1 B1 5.,5."})
    void saysWhatItDoesNotUnderstand(String line, String quoted) {
        assertThatThrownBy(() -> TypedReading.parse(line, JOB)).isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(quoted);
    }
}
