package wegweiser.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import wegweiser.core.model.Terminal;

/** Long lists of terminals are told in few words, and nothing of them is lost. */
class SpansTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"A.1|A.1", "A.1 A.2|A.1 and A.2", "A.1 A.2 A.3|A.1 to A.3",
            "A.1 A.4 A.5 A.6 A.7 A.shell B.8|A.1, A.4 to A.7, A.shell and B.8",
            "A.8 A.9 B.10 B.11|A.8, A.9, B.10 and B.11", "A.tip A.ring A.sleeve|A.tip, A.ring and A.sleeve",
            "A.3 A.2 A.1|A.3, A.2 and A.1", "A.A1 A.A2 A.A3|A.A1, A.A2 and A.A3"})
    void whatFollowsEachOtherIsASpan(String terminals, String words) {
        assertThat(Spans.of(Arrays.stream(terminals.split(" ")).map(Terminal::parse).toList()))
                .isEqualTo(words);
    }
}
