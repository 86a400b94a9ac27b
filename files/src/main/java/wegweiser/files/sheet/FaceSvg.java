package wegweiser.files.sheet;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import wegweiser.core.drawing.Drawing;

/** Draws a {@link Drawing} as SVG at true size. */
public final class FaceSvg {
    private FaceSvg() {}

    /** A whole SVG element, its width and height in mm. */
    public static String element(Drawing drawing) {
        return String.format(Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.2fmm\" height=\"%.2fmm\" "
                        + "viewBox=\"%.2f %.2f %.2f %.2f\" font-family=\"Overpass Mono, monospace\">%s</svg>",
                drawing.widthMm(),
                drawing.heightMm(), drawing.leftMm(), drawing.topMm(), drawing.widthMm(), drawing.heightMm(),
                shapes(drawing));
    }

    static String shapes(Drawing drawing) {
        return drawing.shapes().stream().map(FaceSvg::shape).collect(Collectors.joining());
    }

    private static String shape(Drawing.Shape shape) {
        return switch (shape) {
            case Drawing.Circle c ->
                String.format(Locale.ROOT, "<circle cx=\"%.2f\" cy=\"%.2f\" r=\"%.2f\" %s/>", c.x(), c.y(),
                        c.radius(), style(c.role()));
            case Drawing.Box b -> String.format(Locale.ROOT,
                    "<rect x=\"%.2f\" y=\"%.2f\" width=\"%.2f\" height=\"%.2f\" rx=\"%.2f\" %s/>", b.x(),
                    b.y(), b.width(),
                    b.height(), b.corner(), style(b.role()));
            case Drawing.Polygon p ->
                "<polygon points=\"" + points(p.points()) + "\" " + style(p.role()) + "/>";
            case Drawing.Label l -> String.format(Locale.ROOT,
                    "<text x=\"%.2f\" y=\"%.2f\" font-size=\"%.2f\" text-anchor=\"middle\">%s</text>", l.x(),
                    l.y() + l.size() * 0.35, l.size(), Markup.escaped(l.text()));
            case Drawing.Swatch s -> String.format(Locale.ROOT,
                    "<rect x=\"%.2f\" y=\"%.2f\" width=\"%.2f\" height=\"%.2f\" fill=\"%s\" stroke=\"#1F2629\" stroke-width=\"0.06\"/>",
                    s.x(), s.y(), s.width(), s.height(), s.hex());
        };
    }

    private static String points(List<Double> points) {
        return points.stream().map(p -> String.format(Locale.ROOT, "%.2f", p))
                .collect(Collectors.joining(" "));
    }

    private static String style(Drawing.Role role) {
        return switch (role) {
            case BODY -> "fill=\"#ECE6D8\" stroke=\"#1F2629\" stroke-width=\"0.2\"";
            case INSULATION, LEADER -> "fill=\"#1F2629\"";
            case KEY, CABLE -> "fill=\"#FFFEFA\" stroke=\"#1F2629\" stroke-width=\"0.15\"";
            case CONTACT_DIM -> "fill=\"#FFFEFA\" stroke=\"#8A877F\" stroke-width=\"0.1\"";
            case CONTACT_LIT -> "fill=\"#F2B90C\" stroke=\"#1F2629\" stroke-width=\"0.2\"";
            default -> "fill=\"#FFFEFA\" stroke=\"#1F2629\" stroke-width=\"0.15\"";
        };
    }
}
