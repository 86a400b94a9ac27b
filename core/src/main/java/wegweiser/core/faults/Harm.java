package wegweiser.core.faults;

import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.wiring.Nets;

/**
 * What a fault does once the cable is plugged in: it harms where a supply meets something that the plan keeps from it, its
 * own way back among them, for then something burns or is destroyed. O(supply pins x pins).
 */
final class Harm {
    private final Nets planned;
    private final List<Terminal> supplies;
    private final List<Terminal> others;

    Harm(Derived derived) {
        this.planned = derived.nets();
        this.supplies = derived.pins().stream().filter(Pin::isSupply).map(Pin::terminal)
                .filter(planned.index()::contains).toList();
        this.others = derived.pins().stream().filter(Matters::isInUse)
                .map(Pin::terminal)
                .filter(planned.index()::contains).toList();
    }

    boolean isDoneBy(Nets then) {
        return supplies.stream().anyMatch(s -> others.stream()
                .anyMatch(o -> then.joined(s, o) && !planned.joined(s, o)));
    }
}
