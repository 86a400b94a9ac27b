package wegweiser.app.controls;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import wegweiser.core.catalog.ColourCode;

/**
 * Paints a pegboard. Almost everything is a filled rectangle, which the software pipeline draws about ten times
 * faster than strokes and ovals; pegs are the only round shapes.
 */
final class PegPainter {
    private static final double LARGEST = 42;
    /** Below this a number fits no cell, and every fifth is written. */
    private static final double NUMBERED = 8;
    private static final double SMALLEST = 4;

    private static final double ROOMY = 300;

    private final GraphicsContext g;
    private final Palette palette;
    private final double left;
    private final double top;
    private final double size;
    /** How large text is beside the usual size. */
    private final double text;
    private final int rows;
    private final int columns;
    /** Width of the names of the rows, left of the grid. */
    private final double labels;

    /** Colours by meaning. */
    record Palette(Color ink, Color quiet, Color line, Color sheet, Color now, Color band, Color proved,
            Color plan, Color fault) {}

    PegPainter(GraphicsContext g, PegModel model, double width, double height, double text, Palette palette) {
        this.g = g;
        // where there is little room it is needed for the board
        this.text = height < ROOMY ? 1 : text;
        this.palette = palette;
        this.rows = model.rows().size();
        this.columns = model.columns().size();
        boolean signals = model.rows().stream().anyMatch(h -> !h.signal().isEmpty());
        this.labels = text * (rows > 30 ? 40 : signals ? 118 : 72);
        double heads = text * (columns > 30 ? 26 : 56);
        double fit = Math.min((width - labels - 30) / Math.max(1, columns),
                (height - heads - 6) / Math.max(1, rows));
        this.size = Math.floor(Math.clamp(fit, SMALLEST, LARGEST));
        this.left = Math.floor(Math.max(labels + 24, (width - columns * size + labels) / 2));
        this.top = heads;
    }

    int rowAt(double y) {
        int row = (int) Math.floor((y - top) / size);
        return row >= 0 && row < rows ? row : -1;
    }

    int columnAt(double x) {
        int column = (int) Math.floor((x - left) / size);
        return column >= 0 && column < columns ? column : -1;
    }

