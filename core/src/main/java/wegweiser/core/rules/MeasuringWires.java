package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/**
 * What the wires themselves do to a measurement: a thermocouple on plain copper measures the temperature of the joint, and a
 * resistance thermometer on three wires needs cores that are alike (IEC 60584-3, IEC 60751).
 */
final class MeasuringWires implements Rule {
    private static final int WITH_SENSE = 3;

    @Override
    public String id() {
        return "measuring-wires";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        List<Pin> couples = across(derived, Level.THERMOCOUPLE);
        if (!couples.isEmpty() && derived.cable().filter(c -> !isMadeForIt(c)).isPresent()) {
            found.add(say("thermocouple", Severity.WARNING, couples));
        }
        List<Pin> thermometers = across(derived, Level.RTD);
        if (Feed.ends(thermometers).stream()
                .anyMatch(e -> thermometers.stream().filter(p -> p.isAt(e)).count() == WITH_SENSE)) {
            found.add(say("rtd", Severity.NOTE, thermometers));
        }
        return found;
    }

    private Finding say(String which, Severity severity, List<Pin> pins) {
        return Finding.variant(id(), which, severity, Pin.terminals(pins), Pin.words(pins));
    }

    private static List<Pin> across(Derived derived, Level level) {
        return derived.netsOfPins().stream().filter(net -> Feed.ends(net).size() > 1).flatMap(List::stream)
                .filter(p -> p.has(level)).toList();
    }

    private static boolean isMadeForIt(CableStock cable) {
        String said = (cable.id() + " " + cable.title() + " " + cable.note()).toLowerCase(Locale.ROOT);
        return said.contains("thermo") || said.contains("compensating") || said.contains("ausgleich");
    }
}
