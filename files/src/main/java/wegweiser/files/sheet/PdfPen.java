package wegweiser.files.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import wegweiser.core.drawing.Drawing;

/** Pages as a PDF with embedded type. */
final class PdfPen implements Pen, AutoCloseable {
    private static final float POINTS = 72f / 25.4f;
    private static final float[] INK = {0.12f, 0.15f, 0.16f};

    private final PDDocument document = new PDDocument();
    private final Map<Fonts, PDType0Font> fonts = new EnumMap<>(Fonts.class);
    private final Set<String> missing;
    private PDPageContentStream content;

    /** @param missing gets the letters that the typefaces lack */
    PdfPen(Set<String> missing) throws IOException {
        this.missing = missing;
        for (Fonts font : Fonts.all()) {
            try (InputStream in = font.open()) {
                fonts.put(font, PDType0Font.load(document, in));
            }
        }
    }

    @FunctionalInterface
    private interface Draw {
        void on(PDPageContentStream page) throws IOException;
    }

    private void draw(Draw draw) {
        try {
            draw.on(content);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void page() {
        try {
            if (content != null) {
                content.close();
            }
            PDPage page = new PDPage(PDRectangle.A4);
            document.addPage(page);
            content = new PDPageContentStream(document, page);
            content.setStrokingColor(INK[0], INK[1], INK[2]);
            content.setNonStrokingColor(INK[0], INK[1], INK[2]);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static float x(double mm) {
        return (float) mm * POINTS;
    }

    private static float y(double mm) {
        return PDRectangle.A4.getHeight() - (float) mm * POINTS;
    }

    /** Letters that the font would draw as one sign, such as two f, are shown apart: who looks for a word finds it. */
    private static void show(PDPageContentStream page, String text) throws IOException {
        for (String piece : text.split("(?<=f)", -1)) {
            if (!piece.isEmpty()) {
                page.showText(piece);
            }
        }
    }

    @Override
    public void text(double x, double y, double size, Fonts font, String text) {
        draw(page -> {
            page.beginText();
            page.setFont(fonts.get(font), (float) size * POINTS);
            page.newLineAtOffset(x(x), y(y));
            show(page, printable(fonts.get(font), text));
            page.endText();
        });
    }

    /** Letters that the typeface lacks become a question mark and are noted; line breaks become blanks. */
    private String printable(PDType0Font font, String text) {
        StringBuilder kept = new StringBuilder();
        text.codePoints().forEach(c -> {
            String letter = Character.isWhitespace(c) ? " " : Character.toString(c);
            try {
                font.encode(letter);
                kept.append(letter);
            } catch (IOException | IllegalArgumentException _) {
                kept.append(c == '\u03A9' ? "ohm" : "?");
                if (c != '\u03A9') {
                    missing.add(letter);
                }
            }
        });
        return kept.toString();
    }

    @Override
    public void line(double x1, double y1, double x2, double y2, double width) {
        draw(page -> {
            page.setLineWidth((float) width * POINTS);
            page.moveTo(x(x1), y(y1));
            page.lineTo(x(x2), y(y2));
            page.stroke();
        });
    }

    @Override
    public void box(double x, double y, double width, double height, boolean filled) {
        draw(page -> {
            page.setLineWidth(0.15f * POINTS);
            page.addRect(x(x), y(y + height), (float) width * POINTS, (float) height * POINTS);
            if (filled) {
                page.fillAndStroke();
            } else {
                page.stroke();
            }
        });
    }

    @Override
    public void square(double x, double y, double width, double height) {
        draw(page -> {
            page.addRect(x(x), y(y + height), (float) width * POINTS, (float) height * POINTS);
            page.fill();
        });
    }

    @Override
    public void drawing(double x, double y, Drawing drawing) {
        double dx = x - drawing.leftMm();
        double dy = y - drawing.topMm();
        for (Drawing.Shape shape : drawing.shapes()) {
            draw(page -> shape(page, shape, dx, dy));
        }
        draw(page -> page.setNonStrokingColor(INK[0], INK[1], INK[2]));
    }

    private void shape(PDPageContentStream page, Drawing.Shape shape, double dx, double dy)
            throws IOException {
        float grey = switch (shape.role()) {
            case BODY -> 0.93f;
            case INSULATION, LEADER -> 0.15f;
            default -> 1f;
        };
        page.setNonStrokingColor(grey, grey, grey);
        page.setLineWidth(0.2f * POINTS);
        switch (shape) {
            case Drawing.Circle c -> {
                circle(page, dx + c.x(), dy + c.y(), c.radius());
                page.fillAndStroke();
            }
            case Drawing.Box b -> {
                page.addRect(x(dx + b.x()), y(dy + b.y() + b.height()), (float) b.width() * POINTS,
                        (float) b.height() * POINTS);
                page.fillAndStroke();
            }
            case Drawing.Polygon p -> {
                List<Double> points = p.points();
                page.moveTo(x(dx + points.get(0)), y(dy + points.get(1)));
                for (int k = 2; k < points.size(); k += 2) {
                    page.lineTo(x(dx + points.get(k)), y(dy + points.get(k + 1)));
                }
                page.closePath();
                page.fillAndStroke();
            }
            case Drawing.Swatch s -> {
                java.awt.Color colour = java.awt.Color.decode(s.hex());
                page.setNonStrokingColor(colour);
                page.setLineWidth(0.08f * POINTS);
                page.addRect(x(dx + s.x()), y(dy + s.y() + s.height()), (float) s.width() * POINTS,
                        (float) s.height() * POINTS);
                page.fillAndStroke();
            }
            case Drawing.Label l -> {
                page.setNonStrokingColor(INK[0], INK[1], INK[2]);
                PDType0Font font = fonts.get(Fonts.MONO_MEDIUM);
                String text = printable(font, l.text());
                float width = font.getStringWidth(text) / 1000 * (float) l.size();
                page.beginText();
                page.setFont(font, (float) l.size() * POINTS);
                page.newLineAtOffset(x(dx + l.x() - width / 2), y(dy + l.y() + l.size() * 0.35));
                show(page, text);
                page.endText();
            }
        }
    }

    /** Four Bézier curves; 0.5523 is the usual handle length for a quarter of a circle. */
    private static void circle(PDPageContentStream page, double cx, double cy, double r) throws IOException {
        double k = 0.5523 * r;
        page.moveTo(x(cx - r), y(cy));
        page.curveTo(x(cx - r), y(cy - k), x(cx - k), y(cy - r), x(cx), y(cy - r));
        page.curveTo(x(cx + k), y(cy - r), x(cx + r), y(cy - k), x(cx + r), y(cy));
        page.curveTo(x(cx + r), y(cy + k), x(cx + k), y(cy + r), x(cx), y(cy + r));
        page.curveTo(x(cx - k), y(cy + r), x(cx - r), y(cy + k), x(cx - r), y(cy));
        page.closePath();
    }

    byte[] document() throws IOException {
        content.close();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        document.save(bytes);
        return bytes.toByteArray();
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}
