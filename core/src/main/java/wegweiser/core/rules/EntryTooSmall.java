package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.words.Words;

/** A cable thinner than a connector's gland or clamp grips, so that nothing holds it or keeps water out. */
final class EntryTooSmall implements Rule {
    /** So much thinner a cable is still held: both diameters are nominal. */
    private static final double TOLERANCE = 0.95;

    @Override
    public String id() {
        return "entry-too-small";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().filter(c -> !c.flat() && c.diameterMm() > 0).orElse(null);
        for (Place place : cable == null ? List.<Place>of() : Assembly.of(derived).sheathed()) {
            if (place.end().panel()) {
                // no cable goes into a part of a panel
                continue;
            }
            ConnectorType type = place.type().orElse(null);
            if (type != null && cable.diameterMm() < TOLERANCE * type.ratings().entryMinMm()) {
                found.add(Finding.of(id(), Severity.WARNING, List.of(), cable.title(),
                        Words.number(cable.diameterMm()), type.title(),
                        Words.number(type.ratings().entryMinMm())));
            }
        }
        return found;
    }
}
