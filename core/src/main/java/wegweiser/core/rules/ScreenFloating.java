package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;

/** A screened cable whose screen is joined at neither end. */
final class ScreenFloating implements Rule {
    @Override
    public String id() {
        return "screen-floating";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        if (cable != null && cable.isScreened() && !derived.job().links().isEmpty()
                && !ScreenLinks.any(derived.job())) {
            found.add(Finding.of(id(), Severity.WARNING, List.of(), cable.title()));
        }
        return found;
    }
}
