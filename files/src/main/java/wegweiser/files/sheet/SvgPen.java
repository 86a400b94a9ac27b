package wegweiser.files.sheet;

import java.util.Locale;
import wegweiser.core.drawing.Drawing;

/** Pages as one SVG document, one below the other. */
final class SvgPen implements Pen {
    private final StringBuilder out = new StringBuilder();
    private int pages;

    @Override
    public void page() {
        out.append(String.format(Locale.ROOT,
                "<rect x=\"0\" y=\"%d\" width=\"210\" height=\"297\" fill=\"#FFFFFF\"/>\n", pages * 297));
        pages++;
    }

    private double down(double y) {
        return (pages - 1) * 297 + y;
    }

    @Override
    public void text(double x, double y, double size, Fonts font, String text) {
        String family = font.name().startsWith("MONO") ? "Overpass Mono, monospace" : "Overpass, sans-serif";
        int weight = switch (font) {
            case BOLD -> 700;
            case MEDIUM, MONO_MEDIUM -> 600;
            case TEXT, MONO -> 400;
        };
        out.append(String.format(Locale.ROOT,
                "<text x=\"%.2f\" y=\"%.2f\" font-size=\"%.2f\" font-family=\"%s\" font-weight=\"%d\" fill=\"#1F2629\">%s</text>\n",
                x,
                down(y), size, family, weight, Markup.escaped(text)));
    }

    @Override
    public void line(double x1, double y1, double x2, double y2, double width) {
        out.append(String.format(Locale.ROOT,
                "<line x1=\"%.2f\" y1=\"%.2f\" x2=\"%.2f\" y2=\"%.2f\" stroke=\"#8A877F\" stroke-width=\"%.2f\"/>\n",
                x1, down(y1), x2,
                down(y2), width));
    }

    @Override
    public void box(double x, double y, double width, double height, boolean filled) {
        out.append(String.format(Locale.ROOT,
                "<rect x=\"%.2f\" y=\"%.2f\" width=\"%.2f\" height=\"%.2f\" fill=\"%s\" stroke=\"#1F2629\" stroke-width=\"0.15\"/>\n",
                x,
                down(y), width, height, filled ? "#1F2629" : "none"));
    }

    @Override
    public void square(double x, double y, double width, double height) {
        out.append(String.format(Locale.ROOT,
                "<rect x=\"%.3f\" y=\"%.3f\" width=\"%.3f\" height=\"%.3f\" fill=\"#1F2629\"/>\n", x, down(y),
                width, height));
    }

    @Override
    public void drawing(double x, double y, Drawing drawing) {
        out.append(String.format(Locale.ROOT,
                "<g transform=\"translate(%.2f %.2f)\" font-family=\"Overpass Mono, monospace\">",
                x - drawing.leftMm(), down(y) - drawing.topMm())).append(FaceSvg.shapes(drawing))
                .append("</g>\n");
    }

    String document() {
        return String.format(Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"210mm\" height=\"%dmm\" viewBox=\"0 0 210 %d\">\n",
                pages * 297, pages * 297) + out + "</svg>\n";
    }
}
