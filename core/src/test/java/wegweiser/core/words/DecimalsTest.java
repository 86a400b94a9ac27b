package wegweiser.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Isolated;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.shelf.Need;
import wegweiser.core.sizing.Sizing;
import wegweiser.core.sizing.SizingLine;
import wegweiser.core.usual.UsualCable;

/** Numbers shown with a comma. By itself: the sign holds for the whole process. */
@Isolated
class DecimalsTest {
    @AfterEach
    void withAPoint() {
        Words.partOffDecimalsBy('.');
    }

    @Test
    void whatIsShownWithACommaIsReadBack() {
        Words.partOffDecimalsBy(',');
        Random random = new Random(3);
        for (int k = 0; k < 5000; k++) {
            for (Unit unit : Unit.values()) {
                double value = Math.exp(random.nextDouble(-6, 14));
                String shown = Quantity.words(value, unit);
                assertThat(shown).doesNotContain(".");
                double read = Quantity.parse(shown, unit);
                assertThat(Quantity.words(read, unit)).as("%s of %s", shown, value).isEqualTo(shown);
            }
        }
        assertThat(Words.number(2.5)).isEqualTo("2,5");
        assertThat(Words.fixed(2, 2)).isEqualTo("2,00");
    }

    @Test
    void idsAndFilesKeepTheirPoint() {
        String before = ids();
        Words.partOffDecimalsBy(',');
        assertThat(ids()).isEqualTo(before).contains("sleeve 1.6");
        assertThat(Words.plain(0.25, 2)).isEqualTo("0.25");
        assertThat(Quantity.exactly(0.25, Unit.OHM)).isEqualTo("0.25 \u03A9");
    }

    private static String ids() {
        return UsualCable.all().stream().flatMap(c -> Need.of(c.job()).stream())
                .map(n -> n.article().toString())
                .collect(Collectors.joining("\n"));
    }

    @Test
    void sentencesHaveIt() {
        Words.partOffDecimalsBy(',');
        assertThat(UsualCable.all().stream().flatMap(c -> Sizing.of(c.job()).stream())
                .map(SizingLine::figure)).noneMatch(v -> v.contains("."));
    }
}
