package wegweiser.files.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.LoomDrawing;
import wegweiser.core.assembly.Place;
import wegweiser.core.assembly.Run;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.catalog.Side;
import wegweiser.core.catalog.Terminals;
import wegweiser.core.derived.Derived;
import wegweiser.core.drawing.Drawing;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.make.BenchSteps;
import wegweiser.core.make.CutList;
import wegweiser.core.make.Materials;
import wegweiser.core.make.OnPaper;
import wegweiser.core.make.Step;
import wegweiser.core.make.StripLengths;
import wegweiser.core.model.BundleCode;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.prove.Sure;
import wegweiser.core.prove.Sureness;
import wegweiser.core.prove.Testing;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.readings.ReadingList;
import wegweiser.core.route.NoWay;
import wegweiser.core.rules.LethalDevice;
import wegweiser.core.rules.Mains;
import wegweiser.core.sizing.Sizing;
import wegweiser.core.sizing.SizingLine;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

/**
 * What stands on the sheet of a cable, block by block, before it is laid out for any kind of file.
 *
 * @param label label number of the unit, or empty before it is recorded
 */
record SheetContent(String title, String label, String cable, String verdict, List<Face> faces,
        List<Block> blocks) {

    /** So wide a picture of branches may be on paper, in mm. */
    private static final double LOOM_MM = 178;
    /** So many touches are printed ahead. */
    private static final int AHEAD = 120;

    /** A connector from the wiring side, and what is said of it. */
    record Face(String heading, String words, Drawing drawing) {}

    /**
     * Gathers the content.
     *
     * @param testing how it is tested
     */
    static SheetContent of(Job job, String label, Testing testing) {
        Derived derived = Derived.of(job);
        if (Mains.isIn(derived)) {
            return new SheetContent(job.title(), label, cable(job), Words.say("sheet.refused"), List.of(),
                    List.of(new Block.Points(Words.say("sheet.refused"), NoWay.because(derived))));
        }
        Sure sure = Sure.of(derived, testing);
        List<Step> steps = BenchSteps.of(derived, true);
        List<Block> blocks = new ArrayList<>();
        LethalDevice.warning(job)
                .ifPresent(w -> blocks.add(new Block.Points(Words.say("sheet.danger"), List.of(w))));
        blocks.add(fromTo(job));
        blocks.addAll(pegs(job));
        blocks.addAll(loom(derived));
        CutList.of(job).map(SheetContent::cuts).ifPresent(blocks::add);
        if (!job.cable().cutOff().isEmpty()) {
            blocks.add(new Block.Points(Words.say("sheet.anew"), job.cable().cutOff().stream()
                    .map(c -> Words.say("sheet.cut-off", c.end(), Words.number(c.mm()))).toList()));
        }
        strips(derived).ifPresent(blocks::add);
        blocks.add(Block.Table.of("parts", List.of("item", "count"), Materials.parts(derived).stream()
                .map(p -> List.of(p.words(), String.valueOf(p.count()))).toList()));
        sizing(derived).ifPresent(blocks::add);
        blocks.add(new Block.Points(Words.say("sheet.cautions"), OnPaper.cautions(steps)));
        blocks.add(new Block.Steps(Words.say("sheet.steps"), OnPaper.lines(steps)));
        blocks.add(tests(derived, sure, testing));
        if (!job.readings().isEmpty()) {
            blocks.add(new Block.Points(Words.say("sheet.blind"), sure.verdict().blind()));
        }
        if (!job.waivers().isEmpty()) {
            blocks.add(Block.Table.of("waivers", List.of("rule", "where", "reason"), job.waivers().stream()
                    .map(w -> List.of(w.rule(), Words.list(w.terminals()), w.reason())).toList()));
        }
        return new SheetContent(job.title(), label, cable(job), sure.words(),
                faces(job),
                blocks);
    }

    private static Optional<Block> strips(Derived derived) {
        List<Block.Strip> strips = new ArrayList<>();
        for (Place place : Assembly.of(derived).made()) {
            StripLengths.of(derived, place.end()).ifPresent(l -> strips.add(new Block.Strip(
                    Words.say("sheet.strip", place.name(), Words.number(l.sheathMm()),
                            Words.number(l.bareMm())),
                    l.sheathMm(), l.bareMm(), l.wires().size())));
        }
        return strips.isEmpty() || derived.job().links().isEmpty()
                ? Optional.empty()
                : Optional.of(new Block.Strips(Words.say("sheet.strips"), strips));
    }

    private static Optional<Block> sizing(Derived derived) {
        List<SizingLine> lines = Sizing.of(derived);
        return lines.isEmpty()
                ? Optional.empty()
                : Optional.of(Block.Table.of("electrical", List.of("item", "value", "remark"), lines.stream()
                        .map(l -> List.of(l.words(), l.figure(), l.remedy())).toList()));
    }

    /** The from-to table alone. */
    static Block.Table fromTo(Job job) {
        return Block.Table.of("from-to",
                List.of("from", "signal", "to", "signal", "conductor", "colour", "part"),
                job.links().stream().map(l -> row(job, l)).toList());
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
            Catalogue.of(job).of(end).ifPresent(type -> faces.add(new Face(
                    end.name() + "  " + end.device() + " · " + type.title(),
                    Words.say("side.wiring")
                            + (type.numbersToCheck() ? ". " + Words.say("sheet.check-numbers") : ""),
                    FaceDrawing.of(type, Side.WIRING, new FaceDrawing.Marks(wires(job, end), Set.of())))));
        }
        return faces;
    }

    /** Which conductor comes to each contact of an end. */
    private static Map<String, String> wires(Job job, End end) {
        Map<String, String> wires = new HashMap<>();
        job.cable().loom().splices().stream().flatMap(s -> s.wires().stream())
                .filter(t -> t.to().end().equals(end.name()))
                .forEach(t -> wires.put(t.to().contact(), t.wire()));
        for (Link link : job.links()) {
            Stream.concat(Stream.of(link.from()), link.to().stream())
                    .filter(t -> t.end().equals(end.name()))
                    .forEach(t -> wires.putIfAbsent(t.contact(), link.conductor().orElse("-")));
        }
        return wires;
    }

    private static List<String> row(Job job, Link link) {
        return List.of(link.from().toString(), signal(job, link.from()),
                link.to().map(Terminal::toString).orElse(Words.say("sheet.insulated")),
                link.to().map(t -> signal(job, t)).orElse(""), conductor(job, link),
                link.conductor().filter(_ -> splice(job, link).isEmpty()).map(ColourCode::words).orElse(""),
                link.part().map(SheetContent::part).orElse(""));
    }

    private static Optional<Splice> splice(Job job, Link link) {
        return job.cable().loom().spliceOf(link);
    }

    /** The wire, or those on both sides of a splice. */
    private static String conductor(Job job, Link link) {
        return splice(job, link).map(s -> s.wireTo(link.from()).orElse("") + " – " + s.name() + " – "
                + s.wireTo(link.to().orElseThrow()).orElse("")).or(link::conductor).orElse("");
    }

    private static String part(Part part) {
        return part.ohms().isPresent()
                ? part.kind().id() + " " + Quantity.words(part.ohms().getAsDouble(), Unit.OHM)
                : part.kind().id();
    }

    private static String signal(Job job, Terminal terminal) {
        return job.row(terminal).map(PinRow::label).orElse("");
    }

    /** The first two ends, and of more whatever two the plan joins. */
    private static List<Block> pegs(Job job) {
        List<Block> boards = new ArrayList<>();
        Nets nets = Nets.planned(job);
        for (int i = 0; i < job.ends().size(); i++) {
            for (int j = i + 1; j < job.ends().size(); j++) {
                End near = job.ends().get(i);
                End far = job.ends().get(j);
                boolean joined = job.links().stream().anyMatch(l -> l.to().isPresent()
                        && Set.of(l.from().end(), l.to().get().end())
                                .equals(Set.of(near.name(), far.name())));
                if (joined || j == 1) {
                    boards.add(pegs(job, nets, near, far));
                }
            }
        }
        return boards;
    }

    private static Block.Pegs pegs(Job job, Nets nets, End near, End far) {
        List<Terminal> rows = Terminals.of(job, near);
        List<Terminal> columns = Terminals.of(job, far);
        Set<List<Integer>> pegs = new LinkedHashSet<>();
        for (int r = 0; r < rows.size(); r++) {
            for (int c = 0; c < columns.size(); c++) {
                if (nets.joined(rows.get(r), columns.get(c))) {
                    pegs.add(List.of(r, c));
                }
            }
        }
        return new Block.Pegs(
                job.ends().size() > 2
                        ? Words.say("sheet.pegboard-of", near.name(), far.name())
                        : Words.say("sheet.pegboard"),
                rows.stream().map(Terminal::contact).toList(),
                columns.stream().map(Terminal::contact).toList(), pegs);
    }

    /** Branches with their picture, and what is spliced. */
    private static List<Block> loom(Derived derived) {
        Assembly assembly = Assembly.of(derived);
        List<Block> blocks = new ArrayList<>();
        if (!assembly.runs().isEmpty()) {
            blocks.add(new Block.Picture(Words.say("sheet.runs"), LoomDrawing.of(assembly, LOOM_MM),
                    Block.Table.of("runs", List.of("from", "to", "length", "wires"),
                            assembly.runs().stream().map(SheetContent::run).toList())));
        }
        if (!assembly.splices().isEmpty()) {
            blocks.add(Block.Table.of("splices", List.of("splice", "where", "wires"),
                    assembly.splices().stream().map(s -> List.of(s.name(), s.at(),
                            String.join(", ", s.wires().stream()
                                    .map(t -> Words.say("sheet.splice.wire", t.wire(), t.to())).toList())))
                            .toList()));
        }
        List<BundleCode> codes = derived.job().cable().loom().codes();
        if (!codes.isEmpty()) {
            blocks.add(Block.Table.of("codes", List.of("device", "colours"), codes.stream()
                    .map(c -> List.of((c.end() + " " + assembly.device(c.end())).strip(),
                            String.join(" ", c.colours())))
                    .toList()));
        }
        return blocks;
    }

    private static List<String> run(Run run) {
        List<String> wires = new ArrayList<>(run.wires().stream()
                .map(w -> run.spare().contains(w) ? Words.say("sheet.spare", w) : w).toList());
        if (run.screened()) {
            wires.add(Link.SCREEN);
        }
        if (run.unnamed() > 0) {
            wires.add(Words.say("step.branch.unnamed", run.unnamed()));
        }
        return List.of(run.from(), run.to(), run.mm().isPresent() ? metres(run.mm().getAsDouble()) : "",
                String.join(", ", wires));
    }

    private static Block.Table cuts(CutList cut) {
        List<List<String>> rows = new ArrayList<>();
        if (!cut.wires().isEmpty()) {
            return Block.Table.of("cut", List.of("wire", "gauge", "length", "way"), cut.wires().stream()
                    .map(w -> List.of(w.wire(), w.awg() + " AWG", metres(w.mm()),
                            String.join(" – ", w.way())))
                    .toList());
        }
        cut.items().forEach(i -> rows.add(List.of(i.words(), metres(i.mm()))));
        rows.add(List.of(Words.say("sheet.total"), metres(cut.totalMm())));
        return Block.Table.of("cut", List.of("item", "length"), rows);
    }

    private static String metres(double mm) {
        return Words.fixed(mm / 1000, 2) + " m";
    }

    /**
     * The touches that were made, each with what was read, and then those that are still wanted, with
     * room to write. While one probe stays, the others of the same kind stand in its row.
     */
    private static Block.Table tests(Derived derived, Sure sure, Testing testing) {
        List<List<String>> rows = new ArrayList<>();
        for (Reading reading : derived.job().readings()) {
            if (!reading.isAssumed()) {
                rows.add(List.of(bridged(reading.red()), bridged(reading.black()),
                        Words.say("mode." + reading.mode().id()), "", Words.say(
                                derived.foreseen().fits(reading) ? "sheet.fits" : "sheet.fits-not",
                                ReadingList.result(reading))));
            }
        }
        if (sure.left().isPresent()) {
            Sureness.toCome(derived, testing, AHEAD)
                    .forEach(test -> rows.add(List.of(bridged(test.red()), bridged(test.black()),
                            Words.say("mode." + test.mode().id()), test.expect(), "")));
        }
        return Block.Table.of("tests", List.of("red", "black", "meter", "expect", "read"), joined(rows));
    }

    /** Rows that differ in the black probe alone become one. */
    private static List<List<String>> joined(List<List<String>> rows) {
        List<List<String>> fewer = new ArrayList<>();
        for (List<String> row : rows) {
            List<String> last = fewer.isEmpty() ? List.of() : fewer.getLast();
            if (!last.isEmpty() && last.getFirst().equals(row.getFirst())
                    && last.subList(2, row.size()).equals(row.subList(2, row.size()))) {
                List<String> more = new ArrayList<>(last);
                more.set(1, last.get(1) + ", " + row.get(1));
                fewer.set(fewer.size() - 1, more);
            } else {
                fewer.add(row);
            }
        }
        return fewer;
    }

    /** One terminal, or several that a probe touches at once. */
    private static String bridged(List<Terminal> all) {
        return String.join(" + ", all.stream().map(Terminal::toString).toList());
    }
}
