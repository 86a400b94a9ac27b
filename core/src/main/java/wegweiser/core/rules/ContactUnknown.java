package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.Derived;
import wegweiser.core.derived.LooseLeads;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A link or a pinout row at a contact that the connector, or for a row its counterpart, does not have. */
final class ContactUnknown implements Rule {
    @Override
    public String id() {
        return "contact-unknown";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Set<Terminal> missing = new LinkedHashSet<>();
        for (Terminal terminal : derived.job().mentioned()) {
            if (derived.connector(terminal.end()).map(t -> !t.has(terminal.contact())).orElse(false)
                    && !LooseLeads.isLoose(derived.job(), terminal)) {
                missing.add(terminal);
            }
        }
        for (End end : derived.job().ends()) {
            ConnectorType type = derived.connector(end.name()).orElse(null);
            for (PinRow row : type == null ? List.<PinRow>of() : end.pinout()) {
                if (!derived.catalogue().familyHas(type.family(), row.contact())) {
                    missing.add(end.terminal(row.contact()));
                }
            }
        }
        for (Terminal terminal : missing) {
            ConnectorType type = derived.connector(terminal.end()).orElseThrow();
            found.add(Finding.of(id(), Severity.ERROR, List.of(terminal), terminal, type.title(),
                    Words.list(type.ids())));
        }
        return found;
    }
}
