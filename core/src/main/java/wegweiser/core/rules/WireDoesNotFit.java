package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;

/** A gauge that a contact does not take. */
final class WireDoesNotFit implements Rule {
    @Override
    public String id() {
        return "wire-does-not-fit";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        for (End end : cable == null ? List.<End>of() : derived.job().ends()) {
            ConnectorType type = derived.connector(end.name()).orElse(null);
            if (type != null && (cable.awg() < type.ratings().thickestAwg()
                    || cable.awg() > type.ratings().thinnestAwg())) {
                found.add(
                        Finding.of(id(), Severity.ERROR, List.of(), cable.title(), cable.awg(), type.title(),
                                type.ratings().thickestAwg(), type.ratings().thinnestAwg()));
            }
        }
        return found;
    }
}
