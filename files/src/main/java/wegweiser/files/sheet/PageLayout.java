package wegweiser.files.sheet;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.make.Step;
import wegweiser.core.words.Words;

/** Lays a sheet out on pages of A4, top to bottom, a new page when one is full. */
final class PageLayout {
    private static final double LEFT = 15;
    private static final double RIGHT = 195;
    private static final double BOTTOM = 284;
    private static final double TEXT = 3.1;
    private static final double LINE = 4.6;
    private static final double COLUMN = 92;
    /** Average width of a letter of Overpass as a share of its size. */
    private static final double LETTER = 0.52;

    private final Pen pen;
    private double y;

    private PageLayout(Pen pen) {
        this.pen = pen;
    }

    static void layOut(SheetContent sheet, Pen pen) {
        new PageLayout(pen).write(sheet);
    }

    private void write(SheetContent s) {
        newPage();
        List<String> title = wrapped(s.title(), s.label().isEmpty() ? RIGHT - LEFT : 140, 6);
        for (int k = 0; k < title.size(); k++) {
            room(7);
            pen.text(LEFT, y + (k == 0 ? 0 : 7), 6, Fonts.BOLD, title.get(k));
            y += k == 0 ? 0 : 7;
        }
        if (!s.label().isEmpty()) {
            pen.box(RIGHT - 32, 14, 32, 8, false);
            pen.text(RIGHT - 28, 19.6, 5, Fonts.MONO_MEDIUM, s.label());
        }
        y += 6;
        pen.text(LEFT, y, TEXT, Fonts.TEXT, s.cable() + (s.cable().isEmpty() ? "" : "  ·  ") + s.verdict());
        y += 4;
        faces(s.faces());
        heading("sheet.from-to");
        table(new double[]{0, 20, 42, 62, 84, 106, 148},
                List.of("sheet.from", "sheet.signal", "sheet.to", "sheet.signal", "sheet.conductor",
                        "sheet.colour", "sheet.part"),
                s.rows().stream().map(r -> List.of(r.from(), r.fromSignal(), r.to(), r.toSignal(),
                        r.conductor(), r.colour(), r.kind())).toList());
        gridAndCuts(s);
        steps(s.steps());
        heading("sheet.tests");
        table(new double[]{0, 16, 66, 116, 158},
                List.of("sheet.test", "sheet.red", "sheet.black", "sheet.expect", "sheet.result"),
                s.tests().stream().map(t -> List.of(t.kind(), t.red(), t.black(), t.expect(), t.result()))
                        .toList());
        if (!s.blind().isEmpty()) {
            heading("sheet.blind");
            list(s.blind());
        }
        if (!s.waivers().isEmpty()) {
            heading("sheet.waivers");
            table(new double[]{0, 40, 80}, List.of("sheet.rule", "sheet.where", "sheet.reason"),
                    s.waivers().stream().map(List::of).toList());
        }
        heading("sheet.cautions");
        list(s.cautions());
    }

