package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.SerialLine;
import wegweiser.core.model.CableStock;
import wegweiser.core.signals.Level;

/** More capacitance on an RS-232 line than TIA-232-F allows, 2500 pF with the receiver. */
final class Capacitance implements Rule {
    @Override
    public String id() {
        return "capacitance";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        if (cable == null || derived.job().cable().lengthMm().isEmpty() || cable.pfPerMetre() == 0) {
            return found;
        }
        boolean serial = derived.netsOfPins().stream()
                .anyMatch(net -> net.size() > 1
                        && net.stream().anyMatch(p -> p.level().equals(Optional.of(Level.RS232))));
        double picofarads = SerialLine.picofarads(cable, derived.job().cable().lengthMm().getAsDouble());
        if (serial && picofarads > SerialLine.MOST_PICOFARADS) {
            found.add(Finding.of(id(), Severity.WARNING, List.of(), Math.round(picofarads),
                    Math.round(SerialLine.MOST_PICOFARADS)));
        }
        return found;
    }
}
