package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.OwnConnector;

/** A connector of the job's own that takes the place of one of the catalogue: what is drawn and counted is the job's. */
final class ConnectorReplaced implements Rule {
    @Override
    public String id() {
        return "connector-replaced";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (OwnConnector own : derived.job().connectors()) {
            if (Catalogue.standard().find(own.id()).isPresent()
                    && derived.job().ends().stream().anyMatch(e -> e.connector().equals(own.id()))) {
                found.add(Finding.of(id(), Severity.NOTE, List.of(), own.id()));
            }
        }
        return found;
    }
}
