package wegweiser.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class WrapTest {
    private static String word(SplittableRandom random) {
        return IntStream.range(0, 1 + random.nextInt(random.nextInt(10) == 0 ? 90 : 12))
                .mapToObj(_ -> String.valueOf("abcWM1.Ωä".charAt(random.nextInt(9))))
                .collect(Collectors.joining());
    }

    private static String text(SplittableRandom random) {
        return IntStream.range(0, random.nextInt(20)).mapToObj(_ -> word(random))
                .collect(Collectors.joining(" "));
    }

    @Test
    void noLineIsTooWideAndNoLetterIsLost() {
        SplittableRandom random = new SplittableRandom(5);
        for (int k = 0; k < 2000; k++) {
            String text = text(random);
            double width = 6 + random.nextInt(60);
            Fonts font = Fonts.values()[random.nextInt(Fonts.values().length)];
            List<String> lines = Wrap.lines(text, width, 3.1, font);
            assertThat(lines).allSatisfy(l -> assertThat(font.width(l, 3.1)).isLessThanOrEqualTo(width));
            assertThat(String.join("", lines).replace(" ", "")).isEqualTo(text.replace(" ", ""));
        }
    }

    @Test
    void aLineIsNotBrokenEarlierThanItMust() {
        String text = "Mast logger to dome computer";
        double width = Fonts.TEXT.width(text, 3);
        assertThat(Wrap.lines(text, width, 3, Fonts.TEXT)).containsExactly(text);
        assertThat(Wrap.lines(text, width - 0.1, 3, Fonts.TEXT)).containsExactly("Mast logger to dome",
                "computer");
    }

    @Test
    void wideColumnsYieldToNarrowOnesAndNothingStandsOverTheEdge() {
        SplittableRandom random = new SplittableRandom(6);
        int full = 0;
        for (int round = 0; round < 500; round++) {
            int k = round;
            int columns = 1 + random.nextInt(7);
            List<List<String>> rows = IntStream.range(0, 5).mapToObj(
                    _ -> IntStream.range(0, columns).mapToObj(_ -> k % 2 == 0 ? word(random) : text(random))
                            .toList())
                    .toList();
            Block.Table table = new Block.Table("", rows.getFirst(), rows);
            double[] widths = Wrap.columns(table, 180, 3.1);
            double natural = Wrap.natural(table, 3.1);
            assertThat(Arrays.stream(widths).sum()).isEqualTo(180, within(1e-6));
            full += natural <= 180 ? 1 : 0;
            for (int c = 0; c < columns; c++) {
                double wanted = Wrap.natural(column(rows, c), 3.1);
                assertThat(widths[c]).isGreaterThanOrEqualTo(Math.min(wanted, 180.0 / columns) - 1e-6);
            }
        }
        assertThat(full).isBetween(5, 495);
    }

    private static Block.Table column(List<List<String>> rows, int c) {
        List<List<String>> cells = rows.stream().map(r -> List.of(r.get(c))).toList();
        return new Block.Table("", cells.getFirst(), cells);
    }
}
