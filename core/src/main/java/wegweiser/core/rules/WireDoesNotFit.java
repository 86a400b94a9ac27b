package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Schools;

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
        // what stays has its wires already
        for (Place place : cable == null ? List.<Place>of() : Assembly.of(derived).made()) {
            ConnectorType type = place.type().orElse(null);
            if (type == null) {
                continue;
            }
            for (int awg : isSoldered(derived, type) ? List.<Integer>of() : place.gauges()) {
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

    /** Contacts whose wings are cut off take whatever can be soldered to their back. */
    private static boolean isSoldered(Derived derived, ConnectorType type) {
        return type.termination() == Termination.CRIMP
                && derived.job().schools().crimp().filter(c -> c == Schools.Crimp.SOLDERED).isPresent();
    }

    /**
     * A wire that is too thin for a screw may be folded or put in a ferrule; one for solder holds anyway. Nothing can be
     * spliced to the slots of a modular plug, and a wire one gauge too thick goes in with force.
     */
    private Finding gauge(int awg, CableStock cable, ConnectorType type) {
        boolean thin = awg > type.ratings().thinnestAwg() && HOLDS_THIN.contains(type.termination());
        boolean tight = type.termination() == Termination.MODULAR && awg == type.ratings().thickestAwg() - 1;
        String variant = thin
                ? "thin"
                : tight ? "tight" : type.termination() == Termination.MODULAR ? "slots" : "message";
        return Finding.variant(id(), variant, thin || tight ? Severity.WARNING : Severity.ERROR,
                List.of(), cable.title(), awg, type.title(), type.ratings().thickestAwg(),
                type.ratings().thinnestAwg());
    }

    /** Strands where solid cores belong, or the other way round. */
    private Finding solid(String which, Severity severity, CableStock cable, ConnectorType type) {
        return Finding.variant(id(), which, severity, List.of(), cable.title(), type.title());
    }
}
