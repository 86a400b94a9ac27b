package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;

/** A gauge that a contact does not take, the thicker conductors of a cable included, or a solid core where it breaks. */
final class WireDoesNotFit implements Rule {
    private static final Set<Termination> HOLDS_THIN = EnumSet.of(Termination.SCREW, Termination.SOLDER_CUP,
            Termination.JACK_SOLDER);

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
            if (type == null) {
                continue;
            }
            for (int awg : gauges(derived, cable)) {
                if (awg < type.ratings().thickestAwg() || awg > type.ratings().thinnestAwg()) {
                    found.add(gauge(awg, cable, type));
                }
            }
            if (cable.stranded() && type.termination() == Termination.PUNCH_DOWN) {
                found.add(solid("strands", Severity.NOTE, cable, type));
            }
            if (!cable.stranded() && type.termination() == Termination.MODULAR) {
                found.add(solid("for-solid", Severity.NOTE, cable, type));
            }
            // the pins of coaxial plugs are made for the solid core, or the core is the pin
            if (!cable.stranded() && type.termination() == Termination.CRIMP
                    && type.kind() != ConnectorKind.COAX) {
                found.add(solid("solid", Severity.WARNING, cable, type));
            }
        }
        return found;
    }

    /** A wire that is too thin for a screw may be folded or put in a ferrule; one for solder holds anyway. */
    private Finding gauge(int awg, CableStock cable, ConnectorType type) {
        boolean held = awg > type.ratings().thinnestAwg() && HOLDS_THIN.contains(type.termination());
        return Finding.variant(id(), held ? "thin" : "message", held ? Severity.WARNING : Severity.ERROR,
                List.of(), cable.title(), awg, type.title(), type.ratings().thickestAwg(),
                type.ratings().thinnestAwg());
    }

    /** Strands where solid cores belong, or the other way round. */
    private Finding solid(String which, Severity severity, CableStock cable, ConnectorType type) {
        return Finding.variant(id(), which, severity, List.of(), cable.title(), type.title());
    }

    /** The gauges of the conductors that are used, or of all where none is named. */
    private static Set<Integer> gauges(Derived derived, CableStock cable) {
        Set<Integer> used = new TreeSet<>();
        derived.job().links().stream().map(Link::conductor).flatMap(Optional::stream)
                .filter(cable.conductors()::contains).forEach(c -> used.add(cable.awgOf(c)));
        if (used.isEmpty()) {
            cable.conductors().forEach(c -> used.add(cable.awgOf(c)));
        }
        return used;
    }
}
