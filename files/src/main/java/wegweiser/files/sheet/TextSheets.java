package wegweiser.files.sheet;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wegweiser.core.make.OnPaper;
import wegweiser.core.words.Words;

/** The sheet as Markdown, and its from-to table as CSV. */
final class TextSheets {
    /** The columns of the from-to table in CSV: all but the colour in words. */
    private static final int[] CSV = {0, 1, 2, 3, 4, 6};

    private TextSheets() {}

    static String markdown(SheetContent s) {
        StringBuilder out = new StringBuilder("# ").append(Markup.text(s.title()))
                .append(s.label().isEmpty() ? "" : " · " + s.label()).append("\n\n")
                .append(Markup.text(s.cable())).append(" · ").append(s.verdict()).append("\n\n");
        s.faces()
                .forEach(f -> out.append("- ").append(Markup.text(f.heading())).append(", ").append(f.words())
                        .append('\n'));
        for (Block block : s.blocks()) {
            out.append("\n## ").append(block.heading()).append("\n\n");
            switch (block) {
                case Block.Table t -> table(out, t.heads(), t.rows());
                case Block.Picture p -> table(out, p.table().heads(), p.table().rows());
                case Block.Pegs p -> {
                    List<List<String>> rows = IntStream.range(0, p.rows().size())
                            .mapToObj(r -> with(p.rows().get(r), p.marks(r))).toList();
                    table(out, with("", p.columns()), rows);
                }
                case Block.Strips p -> p.strips()
                        .forEach(i -> out.append("- ").append(Markup.text(i.words())).append('\n'));
                case Block.Steps p -> p.steps().forEach(step -> step(out, step));
                case Block.Points p -> p.points()
                        .forEach(i -> out.append("- ").append(Markup.text(i)).append('\n'));
            }
        }
        return out.toString();
    }

    private static void step(StringBuilder out, OnPaper.Line step) {
        out.append(step.n()).append(". [ ] ").append(Markup.text(step.text())).append('\n');
        step.notes().forEach(note -> out.append("    - ").append(Markup.text(note)).append('\n'));
    }

    private static List<String> with(String first, List<String> rest) {
        List<String> all = new ArrayList<>(rest);
        all.addFirst(first);
        return all;
    }

    private static void table(StringBuilder out, List<String> heads, List<List<String>> rows) {
        row(out, heads);
        out.append('|').append(" --- |".repeat(heads.size())).append('\n');
        rows.forEach(r -> row(out, r));
    }

    private static void row(StringBuilder out, List<String> cells) {
        out.append('|');
        cells.forEach(c -> out.append(' ').append(Markup.text(c)).append(" |"));
        out.append('\n');
    }

    static String csv(Block.Table fromTo) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord((Object[]) Words.say("csv.links").split(", "));
            for (List<String> row : fromTo.rows()) {
                printer.printRecord(IntStream.of(CSV).mapToObj(c -> Markup.cell(row.get(c))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
