package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A link or a pinout row at a contact that the connector does not have. */
final class ContactUnknown implements Rule {
    @Override
    public String id() {
        return "contact-unknown";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Set<Terminal> named = new LinkedHashSet<>(derived.job().mentioned());
        for (End end : derived.job().ends()) {
            for (PinRow row : end.pinout()) {
                named.add(end.terminal(row.contact()));
            }
        }
        for (Terminal terminal : named) {
            ConnectorType type = derived.connector(terminal.end()).orElse(null);
            if (type != null && !type.has(terminal.contact())) {
                found.add(Finding.of(id(), Severity.ERROR, List.of(terminal), terminal, type.title(),
                        Words.list(type.ids())));
            }
        }
        return found;
    }
}
