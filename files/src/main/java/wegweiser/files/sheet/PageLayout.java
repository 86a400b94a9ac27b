package wegweiser.files.sheet;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.drawing.Drawing;
import wegweiser.core.make.OnPaper;

/** Lays a sheet out on pages of A4, top to bottom, a new page when one is full. Text is measured and wrapped, never cut. */
final class PageLayout {
    private static final double LEFT = 15;
    private static final double WIDTH = 180;
    private static final double BOTTOM = 284;
    private static final double TEXT = 3.1;
    private static final double NOTE = 2.6;
    private static final double LINE = 4.6;
    private static final double STEPS = 92;
    private static final double PEG_TEXT = 2.4;
    private static final double BESIDE = 6;
    private static final double LARGEST = 3;
    private static final double SMALLEST = 1.4;

    private final Pen pen;
    private double y;

    private PageLayout(Pen pen) {
        this.pen = pen;
    }

    static <P extends Pen> P layOut(SheetContent sheet, P pen) {
        new PageLayout(pen).write(sheet);
        return pen;
    }

    private void write(SheetContent s) {
        newPage();
        for (String line : Wrap.lines(s.title(), s.label().isEmpty() ? WIDTH : 140, 6, Fonts.BOLD)) {
            room(7);
            pen.text(LEFT, y, 6, Fonts.BOLD, line);
            y += 7;
        }
        if (!s.label().isEmpty()) {
            double width = Fonts.MONO_MEDIUM.width(s.label(), 5) + 8;
            pen.box(LEFT + WIDTH - width, 14, width, 8, false);
            pen.text(LEFT + WIDTH - width + 4, 19.6, 5, Fonts.MONO_MEDIUM, s.label());
        }
        y -= 1;
        text(LEFT, WIDTH, s.cable() + (s.cable().isEmpty() ? "" : "  ·  ") + s.verdict());
        faces(s.faces());
        for (int k = 0; k < s.blocks().size(); k++) {
            Block block = s.blocks().get(k);
            if (k + 1 < s.blocks().size() && block instanceof Block.Pegs pegs
                    && s.blocks().get(k + 1) instanceof Block.Table table && beside(pegs, table)) {
                k++;
                continue;
            }
            switch (block) {
                case Block.Table t -> table(LEFT, WIDTH, t);
                case Block.Picture p -> {
                    heading(LEFT, p.heading());
                    room(Math.min(BOTTOM - 20, p.drawing().heightMm() + 4));
                    pen.drawing(LEFT, y, p.drawing());
                    y += p.drawing().heightMm() + 4;
                    rows(LEFT, WIDTH, p.table());
                }
                case Block.Pegs p -> pegs(p);
                case Block.Strips p -> strips(p);
                case Block.Steps p -> steps(p);
                case Block.Points p -> {
                    heading(LEFT, p.heading());
                    p.points().forEach(point -> text(LEFT + 5, WIDTH - 5, point));
                }
            }
        }
    }

    private void text(double x, double width, String text) {
        for (String line : Wrap.lines(text, width, TEXT, Fonts.TEXT)) {
            room(LINE);
            pen.text(x, y, TEXT, Fonts.TEXT, line);
            y += LINE;
        }
    }

    private void newPage() {
        pen.page();
        y = 20;
    }

    private void room(double height) {
        if (y + height > BOTTOM) {
            newPage();
        }
    }

    private void heading(double x, String heading) {
        room(16);
        y += 5;
        pen.text(x, y, 4, Fonts.MEDIUM, heading);
        y += 5.5;
    }

