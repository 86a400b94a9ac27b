package wegweiser.files.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Side;
import wegweiser.core.derived.Derived;
import wegweiser.core.drawing.Drawing;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.CutList;
import wegweiser.core.make.Step;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.prove.Test;
import wegweiser.core.prove.Verdict;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

/**
 * What stands on the sheet of a cable, before it is laid out for any kind of file.
 *
 * @param blind what the verdict cannot exclude
 */
public record SheetContent(String title, String label, String cable, String verdict, List<Face> faces,
        List<Row> rows, Optional<Grid> grid, List<String[]> cuts, List<Step> steps, List<TestRow> tests,
        List<String> blind, List<String> cautions, List<String[]> waivers) {

    /** A connector from the wiring side. */
    public record Face(String heading, String side, Drawing drawing, boolean numbersToCheck) {}

    /** One line of the from-to table. */
    public record Row(String from, String fromSignal, String to, String toSignal, String conductor,
            String colour, String kind) {}

    /** One test with its result, which is empty when it was not made. */
    public record TestRow(String kind, String red, String black, String expect, String result) {}

    /** The pegboard: rows and columns of two ends, and which cells are pegged. */
    public record Grid(List<String> rows, List<String> columns, Set<List<Integer>> pegs) {}

    /** Gathers the content. {@code label} is the label number, or empty before the unit is recorded. */
    public static SheetContent of(Job job, String label) {
        Derived derived = Derived.of(job);
        Verdict verdict = Verdict.of(derived, Fixture.COMB);
        List<Step> steps = BenchSteps.of(derived, true);
        return new SheetContent(job.title(), label, cable(job), Words.say("verdict." + verdict.word()),
                faces(job), rows(job),
                grid(job), cuts(job), steps, tests(verdict),
                job.readings().isEmpty() ? List.of() : verdict.blind(), cautions(steps),
                job.waivers().stream()
                        .map(w -> new String[]{w.rule(), Words.list(w.terminals()), w.reason()})
                        .toList());
    }

    private static String cable(Job job) {
        String stock = Cables.of(job).map(c -> c.title()).or(job.cable()::stock)
                .orElse("");
        String length = job.cable().lengthMm().isPresent()
                ? Quantity.words(job.cable().lengthMm().getAsDouble() / 1000, Unit.METRE)
                : "";
        return stock.isEmpty() || length.isEmpty() ? stock + length : stock + ", " + length;
    }

    private static List<Face> faces(Job job) {
        List<Face> faces = new ArrayList<>();
        for (End end : job.ends()) {
            ConnectorType type = Catalogue.of(job).of(end).orElse(null);
            if (type == null) {
                continue;
            }
            Map<String, String> wires = new HashMap<>();
            for (Link link : job.links()) {
                for (Terminal t : link.to().map(to -> List.of(link.from(), to))
                        .orElse(List.of(link.from()))) {
                    if (t.end().equals(end.name())) {
                        wires.putIfAbsent(t.contact(), link.conductor().orElse("-"));
                    }
                }
            }
            faces.add(new Face(end.name() + "  " + end.device() + " · " + type.title(),
                    Words.say("side.wiring"),
                    FaceDrawing.of(type, Side.WIRING, new FaceDrawing.Marks(wires, Set.of())),
                    type.numbersToCheck()));
        }
        return faces;
    }

    private static List<Row> rows(Job job) {
        List<Row> rows = new ArrayList<>();
        for (Link link : job.links()) {
            rows.add(new Row(link.from().toString(), signal(job, link.from()),
                    link.to().map(Terminal::toString).orElse(Words.say("sheet.insulated")),
                    link.to().map(t -> signal(job, t)).orElse(""), link.conductor().orElse(""),
                    link.conductor().map(ColourCode::words).orElse(""),
                    link.part().map(SheetContent::part).orElse("")));
        }
        return rows;
    }

    private static String part(Part part) {
        return part.ohms().isPresent()
                ? part.kind().id() + " " + Quantity.words(part.ohms().getAsDouble(), Unit.OHM)
                : part.kind().id();
    }

    private static String signal(Job job, Terminal terminal) {
        return job.row(terminal).map(PinRow::label).orElse("");
    }

    private static Optional<Grid> grid(Job job) {
        if (job.ends().size() < 2) {
            return Optional.empty();
        }
        Nets nets = Nets.planned(job);
        String near = job.ends().get(0).name();
        String far = job.ends().get(1).name();
        List<Terminal> rows = nets.index().terminals().stream().filter(t -> t.end().equals(near)).toList();
        List<Terminal> columns = nets.index().terminals().stream().filter(t -> t.end().equals(far)).toList();
        Set<List<Integer>> pegs = new java.util.LinkedHashSet<>();
        for (int r = 0; r < rows.size(); r++) {
            for (int c = 0; c < columns.size(); c++) {
                if (nets.joined(rows.get(r), columns.get(c))) {
                    pegs.add(List.of(r, c));
                }
            }
        }
        return Optional.of(new Grid(rows.stream().map(Terminal::contact).toList(),
                columns.stream().map(Terminal::contact).toList(), pegs));
    }

    private static List<String[]> cuts(Job job) {
        return CutList.of(job).map(cut -> {
            List<String[]> lines = new ArrayList<>();
            cut.items().forEach(i -> lines.add(new String[]{i.words(), metres(i.mm())}));
            lines.add(new String[]{Words.say("sheet.total"), metres(cut.totalMm())});
            return lines;
        }).orElse(List.of());
    }

    private static String metres(double mm) {
        return String.format(java.util.Locale.ROOT, "%.2f m", mm / 1000);
    }

    private static List<TestRow> tests(Verdict verdict) {
        List<TestRow> rows = new ArrayList<>();
        for (int k = 0; k < verdict.plan().size(); k++) {
            Test test = verdict.plan().get(k);
            rows.add(new TestRow(test.kind().id(), terminals(test.red()), terminals(test.black()),
                    test.expect(),
                    switch (verdict.states().get(k)) {
                        case OPEN -> "";
                        case PASSED -> Words.say("sheet.passed");
                        case FAILED -> Words.say("sheet.failed");
                    }));
        }
        return rows;
    }

    private static String terminals(List<Terminal> all) {
        return String.join(" ", all.stream().map(Terminal::toString).toList());
    }

    private static List<String> cautions(List<Step> steps) {
        return steps.stream().map(Step::caution).filter(c -> !c.isEmpty()).distinct().toList();
    }
}
