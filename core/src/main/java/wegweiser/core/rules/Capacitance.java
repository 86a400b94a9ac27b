package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.SerialLine;
import wegweiser.core.electrical.TwoWireBus;
import wegweiser.core.model.CableStock;
import wegweiser.core.signals.Level;

/** More capacitance on a line than its driver moves: 2500 pF on RS-232 (TIA-232-F), 400 pF on I2C (UM10204). */
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
        double millimetres = derived.job().cable().lengthMm().getAsDouble();
        if (carries(derived, Level.RS232)) {
            compare(Level.RS232, SerialLine.picofarads(cable, millimetres), SerialLine.MOST_PICOFARADS,
                    found);
        }
        if (carries(derived, Level.I2C)) {
            compare(Level.I2C, cable.pfPerMetre() * millimetres / 1000, TwoWireBus.MOST_PICOFARADS, found);
        }
        return found;
    }

    private static boolean carries(Derived derived, Level level) {
        return derived.netsOfPins().stream().anyMatch(net -> Feed.ends(net).size() > 1
                && net.stream().anyMatch(p -> p.has(level)));
    }

    private void compare(Level level, double picofarads, double most, List<Finding> found) {
        if (picofarads > most) {
            found.add(Finding.of(id(), Severity.WARNING, List.of(), Math.round(picofarads), Math.round(most),
                    level.id()));
        }
    }
}
