package wegweiser.core.rules;

import wegweiser.core.derived.Derived;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;

/** Wires that a person plans to cut: what is open afterwards is meant to be. */
final class PlannedCuts {
    private PlannedCuts() {}

    /** Whether the wire of a contact is cut on purpose. */
    static boolean isCut(Derived derived, Terminal terminal) {
        return derived.job().links().stream().anyMatch(l -> l.is(PartKind.CUT) && l.touches(terminal));
    }
}