    void all(PegModel model, Pegboard.Selection selected) {
        g.setFill(palette.sheet);
        g.fillRect(0, 0, g.getCanvas().getWidth(), g.getCanvas().getHeight());
        if (rows == 0 || columns == 0) {
            return;
        }
        model.target().ifPresent(t -> {
            g.setFill(palette.band);
            t.rows().forEach(r -> g.fillRect(left - labels, top + r * size,
                    labels + columns * size, size));
            t.columns().forEach(c -> g.fillRect(left + c * size, 0, size, top + rows * size));
        });
        g.setFill(palette.line);
        for (int r = 0; r <= rows; r++) {
            g.fillRect(left, top + r * size, columns * size + 1, 1);
        }
        for (int c = 0; c <= columns; c++) {
            g.fillRect(left + c * size, top, 1, rows * size + 1);
        }
        heads(model);
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                mark(model, r, c, selected != null && selected.row() == r && selected.column() == c);
            }
        }
        brackets(model.rowBrackets(), true);
        brackets(model.columnBrackets(), false);
    }

    /** Paints one cell over what was there. */
    void cell(PegModel model, int row, int column, boolean selected) {
        boolean banded = model.target().map(t -> t.rows().contains(row) || t.columns().contains(column))
                .orElse(false);
        g.setFill(banded ? palette.band : palette.sheet);
        g.fillRect(left + column * size + 1, top + row * size + 1, size - 1, size - 1);
        mark(model, row, column, selected);
    }

    private void mark(PegModel model, int row, int column, boolean selected) {
        double x = left + column * size;
        double y = top + row * size;
        double cx = x + size / 2 + 0.5;
        double cy = y + size / 2 + 0.5;
        boolean target = model.target().filter(PegModel.Target::isCell)
                .map(t -> t.rows().contains(row) && t.columns().contains(column)).orElse(false);
        if (target) {
            g.setFill(palette.ink);
            g.fillRoundRect(x + 2, y + 2, size - 3, size - 3, 7, 7);
            g.setFill(palette.now);
            g.fillRoundRect(x + 4, y + 4, size - 7, size - 7, 4, 4);
        }
        double r = Math.max(2.5, size * 0.3);
        double bar = Math.max(3, size * 0.34);
        double thick = size < 16 ? 1 : 2;
        switch (model.cell(row, column)) {
            case EMPTY -> {
                if (target) {
                    plus(cx, cy, size * 0.22);
                } else {
                    dot(cx, cy, size < 14 ? 1 : 3, palette.quiet.deriveColor(0, 1, 1, 0.45));
                }
            }
            case JOINED -> ring(cx, cy, r, palette.proved, true);
            case JOINED_FOLLOWS -> ring(cx, cy, r, palette.proved, false);
            case JOINED_ASSUMED -> {
                g.setStroke(target ? onYellow() : palette.quiet);
                g.setLineWidth(1.5);
                g.setLineDashes(3, 2.5);
                g.strokeOval(cx - r, cy - r, 2 * r, 2 * r);
                g.setLineDashes();
            }
            case APART -> rect(cx - bar / 2, cy - thick / 2, bar, thick, palette.ink);
            case APART_FOLLOWS -> {
                rect(cx - bar / 2, cy - thick / 2, bar * 0.38, thick, palette.ink);
                rect(cx + bar * 0.12, cy - thick / 2, bar * 0.38, thick, palette.ink);
            }
            case ASSUMED -> {
                double dash = Math.max(1, bar / 5);
                for (int k = 0; k < 3; k++) {
                    rect(cx - bar / 2 + k * 2 * dash, cy - 0.5, dash, 1, palette.quiet);
                }
            }
            case PLANNED -> peg(cx, cy, r, palette.plan, palette.sheet);
            case PLANNED_ONLY -> {
                peg(cx, cy, r, palette.plan, palette.sheet);
                frame(cx, cy, r * 1.35, palette.ink);
            }
            case OFFERED -> {
                // only its corners, as of a peg that could stand there
                double corner = Math.max(2, r * 0.6);
                for (int sx = -1; sx <= 1; sx += 2) {
                    for (int sy = -1; sy <= 1; sy += 2) {
                        rect(sx < 0 ? cx - r : cx + r - corner, sy < 0 ? cy - r : cy + r - 2, corner, 2,
                                palette.ink);
                        rect(sx < 0 ? cx - r : cx + r - 2, sy < 0 ? cy - r : cy + r - corner, 2, corner,
                                palette.ink);
                    }
                }
            }
            case PLANNED_PROVED -> {
                frame(cx, cy, r, palette.plan);
                double disc = Math.max(1.5, r * 0.62);
                g.setFill(palette.proved);
                g.fillOval(cx - disc, cy - disc, 2 * disc, 2 * disc);
            }
            case MISSING -> {
                frame(cx, cy, r, palette.fault);
                rect(cx - r * 0.6, cy - 1, r * 1.2, 2, palette.fault);
            }
            case UNPLANNED -> cross(cx, cy, r, palette.fault);
            case PART -> {
                frame(cx, cy, r * 0.8, palette.plan);
                rect(cx - r * 1.3, cy - 0.5, r * 0.5, 1, palette.plan);
                rect(cx + r * 0.8, cy - 0.5, r * 0.5, 1, palette.plan);
            }
            case CUT -> {
                rect(cx - r, cy - 1, r * 0.7, 2, palette.plan);
                rect(cx + r * 0.3, cy - 1, r * 0.7, 2, palette.plan);
                rect(cx - 1, cy - r * 0.6, 1.5, r * 1.2, palette.plan);
            }
        }
        if (selected) {
            g.setFill(palette.ink);
            for (int side = 0; side < 2; side++) {
                g.fillRect(x + 1, y + 1 + side * (size - 3), size - 1, 2);
                g.fillRect(x + 1 + side * (size - 3), y + 1, 2, size - 1);
            }
        }
    }

    private void rect(double x, double y, double w, double h, Color colour) {
        g.setFill(colour);
        g.fillRect(x, y, w, h);
    }

    private void dot(double cx, double cy, double d, Color colour) {
        rect(Math.round(cx - d / 2), Math.round(cy - d / 2), d, d, colour);
    }

    private void plus(double cx, double cy, double r) {
        rect(cx - r, cy - 1, 2 * r, 2, onYellow());
        rect(cx - 1, cy - r, 2, 2 * r, onYellow());
    }

    /** Yellow stays yellow in both themes, so the darker of ink and sheet stands out on it. */
    private Color onYellow() {
        return palette.ink.getBrightness() < palette.sheet.getBrightness() ? palette.ink : palette.sheet;
    }

    /** A disc with a hole: filled when measured, a thin ring when it follows. */
    private void ring(double cx, double cy, double r, Color colour, boolean thick) {
        g.setFill(colour);
        g.fillOval(cx - r, cy - r, 2 * r, 2 * r);
        double hole = thick ? r * 0.38 : r * 0.72;
        g.setFill(palette.sheet);
        g.fillOval(cx - hole, cy - hole, 2 * hole, 2 * hole);
    }

    private void peg(double cx, double cy, double r, Color colour, Color hole) {
        rect(cx - r, cy - r, 2 * r, 2 * r, colour);
        rect(cx - r * 0.35, cy - r * 0.35, r * 0.7, r * 0.7, hole);
    }

    private void frame(double cx, double cy, double r, Color colour) {
        rect(cx - r, cy - r, 2 * r, 2, colour);
        rect(cx - r, cy + r - 2, 2 * r, 2, colour);
        rect(cx - r, cy - r, 2, 2 * r, colour);
        rect(cx + r - 2, cy - r, 2, 2 * r, colour);
    }

    private void cross(double cx, double cy, double r, Color colour) {
        g.setFill(colour);
        double w = Math.max(1.5, r * 0.3);
        g.fillPolygon(new double[]{cx - r, cx - r + w, cx + r, cx + r - w},
                new double[]{cy - r + w, cy - r, cy + r - w, cy + r}, 4);
        g.fillPolygon(new double[]{cx + r - w, cx + r, cx - r + w, cx - r},
                new double[]{cy - r, cy - r + w, cy + r, cy + r - w}, 4);
    }

    private void heads(PegModel model) {
        boolean small = size < 16;
        Font number = Font.font("Overpass Mono SemiBold",
                small ? Math.max(size < NUMBERED ? 8 : 6, size * 0.8) : Math.min(15 * text, size * 0.8));
        Font word = Font.font("Overpass", small ? 8 : Math.min(13 * text, size * 0.8));
        g.setTextBaseline(VPos.CENTER);
        boolean named = model.rows().stream().anyMatch(h -> h.id().length() > 3);
        for (int r = 0; r < rows; r++) {
            PegModel.Head head = model.rows().get(r);
            double y = top + r * size + size / 2 + 1;
            double x = left - (labels - 12);
            g.setFill(palette.ink);
            g.setFont(number);
            if (rows > 30) {
                if (isWritten(r)) {
                    g.setTextAlign(TextAlignment.RIGHT);
                    g.fillText(head.id(), left - 4, y, labels);
                }
                continue;
            }
            g.setTextAlign(named ? TextAlignment.LEFT : TextAlignment.RIGHT);
            g.fillText(head.id(), named ? x : x + 22 * text, y, text * (named ? 60 : 40));
            g.setTextAlign(TextAlignment.LEFT);
            g.setFont(word);
            g.fillText(shortened(head.signal(), named ? 5 : 9), x + text * (named ? 66 : 32), y);
        }
        g.setTextAlign(TextAlignment.CENTER);
        for (int c = 0; c < columns; c++) {
            PegModel.Head head = model.columns().get(c);
            double x = left + c * size + size / 2;
            g.setFill(palette.ink);
            g.setFont(number);
            if (columns > 30) {
                if (isWritten(c)) {
                    g.fillText(head.id(), x, top - 8, size < NUMBERED ? 3 * size : size);
                }
                continue;
            }
            if (head.id().length() * number.getSize() * 0.6 > size - 4) {
                g.setFont(Font.font("Overpass Mono SemiBold",
                        Math.max(7, (size - 4) / (0.6 * head.id().length()))));
            }
            g.fillText(head.id(), x, 14 * text, size);
            if (!head.colour().isEmpty()) {
                swatch(head.colour(), x - Math.min(11, size * 0.4), 26 * text, Math.min(22, size * 0.8));
            }
            g.setFill(palette.quiet);
            g.setFont(Font.font("Overpass", size < 26 ? 8 : 10 * text));
            g.fillText(shortened(head.signal().isEmpty() ? head.colour() : head.signal(), 6), x, 44 * text,
                    size - 1);
        }
    }

    private boolean isWritten(int number) {
        return size >= NUMBERED || number % 5 == 0;
    }

    private void swatch(String code, double x, double y, double width) {
        List<String> hex = ColourCode.hex(code);
        if (hex.isEmpty()) {
            return;
        }
        rect(x, y, width, 8, palette.ink);
        rect(x + 1, y + 1, width - 2, 6, Color.web(hex.getFirst()));
        if (hex.size() > 1) {
            rect(x + 1, y + 3, width - 2, 2, Color.web(hex.get(1)));
        }
    }

    private static String shortened(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most - 1) + "…";
    }

    private void brackets(List<PegModel.Bracket> brackets, boolean forRows) {
        int depth = 0;
        for (PegModel.Bracket b : brackets) {
            g.setFill(b.proved() ? palette.proved : palette.plan);
            double from = (forRows ? top : left) + b.from() * size + size / 2;
            double to = (forRows ? top : left) + b.to() * size + size / 2;
            double out = forRows ? left - labels + 4 - 5 * (depth % 4) : top - 2 - 3 * (depth % 2);
            double reach = forRows ? 10 + 5 * (depth % 4) : 4;
            if (forRows) {
                g.fillRect(out, from, 2, to - from + 2);
                g.fillRect(out, from, reach, 2);
                g.fillRect(out, to, reach, 2);
            } else {
                g.fillRect(from, out - 4, to - from + 2, 2);
                g.fillRect(from, out - 4, 2, reach);
                g.fillRect(to, out - 4, 2, reach);
            }
            depth++;
        }
    }
}
