package wegweiser.files.sheet;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wegweiser.core.words.Words;

/** The sheet as Markdown, and its from-to table as CSV. */
final class TextSheets {
    private TextSheets() {}

    static String markdown(SheetContent s) {
        StringBuilder out = new StringBuilder(
                "# " + Markup.text(s.title()) + (s.label().isEmpty() ? "" : " · " + s.label()) + "\n\n"
                        + Markup.text(s.cable()) + " · "
                        + s.verdict() + "\n\n");
        s.faces().forEach(f -> out.append("- ").append(Markup.text(f.heading())).append(", ").append(f.side())
                .append(f.numbersToCheck() ? ". " + Words.say("sheet.check-numbers") : "").append('\n'));
        table(out, "sheet.from-to",
                List.of("sheet.from", "sheet.signal", "sheet.to", "sheet.signal", "sheet.conductor",
                        "sheet.colour", "sheet.part"),
                s.rows().stream().map(r -> List.of(r.from(), r.fromSignal(), r.to(), r.toSignal(),
                        r.conductor(), r.colour(), r.kind())).toList());
        if (!s.cuts().isEmpty()) {
            table(out, "sheet.cut", List.of("sheet.item", "sheet.length"),
                    s.cuts().stream().map(List::of).toList());
        }
        out.append("\n## ").append(Words.say("sheet.steps")).append("\n\n");
        s.steps().forEach(
                step -> out.append(step.n()).append(". [ ] ").append(Markup.text(step.text())).append('\n'));
        table(out, "sheet.tests",
                List.of("sheet.test", "sheet.red", "sheet.black", "sheet.expect", "sheet.result"),
                s.tests().stream().map(t -> List.of(t.kind(), t.red(), t.black(), t.expect(), t.result()))
                        .toList());
        if (!s.blind().isEmpty()) {
            list(out, "sheet.blind", s.blind());
        }
        if (!s.waivers().isEmpty()) {
            table(out, "sheet.waivers", List.of("sheet.rule", "sheet.where", "sheet.reason"),
                    s.waivers().stream().map(List::of).toList());
        }
        list(out, "sheet.cautions", s.cautions());
        return out.toString();
    }

    private static void list(StringBuilder out, String heading, List<String> items) {
        out.append("\n## ").append(Words.say(heading)).append("\n\n");
        items.forEach(i -> out.append("- ").append(Markup.text(i)).append('\n'));
    }

    private static void table(StringBuilder out, String heading, List<String> heads,
            List<List<String>> rows) {
        out.append("\n## ").append(Words.say(heading)).append("\n\n|");
        heads.forEach(h -> out.append(' ').append(Words.say(h)).append(" |"));
        out.append("\n|").append(" --- |".repeat(heads.size())).append('\n');
        for (List<String> row : rows) {
            out.append('|');
            row.forEach(c -> out.append(' ').append(Markup.text(c)).append(" |"));
            out.append('\n');
        }
    }

    static String csv(SheetContent s) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord((Object[]) Words.say("csv.links").split(", "));
            for (SheetContent.Row r : s.rows()) {
                printer.printRecord(
                        Stream.of(r.from(), r.fromSignal(), r.to(), r.toSignal(), r.conductor(), r.kind())
                                .map(Markup::cell));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
