package wegweiser.files.sheet;

import java.util.List;
import wegweiser.core.make.Step;
import wegweiser.core.words.Words;

/** The sheet as one HTML file that needs nothing beside it. */
final class HtmlSheet {
    private final StringBuilder out = new StringBuilder();

    static String of(SheetContent sheet) {
        return new HtmlSheet().write(sheet);
    }

    private String write(SheetContent s) {
        out.append("<!DOCTYPE html>\n<html lang=\"en\"><head><meta charset=\"utf-8\"><title>")
                .append(Markup.escaped(s.title()))
                .append("</title><style>\n").append(STYLE).append("</style></head><body>\n");
        out.append("<h1>").append(Markup.escaped(s.title())).append(" <span class=\"label\">")
                .append(Markup.escaped(s.label()))
                .append("</span></h1><p>").append(Markup.escaped(s.cable())).append(" · ")
                .append(Markup.escaped(s.verdict())).append("</p>\n");
        for (SheetContent.Face face : s.faces()) {
            out.append("<figure>").append(FaceSvg.element(face.drawing())).append("<figcaption><b>")
                    .append(Markup.escaped(face.heading())).append("</b><br>")
                    .append(Markup.escaped(face.side()));
            if (face.numbersToCheck()) {
                out.append("<br>").append(Markup.escaped(Words.say("sheet.check-numbers")));
            }
            out.append("</figcaption></figure>\n");
        }
        heading("sheet.from-to");
        table(List.of("sheet.from", "sheet.signal", "sheet.to", "sheet.signal", "sheet.conductor",
                "sheet.colour", "sheet.part"),
                s.rows().stream().map(r -> List.of(r.from(), r.fromSignal(), r.to(), r.toSignal(),
                        r.conductor(), r.colour(), r.kind())).toList());
        s.grid().ifPresent(this::grid);
        if (!s.cuts().isEmpty()) {
            heading("sheet.cut");
            table(List.of(), s.cuts().stream().map(List::of).toList());
        }
        heading("sheet.steps");
        out.append("<ol class=\"steps\">\n");
        for (Step step : s.steps()) {
            out.append("<li>☐ ").append(Markup.escaped(step.text())).append(
                    step.detail().isEmpty() ? "" : " <small>" + Markup.escaped(step.detail()) + "</small>")
                    .append("</li>\n");
        }
        out.append("</ol>\n");
        heading("sheet.tests");
        table(List.of("sheet.test", "sheet.red", "sheet.black", "sheet.expect", "sheet.result"),
                s.tests().stream().map(t -> List.of(t.kind(), t.red(), t.black(), t.expect(), t.result()))
                        .toList());
        if (!s.blind().isEmpty()) {
            heading("sheet.blind");
            list(s.blind());
        }
        if (!s.waivers().isEmpty()) {
            heading("sheet.waivers");
            table(List.of("sheet.rule", "sheet.where", "sheet.reason"),
                    s.waivers().stream().map(List::of).toList());
        }
        heading("sheet.cautions");
        list(s.cautions());
        return out.append("</body></html>\n").toString();
    }

    private void list(List<String> items) {
        out.append("<ul>\n");
        items.forEach(i -> out.append("<li>").append(Markup.escaped(i)).append("</li>\n"));
        out.append("</ul>\n");
    }

    private void heading(String key) {
        out.append("<h2>").append(Markup.escaped(Words.say(key))).append("</h2>\n");
    }

    private void table(List<String> heads, List<List<String>> rows) {
        out.append("<table>");
        if (!heads.isEmpty()) {
            out.append("<tr>");
            heads.forEach(h -> out.append("<th>").append(Markup.escaped(Words.say(h))).append("</th>"));
            out.append("</tr>");
        }
        for (List<String> row : rows) {
            out.append("<tr>");
            row.forEach(c -> out.append("<td>").append(Markup.escaped(c)).append("</td>"));
            out.append("</tr>\n");
        }
        out.append("</table>\n");
    }

    private void grid(SheetContent.Grid grid) {
        heading("sheet.pegboard");
        out.append("<table class=\"pegs\"><tr><th></th>");
        grid.columns().forEach(c -> out.append("<th>").append(Markup.escaped(c)).append("</th>"));
        out.append("</tr>\n");
        for (int r = 0; r < grid.rows().size(); r++) {
            out.append("<tr><th>").append(Markup.escaped(grid.rows().get(r))).append("</th>");
            for (int c = 0; c < grid.columns().size(); c++) {
                out.append("<td>").append(grid.pegs().contains(List.of(r, c)) ? "■" : "·").append("</td>");
            }
            out.append("</tr>\n");
        }
        out.append("</table>\n");
    }

    private static final String STYLE = """
            body { font: 11pt/1.35 Overpass, sans-serif; color: #1F2629; max-width: 190mm; margin: 10mm auto; }
            h1 { font-size: 18pt; margin: 0 } h2 { font-size: 12pt; margin: 6mm 0 1mm; break-after: avoid }
            .label { float: right; font-family: "Overpass Mono", monospace; border: 1px solid; padding: 0 2mm }
            figure { display: inline-block; margin: 4mm 10mm 2mm 0; vertical-align: top } figcaption { font-size: 9pt }
            table { border-collapse: collapse; font-size: 9.5pt } td, th { border: 1px solid #8A877F; padding: .6mm 2mm; text-align: left }
            .pegs td, .pegs th { text-align: center; min-width: 4mm; padding: 0 1mm; font-family: "Overpass Mono", monospace }
            .steps { columns: 2; font-size: 9.5pt } small { color: #5F625C }
            """;
}
