package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;

/** A line that talks both ways and meets nobody. */
final class LineWithoutPartner implements Rule {
    /** Lines that most cables leave open on purpose. */
    private static final Set<String> OPTIONAL = Set.of("ID", "CC1", "CC2", "SBU1", "SBU2", "VCONN");

    @Override
    public String id() {
        return "line-without-partner";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        if (derived.job().links().isEmpty()) {
            return found;
        }
        Circuit circuit = Circuit.of(derived);
        Set<String> served = new LinkedHashSet<>();
        List<Pin> open = new ArrayList<>();
        for (Pin pin : derived.pins()) {
            if (!pin.is(Direction.BOTH) || OPTIONAL.contains(pin.signal())) {
                continue;
            }
            if (circuit.reached(pin.terminal()).stream().anyMatch(p -> p.isSignal() && p.isApart(pin))) {
                served.add(line(pin));
            } else {
                open.add(pin);
            }
        }
        for (Pin pin : open) {
            if (!served.contains(line(pin))) {
                found.add(Finding.of(id(), Severity.WARNING, List.of(pin.terminal()), pin.words()));
            }
        }
        return found;
    }

    /** Some connectors have a line at two contacts, of which one is enough. */
    private static String line(Pin pin) {
        return pin.terminal().end() + " " + pin.signal();
    }
}
