package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.words.Words;

/** Conductors without a signal, and what to do with them. */
final class SpareConductor implements Rule {
    @Override
    public String id() {
        return "spare-conductor";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        if (cable == null || derived.job().links().isEmpty()) {
            return found;
        }
        Set<String> used = derived.job().wiresInUse();
        // what is live at an end that stays is capped by itself, and is no reserve
        Set<String> live = PortBrings.live(derived).keySet();
        List<String> spare = cable.conductors().stream().filter(c -> !used.contains(c) && !live.contains(c))
                .toList();
        if (!used.isEmpty() && !spare.isEmpty()) {
            found.add(Finding.of(id(), Severity.NOTE, List.of(),
                    Words.say("conductors", spare.size()),
                    Words.list(spare), spare.size()));
        }
        return found;
    }
}