    /** Faces side by side as far as they fit. */
    private void faces(List<SheetContent.Face> faces) {
        double x = LEFT;
        double tallest = 0;
        for (SheetContent.Face face : faces) {
            double width = Math.max(78, face.drawing().widthMm() + 6);
            List<String> heading = Wrap.lines(face.heading(), width - 4, TEXT, Fonts.MEDIUM);
            double larger = larger(face.drawing(), width);
            double height = Math.max(1, larger) * face.drawing().heightMm() + (heading.size() - 1) * LINE;
            if (x > LEFT && x + width > LEFT + WIDTH) {
                y += tallest + 15;
                x = LEFT;
                tallest = 0;
            }
            if (x == LEFT) {
                room(Math.min(BOTTOM - 20, height + 15));
            }
            double down = y + 4;
            for (String line : heading) {
                pen.text(x, down, TEXT, Fonts.MEDIUM, line);
                down += LINE;
            }
            pen.text(x, down - 0.2, 2.8, Fonts.TEXT, face.words());
            pen.drawing(x, down + 2.4, face.drawing());
            if (larger > 0) {
                pen.drawing(x + face.drawing().widthMm() + BESIDE, down + 2.4, face.drawing().scaled(larger));
            }
            tallest = Math.max(tallest, height);
            x += width + 6;
        }
        y += faces.isEmpty() ? 0 : tallest + 13;
    }

    /** How much larger a face can be drawn beside its true size, to work by; 0 where there is no room for it. */
    private static double larger(Drawing drawing, double width) {
        double factor = Math.min(LARGEST, (width - BESIDE - drawing.widthMm()) / drawing.widthMm());
        return factor < SMALLEST ? 0 : factor;
    }

    /** The pegboard with a table on its right, if there is room for it; says whether there was. */
    private boolean beside(Block.Pegs pegs, Block.Table table) {
        double left = LEFT + boardWidth(pegs) + 10;
        double width = Wrap.natural(table, TEXT);
        double height = Math.max(pegs.rows().size() * cell(pegs), table.rows().size() * (LINE + 0.4)) + 25;
        if (left + width > LEFT + WIDTH || height > BOTTOM - 20) {
            return false;
        }
        room(height);
        double top = y;
        pegs(pegs);
        double bottom = y;
        y = top;
        table(left, width, table);
        y = Math.max(y, bottom);
        return true;
    }

    /** The end of a cable as it is stripped, in true size: sheath, insulation, copper. */
    private void strips(Block.Strips block) {
        heading(LEFT, block.heading());
        for (Block.Strip strip : block.strips()) {
            room(12);
            pen.text(LEFT, y, TEXT, Fonts.TEXT, strip.words());
            y += 2;
            double bared = LEFT + Block.SHEATH_MM + strip.sheathMm() - strip.bareMm();
            pen.box(LEFT, y, Block.SHEATH_MM, 4, true);
            pen.box(LEFT + Block.SHEATH_MM, y + 0.8, strip.sheathMm() - strip.bareMm(), 2.4, false);
            if (strip.bareMm() > 0) {
                pen.box(bared, y + 1.5, strip.bareMm(), 1, true);
            }
            y += 10;
        }
    }

    /** Steps in two columns, read down and then across. */
    private void steps(Block.Steps block) {
        heading(LEFT, block.heading());
        List<List<Written>> left = new ArrayList<>();
        block.steps().forEach(s -> left.add(written(s)));
        while (!left.isEmpty()) {
            room(LINE * left.getFirst().size());
            int fits = Math.max(1, (int) ((BOTTOM - y) / LINE));
            int half = (left.stream().mapToInt(List::size).sum() + 1) / 2;
            double top = y;
            int tallest = 0;
            for (int column = 0; column < 2; column++) {
                int most = column == 0 ? Math.min(fits, half) : fits;
                tallest = Math.max(tallest, column(left, LEFT + column * STEPS, top, most));
            }
            y = top + tallest * LINE;
            if (!left.isEmpty()) {
                newPage();
            }
        }
    }

    /** A line of a step, and how large it is written. */
    private record Written(String text, double size) {}

    private static List<Written> written(OnPaper.Line step) {
        List<Written> lines = new ArrayList<>();
        Wrap.lines(step.n() + "  " + step.text(), STEPS - 8, TEXT, Fonts.TEXT)
                .forEach(line -> lines.add(new Written(line, TEXT)));
        step.notes().forEach(note -> Wrap.lines(note, STEPS - 8, NOTE, Fonts.TEXT)
                .forEach(line -> lines.add(new Written(line, NOTE))));
        return lines;
    }

