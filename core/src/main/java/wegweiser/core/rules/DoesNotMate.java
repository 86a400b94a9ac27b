package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.words.Words;

/** The connector on the cable does not fit the device’s port. */
final class DoesNotMate implements Rule {
    @Override
    public String id() {
        return "does-not-mate";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (End end : derived.job().ends()) {
            ConnectorType cable = derived.connector(end.name()).orElse(null);
            ConnectorType port = end.port().flatMap(derived.catalogue()::find).orElse(null);
            if (cable == null || port == null || cable.matesWith(port)) {
                continue;
            }
            boolean loose = cable.matesLooselyWith(port);
            Finding finding = loose
                    ? Finding.variant(id(), "loose", Severity.WARNING, List.of(), end.name(), cable.title(),
                            port.title())
                    : Finding.of(id(), Severity.ERROR, List.of(), end.name(), cable.title(), end.device(),
                            port.title());
            String fitting = port.family() + "-" + port.gender().opposite().id();
            found.add(derived.catalogue().find(fitting)
                    .map(t -> finding.withFix(new Fix(Words.say("fix.connector", t.title()),
                            job -> job.withEnd(job.end(end.name()).orElseThrow().withConnector(fitting)))))
                    .orElse(finding));
        }
        return found;
    }
}
