package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.Samples;
import wegweiser.core.evidence.Depth;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Job;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;

/** Of contacts equally near, a hand goes on rather than back. */
class HandsTest {
    private static final Job BLANK = Samples.job("modular-8p8c-plug", "modular-8p8c-plug", "");
    private static final TerminalIndex INDEX = Samples.index(BLANK);
    private static final Depth DEPTH = Depth.of(BLANK, INDEX);

    private static double nearness(String readings, String red, String black) {
        Evidence evidence = Evidence.of(readings.isEmpty() ? BLANK : Samples.readings(BLANK, readings));
        return Hands.of(evidence).nearness(evidence, DEPTH,
                new int[][]{{INDEX.of(Terminal.parse(red))}, {INDEX.of(Terminal.parse(black))}});
    }

    @ParameterizedTest
    @CsvSource({"A.3 B.1 silent; A.4 B.1 silent, A.5, B.1, A.3",
            "A.5 B.1 silent; A.4 B.1 silent, A.3, B.1, A.5",
            "A.3 B.1 silent; A.4 B.1 silent; A.4 B.2 silent, A.5, B.2, A.3"})
    void theRedProbeGoesOn(String readings, String on, String black, String back) {
        assertThat(nearness(readings, on, black)).isGreaterThan(nearness(readings, back, black));
        assertThat(nearness(readings, back, black)).as("but back to a neighbour rather than far on")
                .isGreaterThan(nearness(readings, on.equals("A.5") ? "A.6" : "A.2", black));
    }

    @Test
    void soDoesTheBlackOne() {
        String up = "A.1 B.3 silent; A.1 B.4 silent";
        assertThat(nearness(up, "A.1", "B.5")).isGreaterThan(nearness(up, "A.1", "B.3"));
        assertThat(Hands.of(Evidence.of(Samples.readings(BLANK, up))).redStep()).isZero();
    }

    @Test
    void whereNothingWasTouchedThePrintedOrderCounts() {
        assertThat(nearness("", "A.1", "B.1")).isGreaterThan(nearness("", "A.1", "B.2"))
                .isGreaterThan(nearness("", "A.2", "B.1"));
    }
}
