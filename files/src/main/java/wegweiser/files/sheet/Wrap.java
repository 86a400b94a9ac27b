package wegweiser.files.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** Where the lines of a text end and how wide the columns of a table are, by the widths of the letters; all in mm. */
final class Wrap {
    /** What stays free between two columns. */
    static final double GAP = 3;

    private Wrap() {}

    /** The lines of a text in so much room. A word that is wider than a line goes on in the next. */
    static List<String> lines(String text, double width, double size, Fonts font) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split("\\s")) {
            if (!line.isEmpty() && font.width(line + " " + word, size) > width) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
            while (line.codePointCount(0, line.length()) > 1 && font.width(line.toString(), size) > width) {
                int end = fitting(line.toString(), width, size, font);
                lines.add(line.substring(0, end));
                line.delete(0, end);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    /** Behind how many letters, at least one, a word is as wide as there is room. */
    private static int fitting(String word, double width, double size, Fonts font) {
        int end = word.offsetByCodePoints(0, 1);
        while (end < word.length()
                && font.width(word.substring(0, word.offsetByCodePoints(end, 1)), size) <= width) {
            end = word.offsetByCodePoints(end, 1);
        }
        return end;
    }

    static double widest(List<String> texts, double size, Fonts font) {
        return texts.stream().mapToDouble(t -> font.width(t, size)).max().orElse(0);
    }

    /** How wide a table is whose every cell is one line. */
    static double natural(Block.Table table, double size) {
        return Arrays.stream(naturals(table, size)).sum();
    }

    private static double[] naturals(Block.Table table, double size) {
        return IntStream.range(0, table.heads().size()).mapToDouble(c -> GAP + Math.max(
                Fonts.MEDIUM.width(table.heads().get(c), size),
                widest(table.rows().stream().map(r -> r.get(c)).toList(), size, Fonts.TEXT))).toArray();
    }

    /**
     * The widths of the columns of a table in so much room. If every cell fits on one line, what is left over goes to all
     * alike; if not, narrow columns keep what they need and the wide ones share the rest.
     */
    static double[] columns(Block.Table table, double width, double size) {
        double[] natural = naturals(table, size);
        double over = width - Arrays.stream(natural).sum();
        if (over >= 0) {
            return Arrays.stream(natural).map(n -> n + over / natural.length).toArray();
        }
        double[] columns = new double[natural.length];
        double left = width;
        int more = natural.length;
        for (int c : IntStream.range(0, natural.length).boxed()
                .sorted((a, b) -> Double.compare(natural[a], natural[b])).mapToInt(Integer::intValue)
                .toArray()) {
            columns[c] = Math.min(natural[c], left / more--);
            left -= columns[c];
        }
        return columns;
    }
}
