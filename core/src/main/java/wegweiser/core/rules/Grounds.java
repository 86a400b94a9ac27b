package wegweiser.core.rules;

import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;

/** Where the grounds of an end are joined to those of others. */
final class Grounds {
    private Grounds() {}

    /** The ground contacts of an end that a net joins to another end's. */
    static List<Pin> shared(Derived derived, String end) {
        return derived.netsOfPins().stream()
                .filter(net -> net.stream().anyMatch(p -> p.is(Direction.GROUND) && !p.isAt(end)))
                .flatMap(List::stream).filter(p -> p.is(Direction.GROUND) && p.isAt(end)).toList();
    }

    /** Whether copper joins a ground of one end to one of the other. */
    static boolean joined(Derived derived, String a, String b) {
        return derived.netsOfPins().stream()
                .anyMatch(net -> net.stream().anyMatch(p -> p.is(Direction.GROUND) && p.isAt(a))
                        && net.stream().anyMatch(p -> p.is(Direction.GROUND) && p.isAt(b)));
    }
}
