package wegweiser.core.pinout;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.PinRow;
import wegweiser.core.words.Words;

/**
 * A pinout read from text in whatever shape a manual has it: lists, tables with or without a header, CSV, Markdown,
 * rows of numbers over rows of names, code. Every line says what was understood of it, or why nothing was; nothing is
 * guessed silently. O(characters).
 */
public record PastedPinout(List<Line> lines) {
    /** What became of a line. */
    public enum Kind {
        UNDERSTOOD,
        HEADING,
        EMPTY,
        NOT_UNDERSTOOD
    }

    /**
     * One line of the text.
     *
     * @param number from 1
     * @param rows what it says
     * @param why what was not understood, or empty
     */
    public record Line(int number, String text, Kind kind, List<PinRow> rows, String why) {
        public Line {
            rows = List.copyOf(rows);
        }
    }

    public PastedPinout {
        lines = List.copyOf(lines);
    }

    /** Reads a text for a connector; empty stands for bare leads, whose contacts are whatever the text calls them. */
    public static PastedPinout read(String text, Optional<ConnectorType> type) {
        List<String> all = text.lines().map(Cells::plain).toList();
        Contacts contacts = new Contacts(type);
        RowReader reader = new RowReader(contacts);
        Optional<Header> header = Optional.empty();
        List<Line> lines = new ArrayList<>();
        List<String> originals = text.lines().toList();
        for (int k = 0; k < all.size(); k++) {
            String line = all.get(k);
            if (line.isBlank()) {
                lines.add(new Line(k + 1, originals.get(k), Kind.EMPTY, List.of(), ""));
                continue;
            }
            List<String> cells = Cells.split(line);
            Optional<Header> heading = Header.of(cells);
            if (heading.isPresent() && !reader.hasContactFirst(cells)) {
                header = heading;
                lines.add(new Line(k + 1, originals.get(k), Kind.HEADING, List.of(), ""));
                continue;
            }
            Optional<List<PinRow>> across = k + 1 < all.size()
                    ? Across.of(line, all.get(k + 1), contacts)
                    : Optional.empty();
            if (across.isPresent()) {
                lines.add(new Line(k + 1, originals.get(k), Kind.HEADING, List.of(), ""));
                lines.add(new Line(k + 2, originals.get(k + 1), Kind.UNDERSTOOD, across.get(), ""));
                k++;
                continue;
            }
            lines.add(reader.line(k + 1, originals.get(k), line, cells, header));
        }
        lines = Circuits.renamed(lines);
        Optional<List<PinRow>> inOrder = Across.inPrintedOrder(all, contacts);
        if (inOrder.isPresent() && lines.stream().allMatch(l -> l.rows().isEmpty())) {
            return new PastedPinout(ordered(lines, inOrder.get()));
        }
        return new PastedPinout(withoutRepeats(lines));
    }

    private static List<Line> ordered(List<Line> lines, List<PinRow> rows) {
        List<Line> result = new ArrayList<>();
        boolean given = false;
        for (Line line : lines) {
            boolean carries = !given && line.kind() == Kind.NOT_UNDERSTOOD;
            result.add(carries
                    ? new Line(line.number(), line.text(), Kind.UNDERSTOOD, rows, Words.say("paste.in-order"))
                    : line);
            given |= carries;
        }
        return result;
    }

    /** A contact that was named before is not taken again, unless it says the same. */
    private static List<Line> withoutRepeats(List<Line> lines) {
        Map<String, Integer> first = new LinkedHashMap<>();
        Map<String, String> said = new LinkedHashMap<>();
        List<Line> result = new ArrayList<>();
        for (Line line : lines) {
            List<PinRow> kept = new ArrayList<>();
            String why = line.why();
            for (PinRow row : line.rows()) {
                Integer before = first.putIfAbsent(row.contact(), line.number());
                if (before == null) {
                    said.put(row.contact(), row.label());
                    kept.add(row);
                } else if (!said.get(row.contact()).equals(row.label())) {
                    why = Words.say("paste.twice", row.contact(), before);
                }
            }
            Kind kind = line.kind() == Kind.UNDERSTOOD && kept.isEmpty() && !why.isEmpty()
                    ? Kind.NOT_UNDERSTOOD
                    : line.kind();
            result.add(new Line(line.number(), line.text(), kind, kept, why));
        }
        return result;
    }

    /** Every row that was understood, in the order of the text. */
    public List<PinRow> rows() {
        return lines.stream().flatMap(l -> l.rows().stream()).toList();
    }

    /** The lines of which something was not understood. */
    public List<Line> open() {
        return lines.stream().filter(l -> l.kind() == Kind.NOT_UNDERSTOOD || !l.why().isEmpty()).toList();
    }
}
