package wegweiser.core.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LabelNumbersTest {
    @ParameterizedTest
    @ValueSource(strings = {"W-0007 to W-0010", "W-0007..W-0010", "W-0007 - W-0010",
            "W-0007, W-0008; W-0009 W-0010",
            " W-0007 to W-0009 , W-0010 ", "W-0007 to W-0010, W-0008"})
    void numbersAreUnderstoodHoweverTheyAreTyped(String text) {
        assertThat(LabelNumbers.parse(text)).containsExactly("W-0007", "W-0008", "W-0009", "W-0010");
    }

    @Test
    void noughtsInFrontStay() {
        assertThat(LabelNumbers.parse("A099 to A101")).containsExactly("A099", "A100", "A101");
        assertThat(LabelNumbers.parse("9 to 11")).containsExactly("9", "10", "11");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", ",", "W-0009 to W-0007", "W-1 to X-3", "a to b", "1 to 9999"})
    void whatIsNoNumberIsSaid(String text) {
        assertThatIllegalArgumentException().isThrownBy(() -> LabelNumbers.parse(text))
                .withMessageMatching(".*\\.");
    }
}
