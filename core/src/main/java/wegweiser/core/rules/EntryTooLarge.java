package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.words.Words;

/** A cable thicker than a connector or its hood lets in. Ribbons and flat cables lie in their connectors and pass no entry. */
final class EntryTooLarge implements Rule {
    /** Cables are given to a tenth of a millimetre and gland rubber gives, so a twentieth more is no fault. */
    private static final double TOLERANCE = 1.05;

    @Override
    public String id() {
        return "entry-too-large";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().filter(c -> !c.flat()).orElse(null);
        for (End end : cable == null ? List.<End>of() : derived.job().ends()) {
            ConnectorType type = derived.connector(end.name()).orElse(null);
            if (type != null && cable.diameterMm() > TOLERANCE * type.ratings().entryMaxMm()) {
                found.add(Finding.of(id(), Severity.ERROR, List.of(), cable.title(),
                        Words.number(cable.diameterMm()), type.title(),
                        Words.number(type.ratings().entryMaxMm())));
            }
        }
        return found;
    }
}
