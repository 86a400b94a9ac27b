package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
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
        CableStock cable = derived.cable().orElse(null);
        for (Place place : cable == null ? List.<Place>of() : Assembly.of(derived).sheathed()) {
            if (place.end().panel()) {
                // no cable goes into a part of a panel
                continue;
            }
            ConnectorType type = place.type().orElse(null);
            boolean modular = type != null && type.kind() == ConnectorKind.MODULAR;
            if (modular && cable.flat() && cable.conductors().size() > places(type)) {
                found.add(new Finding(id(), Severity.ERROR, List.of(),
                        Words.say("rule.entry-too-large.flat", cable.title(), cable.conductors().size(),
                                type.title(), places(type)),
                        Words.say("rule.entry-too-large.flat.remedy"), Optional.empty()));
            } else if (type != null && !cable.flat()
                    && cable.diameterMm() > TOLERANCE * type.ratings().entryMaxMm()) {
                Finding thick = Finding.of(id(), Severity.ERROR, List.of(), cable.title(),
                        Words.number(cable.diameterMm()), type.title(),
                        Words.number(type.ratings().entryMaxMm()));
                found.add(modular
                        ? new Finding(thick.rule(), thick.severity(), thick.terminals(), thick.message(),
                                Words.say("rule.entry-too-large.modular.remedy"), Optional.empty())
                        : thick);
            }
        }
        return found;
    }

    /** How many wires lie side by side in a modular plug, those without a contact counted. */
    private static int places(ConnectorType type) {
        return Integer.parseInt(type.family().replaceAll("^modular-(\\d+)p.*$", "$1"));
    }
}