    /** Takes steps off the list while they fit into so many lines, at least one; returns how many lines they took. */
    private int column(List<List<Written>> left, double x, double top, int most) {
        int lines = 0;
        while (!left.isEmpty() && (lines == 0 || lines + left.getFirst().size() <= most)) {
            List<Written> step = left.removeFirst();
            pen.box(x, top + lines * LINE - 2.6, 2.8, 2.8, false);
            for (Written line : step) {
                pen.text(x + 5, top + lines++ * LINE, line.size(), Fonts.TEXT, line.text());
            }
        }
        return lines;
    }

    private void table(double x, double width, Block.Table table) {
        heading(x, table.heading());
        rows(x, width, table);
    }

    private void rows(double x, double width, Block.Table table) {
        double[] columns = Wrap.columns(table, width, TEXT);
        row(x, columns, table.heads(), Fonts.MEDIUM);
        table.rows().forEach(r -> row(x, columns, r, Fonts.TEXT));
    }

    private void row(double x, double[] columns, List<String> cells, Fonts font) {
        List<List<String>> wrapped = new ArrayList<>();
        for (int k = 0; k < columns.length; k++) {
            wrapped.add(Wrap.lines(cells.get(k), columns[k] - Wrap.GAP, TEXT, font));
        }
        int lines = wrapped.stream().mapToInt(List::size).max().orElse(1);
        room(lines * LINE);
        double left = x;
        for (int k = 0; k < columns.length; k++) {
            for (int l = 0; l < wrapped.get(k).size(); l++) {
                pen.text(left, y + l * LINE, TEXT, font, wrapped.get(k).get(l));
            }
            left += columns[k];
        }
        y += (lines - 1) * LINE + 1.3;
        pen.line(x, y, left, y, 0.1);
        y += LINE - 1.3 + 0.4;
    }

    /** How wide and high a cell is: its column's name fits above it, as long as all columns fit on the page. */
    private static double cell(Block.Pegs pegs) {
        double most = (WIDTH - 2 - Wrap.widest(pegs.rows(), PEG_TEXT, Fonts.MONO))
                / Math.max(1, pegs.columns().size());
        return Math.min(most, Math.max(5, Wrap.widest(pegs.columns(), PEG_TEXT, Fonts.MONO) + 0.8));
    }

    private static double boardWidth(Block.Pegs pegs) {
        return Wrap.widest(pegs.rows(), PEG_TEXT, Fonts.MONO) + 2 + cell(pegs) * pegs.columns().size();
    }

    private void pegs(Block.Pegs pegs) {
        double cell = cell(pegs);
        double high = Math.min(cell, 5);
        room(Math.min(260, (pegs.rows().size() + 2) * high + 16));
        heading(LEFT, pegs.heading());
        double left = LEFT + boardWidth(pegs) - cell * pegs.columns().size();
        double widest = Wrap.widest(pegs.columns(), 1, Fonts.MONO);
        double size = Math.min(PEG_TEXT, (cell - 0.4) / Math.max(0.1, widest));
        for (int c = 0; c < pegs.columns().size(); c++) {
            String name = pegs.columns().get(c);
            pen.text(left + (c + 0.5) * cell - Fonts.MONO.width(name, size) / 2, y, size, Fonts.MONO, name);
        }
        y += 1.5;
        for (int r = 0; r < pegs.rows().size(); r++) {
            if (y + high > BOTTOM) {
                newPage();
            }
            pen.text(LEFT, y + high * 0.7, Math.min(PEG_TEXT, high * 0.8), Fonts.MONO, pegs.rows().get(r));
            for (int c = 0; c < pegs.columns().size(); c++) {
                double x = left + c * cell;
                pen.box(x, y, cell, high, false);
                if (pegs.pegs().contains(List.of(r, c))) {
                    pen.box(x + cell / 2 - high / 4, y + high / 4, high / 2, high / 2, true);
                }
            }
            y += high;
        }
        y += 2;
    }
}
