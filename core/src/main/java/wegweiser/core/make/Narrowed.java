package wegweiser.core.make;

import java.util.List;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;

/** A ribbon that is wider than its connectors loses the wires at the side away from its marked edge. */
final class Narrowed {
    private Narrowed() {}

    /**
     * The wires that are peeled off over the whole length: those after the last that any connector has a groove for or
     * that is planned. None where an end stays, or where no connector is pressed on. O(links).
     */
    static List<String> of(Derived derived) {
        CableStock cable = derived.cable().filter(CableStock::flat).orElse(null);
        boolean pressed = derived.job().ends().stream().flatMap(e -> derived.connector(e.name()).stream())
                .anyMatch(t -> t.termination() == Termination.RIBBON && !t.ribbonOrder().isEmpty());
        if (cable == null || !pressed || !derived.job().kept().isEmpty()) {
            return List.of();
        }
        int keep = 0;
        for (End end : derived.job().ends()) {
            keep = Math.max(keep, derived.connector(end.name())
                    .filter(t -> t.termination() == Termination.RIBBON).map(t -> t.ribbonOrder().size())
                    .orElse(0));
        }
        for (Link link : derived.job().links()) {
            keep = Math.max(keep, 1 + link.conductor().map(cable.conductors()::indexOf).orElse(-1));
        }
        return cable.conductors().subList(Math.min(keep, cable.conductors().size()),
                cable.conductors().size());
    }
}
