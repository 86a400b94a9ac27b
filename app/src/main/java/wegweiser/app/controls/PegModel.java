package wegweiser.app.controls;

import java.util.List;
import java.util.Optional;
import wegweiser.core.model.Terminal;

/**
 * What a pegboard shows: the contacts of one end as rows, those of another as columns.
 *
 * @param cells row by row
 * @param target the cell to touch now
 */
public record PegModel(List<Head> rows, List<Head> columns, List<List<PegCell>> cells,
        Optional<Target> target,
        List<Bracket> rowBrackets, List<Bracket> columnBrackets) {
    /** A contact with what is known of it; {@code colour} is the conductor that goes there, or empty. */
    public record Head(Terminal terminal, String signal, String colour) {
        public String id() {
            return terminal.contact().equals("shell") ? "sh" : terminal.contact();
        }
    }

    /** The cell that is proposed; with gangs, all rows and columns that take part. */
    public record Target(List<Integer> rows, List<Integer> columns) {
        public boolean isCell() {
            return rows.size() == 1 && columns.size() == 1;
        }
    }

    /** A join within one end, drawn in the margin. */
    public record Bracket(int from, int to, boolean proved) {}

    public static final PegModel EMPTY = new PegModel(List.of(), List.of(), List.of(), Optional.empty(),
            List.of(), List.of());

    /** Whether some cell shows this. */
    public boolean has(PegCell what) {
        return cells.stream().anyMatch(row -> row.contains(what));
    }

    public PegCell cell(int row, int column) {
        return cells.get(row).get(column);
    }
}
