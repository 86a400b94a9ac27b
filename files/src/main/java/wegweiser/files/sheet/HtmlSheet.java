package wegweiser.files.sheet;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import wegweiser.core.make.OnPaper;

/** The sheet as one HTML file that needs nothing beside it. */
final class HtmlSheet {
    private static final String STYLE = """
            body { font: 11pt/1.35 Overpass, sans-serif; color: #1F2629; max-width: 190mm; margin: 10mm auto; }
            h1 { font-size: 18pt; margin: 0 } h2 { font-size: 12pt; margin: 6mm 0 1mm; break-after: avoid }
            .label { float: right; font-family: "Overpass Mono", monospace; border: 1px solid; padding: 0 2mm }
            figure { display: inline-block; margin: 4mm 10mm 2mm 0; vertical-align: top } figcaption { font-size: 9pt }
            table { border-collapse: collapse; font-size: 9.5pt } td, th { border: 1px solid #8A877F; padding: .6mm 2mm; text-align: left }
            .pegs td, .pegs th { text-align: center; min-width: 4mm; padding: 0 1mm; font-family: "Overpass Mono", monospace }
            .steps { columns: 2; font-size: 9.5pt } small { color: #5F625C }
            """;

    private HtmlSheet() {}

    static String of(SheetContent s) {
        StringBuilder out = new StringBuilder("<!DOCTYPE html>\n<html><head><meta charset=\"utf-8\"><title>")
                .append(Markup.escaped(s.title())).append("</title><style>\n").append(STYLE)
                .append("</style></head><body>\n<h1>").append(Markup.escaped(s.title()))
                .append(" <span class=\"label\">").append(Markup.escaped(s.label())).append("</span></h1><p>")
                .append(Markup.escaped(s.cable())).append(" · ").append(Markup.escaped(s.verdict()))
                .append("</p>\n");
        for (SheetContent.Face face : s.faces()) {
            out.append("<figure>").append(FaceSvg.element(face.drawing())).append("<figcaption><b>")
                    .append(Markup.escaped(face.heading())).append("</b><br>")
                    .append(Markup.escaped(face.words())).append("</figcaption></figure>\n");
        }
        for (Block block : s.blocks()) {
            out.append("<h2>").append(Markup.escaped(block.heading())).append("</h2>\n")
                    .append(switch (block) {
                        case Block.Table t -> table(t);
                        case Block.Picture p -> "<figure>" + FaceSvg.element(p.drawing()) + "</figure>\n"
                                + table(p.table());
                        case Block.Pegs p -> pegs(p);
                        case Block.Strips p -> "<ul>\n" + p.strips().stream().map(HtmlSheet::strip)
                                .collect(Collectors.joining()) + "</ul>\n";
                        case Block.Steps p -> "<ol class=\"steps\">\n"
                                + p.steps().stream().map(HtmlSheet::step).collect(Collectors.joining())
                                + "</ol>\n";
                        case Block.Points p -> "<ul>\n" + cells("li", p.points()) + "</ul>\n";
                    });
        }
        return out.append("</body></html>\n").toString();
    }

    private static String table(Block.Table t) {
        return "<table>" + row("th", t.heads())
                + t.rows().stream().map(r -> row("td", r)).collect(Collectors.joining()) + "</table>\n";
    }

    /** A strip template in true size. */
    private static String strip(Block.Strip strip) {
        return String.format(Locale.ROOT,
                "<li>%s<br><svg width=\"%.1fmm\" height=\"9mm\" viewBox=\"0 0 %.1f 9\">"
                        + "<rect x=\"0\" y=\"1\" width=\"%.1f\" height=\"5\" fill=\"#3B4447\"/>"
                        + "<rect x=\"%.1f\" y=\"2\" width=\"%.1f\" height=\"3\" fill=\"none\" stroke=\"#1F2629\" stroke-width=\".2\"/>"
                        + "<rect x=\"%.1f\" y=\"2.8\" width=\"%.1f\" height=\"1.4\" fill=\"#1F2629\"/></svg></li>\n",
                Markup.escaped(strip.words()), Block.SHEATH_MM + strip.sheathMm(),
                Block.SHEATH_MM + strip.sheathMm(), Block.SHEATH_MM, Block.SHEATH_MM,
                strip.sheathMm() - strip.bareMm(), Block.SHEATH_MM + strip.sheathMm() - strip.bareMm(),
                strip.bareMm());
    }

    private static String step(OnPaper.Line step) {
        return "<li>☐ " + Markup.escaped(step.text()) + step.notes().stream()
                .map(note -> " <small>" + Markup.escaped(note) + "</small>").collect(Collectors.joining())
                + "</li>\n";
    }

    private static String row(String element, List<String> cells) {
        return "<tr>" + cells(element, cells) + "</tr>\n";
    }

    private static String cells(String element, List<String> cells) {
        return cells.stream().map(c -> "<" + element + ">" + Markup.escaped(c) + "</" + element + ">")
                .collect(Collectors.joining());
    }

    private static String pegs(Block.Pegs pegs) {
        StringBuilder out = new StringBuilder("<table class=\"pegs\"><tr><th></th>")
                .append(cells("th", pegs.columns())).append("</tr>\n");
        for (int r = 0; r < pegs.rows().size(); r++) {
            out.append("<tr>").append(cells("th", List.of(pegs.rows().get(r))))
                    .append(cells("td", pegs.marks(r)))
                    .append("</tr>\n");
        }
        return out.append("</table>\n").toString();
    }
}
