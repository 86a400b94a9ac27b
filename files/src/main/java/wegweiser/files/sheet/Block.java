package wegweiser.files.sheet;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import wegweiser.core.drawing.Drawing;
import wegweiser.core.make.OnPaper;
import wegweiser.core.words.Words;

/** A part of the sheet under a heading of its own, described once for every kind of file. */
sealed interface Block {
    /** So much sheath is drawn beside what is stripped, in mm. */
    double SHEATH_MM = 15;

    /** What stands above it. */
    String heading();

    /** A table; the heads and each row have the same number of cells. */
    record Table(String heading, List<String> heads, List<List<String>> rows) implements Block {
        /** The same by the keys of its words, each below {@code sheet.}. */
        static Table of(String heading, List<String> heads, List<List<String>> rows) {
            return new Table(Words.say("sheet." + heading),
                    heads.stream().map(h -> Words.say("sheet." + h)).toList(), rows);
        }
    }

    /** The pegboard: rows and columns of two ends, and which cells are pegged. */
    record Pegs(String heading, List<String> rows, List<String> columns, Set<List<Integer>> pegs)
            implements
                Block {
        /** A row, with a mark for each cell. */
        List<String> marks(int row) {
            return IntStream.range(0, columns.size())
                    .mapToObj(c -> pegs.contains(List.of(row, c)) ? "■" : "·")
                    .toList();
        }
    }

    /** How far each end is stripped, drawn in true size; the cable can be laid on the paper. */
    record Strips(String heading, List<Strip> strips) implements Block {}

    /** One end's strip lengths. */
    record Strip(String words, double sheathMm, double bareMm, int wires) {}

    /** A picture, and below it a table of what it shows. */
    record Picture(String heading, Drawing drawing, Table table) implements Block {}

    /** Steps to be ticked off. */
    record Steps(String heading, List<OnPaper.Line> steps) implements Block {}

    /** Sentences below each other. */
    record Points(String heading, List<String> points) implements Block {}
}
