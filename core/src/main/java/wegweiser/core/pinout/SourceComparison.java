package wegweiser.core.pinout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.End;
import wegweiser.core.model.HasId;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.words.Words;

/**
 * What the sources of a pinout say, side by side, and how their numbering is related.
 *
 * @param sources names of the sources, the settling ones left out
 */
public record SourceComparison(List<String> sources, List<Row> rows, List<Relation> relations) {
    /** How the sources stand to each other at one contact. */
    public enum Agreement implements HasId {
        /** Only one source names it, or none. */
        SINGLE,
        /** All say the same in the same words. */
        SAME,
        /** All mean the same and spell it differently. */
        NAME_ONLY,
        /** They mean different things. */
        SUBSTANCE,
        /** They mean different things, and a measurement or a decision settles it. */
        SETTLED
    }

    /** One contact: what each source calls it. */
    public record Row(String contact, Map<String, String> said, Agreement agreement) {
        public Row {
            said = Map.copyOf(said);
        }
    }

    /**
     * A source that numbers its contacts another way than the one before it.
     *
     * @param words such as "counts from the other side"
     * @param meant number in {@code source} to the contact it means
     */
    public record Relation(String source, String than, String words, Map<String, String> meant) {
        public Relation {
            meant = Map.copyOf(meant);
        }
    }

    /** Compares the sources of an end. O(sources squared x numberings x contacts). */
    public static SourceComparison of(End end, Optional<ConnectorType> type) {
        List<String> names = Sources.of(end).stream()
                .filter(n -> !n.equals(PinSource.MEASURED) && !n.equals(PinSource.DECIDED)).toList();
        List<Row> rows = end.pinout().stream().map(SourceComparison::row).toList();
        List<Relation> relations = new ArrayList<>();
        for (int k = 1; k < names.size(); k++) {
            for (int earlier = 0; earlier < k; earlier++) {
                Optional<Relation> relation = type.isEmpty()
                        ? Optional.empty()
                        : relation(end, type.get(), names.get(k), names.get(earlier));
                if (relation.isPresent()) {
                    relations.add(relation.get());
                    break;
                }
            }
        }
        return new SourceComparison(names, rows, relations);
    }

    /** Whether any row still has to be decided. */
    public boolean isOpen() {
        return rows.stream().anyMatch(r -> r.agreement() == Agreement.SUBSTANCE);
    }

    private static Row row(PinRow row) {
        Map<String, String> said = new LinkedHashMap<>();
        row.sources().forEach(s -> said.put(s.source(), s.name()));
        List<PinSource> printed = row.sources().stream()
                .filter(s -> !Sources.settles(s) && !s.name().isBlank())
                .toList();
        long meanings = printed.stream().map(Sources::signal).distinct().count();
        long spellings = printed.stream().map(s -> s.name().strip()).distinct().count();
        boolean settled = row.sources().stream().anyMatch(Sources::settles);
        Agreement agreement = printed.size() < 2
                ? Agreement.SINGLE
                : meanings > 1
                        ? settled ? Agreement.SETTLED : Agreement.SUBSTANCE
                        : spellings > 1 ? Agreement.NAME_ONLY : Agreement.SAME;
        return new Row(row.contact(), said, agreement);
    }

    private static Map<String, String> signals(End end, String source) {
        Map<String, String> found = new LinkedHashMap<>();
        for (PinRow row : end.pinout()) {
            row.sources().stream().filter(s -> s.source().equals(source) && !s.name().isBlank()).findFirst()
                    .ifPresent(s -> found.put(row.contact(), Sources.signal(s)));
        }
        return found;
    }

    private static Optional<Relation> relation(End end, ConnectorType type, String source, String than) {
        Map<String, String> ours = signals(end, than);
        Map<String, String> theirs = signals(end, source);
        int now = agreeing(ours, theirs, Map.of());
        Numbering best = null;
        int bestCount = now;
        for (Numbering numbering : Numbering.of(type)) {
            int count = agreeing(ours, theirs, numbering.meant());
            if (count > bestCount) {
                best = numbering;
                bestCount = count;
            }
        }
        // as good as all must fall into place, and clearly more than before, or it is a difference of substance
        boolean convincing = best != null && bestCount >= 3 && bestCount >= now + 2
                && bestCount >= 0.9 * comparable(ours, theirs, best.meant());
        return convincing
                ? Optional.of(new Relation(source, than, Words.say("source.relation", source, best.words()),
                        best.meant()))
                : Optional.empty();
    }

    private static int agreeing(Map<String, String> ours, Map<String, String> theirs,
            Map<String, String> meant) {
        int count = 0;
        for (Map.Entry<String, String> said : theirs.entrySet()) {
            String contact = meant.getOrDefault(said.getKey(), said.getKey());
            count += said.getValue().equals(ours.get(contact)) ? 1 : 0;
        }
        return count;
    }

    private static int comparable(Map<String, String> ours, Map<String, String> theirs,
            Map<String, String> meant) {
        Map<String, String> both = new HashMap<>();
        theirs.forEach((number, signal) -> {
            String contact = meant.getOrDefault(number, number);
            if (ours.containsKey(contact)) {
                both.put(contact, signal);
            }
        });
        return both.size();
    }
}
