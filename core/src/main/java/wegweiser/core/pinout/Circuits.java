package wegweiser.core.pinout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import wegweiser.core.model.PinRow;

/**
 * The old two-letter names of serial circuits (EIA-232, column of circuits): where several of them stand in one list, CD, CC and
 * AB are meant as they are there, which is not what CD alone means.
 */
final class Circuits {
    private static final Set<String> NAMES = Set.of("AA", "AB", "BA", "BB", "CA", "CB", "CC", "CD", "CE",
            "CF");
    private static final int ENOUGH = 3;

    private Circuits() {}

    /** The lines with CD as data terminal ready where the list is one of circuits, and as carrier detect elsewhere. */
    static List<PastedPinout.Line> renamed(List<PastedPinout.Line> lines) {
        long circuits = lines.stream().flatMap(l -> l.rows().stream()).map(Circuits::name)
                .filter(NAMES::contains)
                .filter(n -> !n.equals("CD")).distinct().count();
        String means = circuits >= ENOUGH ? "DTR" : "DCD";
        List<PastedPinout.Line> result = new ArrayList<>();
        for (PastedPinout.Line line : lines) {
            result.add(new PastedPinout.Line(line.number(), line.text(), line.kind(), line.rows().stream()
                    .map(r -> name(r).equals("CD") ? r.withSignal(means) : r).toList(), line.why()));
        }
        return result;
    }

    private static String name(PinRow row) {
        return row.name().orElse("").strip().toUpperCase(Locale.ROOT);
    }
}
