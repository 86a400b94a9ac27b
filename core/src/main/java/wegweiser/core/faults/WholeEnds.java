package wegweiser.core.faults;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.Link;
import wegweiser.core.wiring.EndChange;

/** What goes wrong with an end as a whole: made from the other side, one place off, a run turned over. */
final class WholeEnds {
    private WholeEnds() {}

    static List<PossibleFault> of(Assembly assembly, Place place) {
        ConnectorType type = place.type().orElse(null);
        if (type == null || !place.isWired()) {
            return List.of();
        }
        Map<EndChange.Kind, List<EndChange>> kinds = new HashMap<>();
        for (EndChange change : EndChange.all(type)) {
            if (change.kind() != EndChange.Kind.SWAPPED) {
                kinds.computeIfAbsent(change.kind(), _ -> new ArrayList<>()).add(change);
            }
        }
        List<PossibleFault> found = new ArrayList<>();
        kinds.forEach((kind, changes) -> {
            double all = changes.stream().mapToDouble(EndChange::weight).sum();
            FaultKind what = FaultKind.valueOf(kind.name());
            for (EndChange change : changes) {
                Map<String, String> moves = moves(place, change);
                List<Link> then = Relinked.moved(assembly.links(), place.name(),
                        c -> Optional.ofNullable(moves.get(c)).filter(to -> !to.isEmpty()));
                if (!then.equals(assembly.links())) {
                    found.add(new PossibleFault(what, place.name(), place.contacts(), change.what(), moves,
                            then,
                            FaultTable.of(what.id(), place) * change.weight() / all));
                }
            }
        });
        return found;
    }

    /** Where each wire of an end is; a change says for each contact whose wire it has. */
    private static Map<String, String> moves(Place place, EndChange change) {
        Map<String, String> goes = new HashMap<>();
        for (String contact : place.type().orElseThrow().ids()) {
            goes.putIfAbsent(contact, "");
            change.source(contact).ifPresent(source -> goes.put(source, contact));
        }
        return goes;
    }
}