    private void list(List<String> items) {
        for (String item : items) {
            for (String line : wrapped(item, RIGHT - LEFT - 5, TEXT)) {
                room(LINE);
                pen.text(LEFT + 5, y, TEXT, Fonts.TEXT, line);
                y += LINE;
            }
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

    private void heading(String key) {
        room(16);
        y += 5;
        pen.text(LEFT, y, 4, Fonts.MEDIUM, Words.say(key));
        y += 5.5;
    }

    /** Faces side by side as far as they fit. */
    private void faces(List<SheetContent.Face> faces) {
        double x = LEFT;
        double tallest = 0;
        for (SheetContent.Face face : faces) {
            double width = Math.max(78, face.drawing().widthMm() + 6);
            List<String> heading = wrapped(face.heading(), width - 4, TEXT);
            double height = face.drawing().heightMm() + (heading.size() - 1) * LINE;
            if (x > LEFT && x + width > RIGHT) {
                y += tallest + 15;
                x = LEFT;
                tallest = 0;
            }
            if (x == LEFT) {
                room(Math.min(BOTTOM - 20, height + 15));
            }
            double down = y;
            for (String line : heading) {
                pen.text(x, down + 4, TEXT, Fonts.MEDIUM, line);
                down += LINE;
            }
            down -= LINE;
            pen.text(x, down + 8.4, 2.8, Fonts.TEXT,
                    face.side() + (face.numbersToCheck() ? ". " + Words.say("sheet.check-numbers") : ""));
            pen.drawing(x, down + 11, face.drawing());
            tallest = Math.max(tallest, height);
            x += width + 6;
        }
        y += faces.isEmpty() ? 0 : tallest + 13;
    }

    /** The pegboard, and beside it the cut list where it leaves room. */
    private void gridAndCuts(SheetContent s) {
        boolean beside = s.grid().isPresent() && s.grid().get().columns().size() <= 16
                && s.grid().get().rows().size() <= 30;
        if (!beside) {
            s.grid().ifPresent(this::grid);
            cuts(s, LEFT);
            return;
        }
        room(Math.max(s.grid().get().rows().size() * 5.0 + 20, s.cuts().size() * LINE + 20));
        double top = y;
        grid(s.grid().get());
        double bottom = y;
        y = top;
        cuts(s, LEFT + 104);
        y = Math.max(y, bottom);
    }

    private void cuts(SheetContent s, double x) {
        if (s.cuts().isEmpty()) {
            return;
        }
        room(s.cuts().size() * LINE + 16);
        y += 5;
        pen.text(x, y, 4, Fonts.MEDIUM, Words.say("sheet.cut"));
        y += 5.5;
        for (String[] cut : s.cuts()) {
            pen.text(x, y, TEXT, Fonts.TEXT, cut[0]);
            pen.text(x + 58, y, TEXT, Fonts.MONO, cut[1]);
            y += LINE;
        }
    }

    /** Steps in two columns, read down and then across; what is too long for a line goes on in the next. */
    private void steps(List<Step> steps) {
        heading("sheet.steps");
        List<List<String>> left = new ArrayList<>();
        steps.forEach(s -> left.add(wrapped(s.n() + "  " + s.text(), COLUMN - 8, TEXT)));
        while (!left.isEmpty()) {
            room(LINE * left.getFirst().size());
            int fits = Math.max(1, (int) ((BOTTOM - y) / LINE));
            int half = (left.stream().mapToInt(List::size).sum() + 1) / 2;
            double top = y;
            int tallest = 0;
            for (int column = 0; column < 2; column++) {
                int most = column == 0 ? Math.min(fits, half) : fits;
                tallest = Math.max(tallest, column(left, LEFT + column * COLUMN, top, most));
            }
            y = top + tallest * LINE;
            if (!left.isEmpty()) {
                newPage();
            }
        }
    }

    /** Takes steps off the list while they fit into so many lines, at least one; returns how many lines they took. */
    private int column(List<List<String>> left, double x, double top, int most) {
        int lines = 0;
        while (!left.isEmpty() && (lines == 0 || lines + left.getFirst().size() <= most)) {
            List<String> step = left.removeFirst();
            pen.box(x, top + lines * LINE - 2.6, 2.8, 2.8, false);
            for (String line : step) {
                pen.text(x + 5, top + lines++ * LINE, TEXT, Fonts.TEXT, line);
            }
        }
        return lines;
    }

    private void table(double[] columns, List<String> heads, List<List<String>> rows) {
        if (!heads.isEmpty()) {
            cells(columns, heads.stream().map(Words::say).toList(), Fonts.MEDIUM);
        }
        rows.forEach(r -> cells(columns, r, Fonts.TEXT));
    }

    private void cells(double[] columns, List<String> cells, Fonts font) {
        List<List<String>> wrapped = new ArrayList<>();
        int lines = 1;
        for (int k = 0; k < cells.size(); k++) {
            double width = (k + 1 < columns.length ? columns[k + 1] : RIGHT - LEFT) - columns[k] - 2;
            wrapped.add(wrapped(cells.get(k), width, TEXT));
            lines = Math.max(lines, wrapped.getLast().size());
        }
        room(lines * LINE);
        for (int k = 0; k < cells.size(); k++) {
            for (int l = 0; l < wrapped.get(k).size(); l++) {
                pen.text(LEFT + columns[k], y + l * LINE, TEXT, font, wrapped.get(k).get(l));
            }
        }
        y += (lines - 1) * LINE + 1.3;
        pen.line(LEFT, y, RIGHT, y, 0.1);
        y += LINE - 1.3 + 0.4;
    }

    private void grid(SheetContent.Grid grid) {
        double cell = Math.min(5, (RIGHT - LEFT - 12) / Math.max(1, grid.columns().size()));
        room(Math.min(260, (grid.rows().size() + 2) * cell + 16));
        heading("sheet.pegboard");
        for (int c = 0; c < grid.columns().size(); c++) {
            pen.text(LEFT + 12 + c * cell + 0.6, y, Math.min(2.4, cell * 0.55), Fonts.MONO,
                    shortName(grid.columns().get(c)));
        }
        y += 1.5;
        for (int r = 0; r < grid.rows().size(); r++) {
            if (y + cell > BOTTOM) {
                newPage();
            }
            pen.text(LEFT + 2, y + cell * 0.7, Math.min(2.4, cell * 0.55), Fonts.MONO,
                    shortName(grid.rows().get(r)));
            for (int c = 0; c < grid.columns().size(); c++) {
                double x = LEFT + 12 + c * cell;
                pen.box(x, y, cell, cell, false);
                if (grid.pegs().contains(List.of(r, c))) {
                    pen.box(x + cell * 0.25, y + cell * 0.25, cell * 0.5, cell * 0.5, true);
                }
            }
            y += cell;
        }
        y += 2;
    }

    private static String shortName(String contact) {
        return contact.equals("shell") ? "sh" : contact.length() > 5 ? contact.substring(0, 5) : contact;
    }

    private static List<String> wrapped(String text, double width, double size) {
        int fits = Math.max(4, (int) (width / (size * LETTER)));
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.replaceAll("(\\S{" + fits + "})(?=\\S)", "$1 ").split("\\s")) {
            if (!line.isEmpty() && line.length() + 1 + word.length() > fits) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.isEmpty() ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }
}
