package wegweiser.core.pinout;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import wegweiser.core.model.PinRow;
import wegweiser.core.signals.Signals;

/** Pinouts written along a line: a row of contacts over a row of names, or names in printed order. */
final class Across {
    private Across() {}

    /** Two lines, the first with contacts only, the second with as many names. */
    static Optional<List<PinRow>> of(String first, String second, Contacts contacts) {
        if (contacts.isLeads()) {
            return Optional.empty();
        }
        List<String> above = words(first);
        List<String> below = words(second);
        if (above.size() > 2 && contacts.one(above.getFirst()).isEmpty()
                && above.stream().skip(1).allMatch(contacts::isSurely)) {
            above = above.subList(1, above.size());
            if (below.size() == above.size() + 1) {
                below = below.subList(1, below.size());
            }
        }
        boolean fits = above.size() >= 2 && above.size() == below.size()
                && above.stream().allMatch(contacts::isSurely)
                && below.stream().noneMatch(contacts::isSurely);
        if (!fits) {
            return Optional.empty();
        }
        List<PinRow> rows = new ArrayList<>();
        for (int k = 0; k < above.size(); k++) {
            rows.add(Meanings.row(contacts.one(above.get(k)).orElseThrow(), below.get(k)));
        }
        return Optional.of(rows);
    }

    /** As many names as the connector has contacts, all of them known spellings, and no contact named at all. */
    static Optional<List<PinRow>> inPrintedOrder(List<String> lines, Contacts contacts) {
        List<String> names = lines.stream().filter(l -> !l.isBlank()).flatMap(l -> words(l).stream())
                .toList();
        List<String> pins = contacts.pins();
        boolean fits = names.size() > 2 && names.size() == pins.size()
                && names.stream().allMatch(Signals::isKnown);
        if (!fits) {
            return Optional.empty();
        }
        List<PinRow> rows = new ArrayList<>();
        for (int k = 0; k < names.size(); k++) {
            rows.add(Meanings.row(pins.get(k), names.get(k)));
        }
        return Optional.of(rows);
    }

    private static List<String> words(String line) {
        return Arrays.stream(line.split("[\\s|;,]+")).filter(w -> !w.isEmpty()).toList();
    }
}
