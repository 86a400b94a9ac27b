package wegweiser.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;

class IntermittenceTest {
    private static final TerminalIndex INDEX = new TerminalIndex(
            List.of(Terminal.parse("A.1"), Terminal.parse("A.2"), Terminal.parse("B.1")));
    private static final Touch TOUCH = Touch.of(Terminal.parse("A.1"), Terminal.parse("B.1"));

    /** Readings of one touch: b beep, n silent, o over range, volts or ohms; a W behind one that held while bent. */
    private static Evidence evidence(String said) {
        List<Reading> readings = new ArrayList<>();
        for (String word : said.strip().split("\\s+")) {
            boolean steady = word.endsWith("W");
            String what = steady ? word.substring(0, word.length() - 1) : word;
            Reading reading = switch (what) {
                case "b" -> Reading.of(Mode.CONTINUITY, TOUCH, Outcome.BEEP);
                case "n" -> Reading.of(Mode.CONTINUITY, TOUCH, Outcome.SILENT);
                case "o" -> Reading.of(Mode.OHMS, TOUCH, Outcome.OPEN);
                case "d" -> Reading.of(Mode.DIODE, TOUCH, Outcome.OPEN);
                default -> what.endsWith("V")
                        ? Reading.of(Mode.DIODE, TOUCH,
                                new Outcome.Voltage(Double.parseDouble(what.replace("V", ""))))
                        : Reading.of(Mode.OHMS, TOUCH, new Outcome.Resistance(Double.parseDouble(what)));
            };
            readings.add(steady ? reading.by(new Provenance.Wiggled(5)) : reading);
        }
        return new Evidence(INDEX, readings);
    }

    @ParameterizedTest
    @CsvSource({"b n, UNKNOWN", "b n b b b, UNKNOWN", "b n nW, APART_MEASURED", "n b bW, JOINED_MEASURED",
            "b nW b, UNKNOWN", "b nW b bW, UNKNOWN", "b nW b bW bW, JOINED_MEASURED",
            "b b n nW, UNKNOWN", "b b n nW nW, APART_MEASURED", "120 o, APART_MEASURED",
            "b 120 120W, APART_MEASURED"})
    void whatHoldsWhileBentAndMoreOftenCounts(String said, PairState state) {
        assertThat(evidence(said).state(TOUCH.red().getFirst(), TOUCH.black().getFirst())).isEqualTo(state);
    }

    @Test
    void whatIsNotSettledMakesTheContactIntermittent() {
        assertThat(evidence("b n b").intermittent()).isEqualTo(List.of(TOUCH.red().getFirst(),
                TOUCH.black().getFirst()));
        assertThat(evidence("b n bW").intermittent()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"b b, 0", "b n, 1", "b n nW, 1", "b n nW nW, 0", "120 o, 1", "120 o 120, 1",
            "120 o 120 121, 0",
            "0.57V d, 1", "0.57V d d d, 0", "120 121, 0", "2.4 2.7, 0", "b 33 33, 0"})
    void aTouchIsAskedForUntilOneReadingMoreWouldNotChangeIt(String said, int disputes) {
        assertThat(evidence(said).disputes()).hasSize(disputes);
    }

    @Test
    void aValueThatWasMisreadIsNoPart() {
        assertThat(evidence("o 220 o").parts()).isEmpty();
        assertThat(evidence("o 220 220").parts()).hasSize(1);
        assertThat(evidence("0.57V d d").parts()).isEmpty();
    }
}
