package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.PartKind;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/**
 * Parts without which a line does not live long, or does not work: a resistor in series with a bare LED, a diode across a coil
 * that a transistor switches, something that pulls up a line that is only pulled low. Told once for an end, what has to be pulled up once for a cable.
 */
final class PartNeeded implements Rule {
    @Override
    public String id() {
        return "part-needed";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Circuit circuit = Circuit.of(derived);
        for (End end : derived.job().ends()) {
            List<Pin> here = derived.pins().stream().filter(p -> p.isAt(end.name())).toList();
            // lights with a supply of their own mostly have their resistors
            add(found, "led", here.stream().anyMatch(p -> p.is(Direction.SUPPLY_IN))
                    ? Severity.NOTE
                    : Severity.WARNING, here.stream().filter(p -> isBareLed(circuit, p)).toList());
            add(found, "coil", Severity.WARNING,
                    here.stream().filter(p -> isUnclampedCoil(circuit, p)).toList());
        }
        add(found, "pull-up", Severity.NOTE,
                derived.pins().stream().filter(p -> hangs(derived, circuit, p)).toList());
        return found;
    }

    private void add(List<Finding> found, String which, Severity severity, List<Pin> pins) {
        if (!pins.isEmpty()) {
            found.add(Finding.variant(id(), which, severity, Pin.terminals(pins), Pin.words(pins)));
        }
    }

    /** A LED straight on an output or a supply; one that says its volts has its resistor. */
    private static boolean isBareLed(Circuit circuit, Pin pin) {
        return pin.has(Level.LED) && pin.volts().isEmpty()
                && circuit.pins(circuit.node(pin.terminal())).stream()
                        .anyMatch(p -> p.isApart(pin) && (p.is(Direction.OUT) || p.is(Direction.BOTH)
                                || p.is(Direction.SUPPLY_OUT)))
                // one resistor anywhere in the loop will do
                && circuit.parts().stream().noneMatch(p -> p.is(PartKind.RESISTOR)
                        && (touchesLed(circuit, p.from(), pin) || touchesLed(circuit, p.to(), pin)));
    }

    private static boolean touchesLed(Circuit circuit, int node, Pin led) {
        return circuit.pins(node).stream().anyMatch(p -> !p.isApart(led) && p.has(Level.LED));
    }

    /** A coil that an open output switches, without a diode at either side; outputs of IEC 61131-2 clamp it themselves. */
    private static boolean isUnclampedCoil(Circuit circuit, Pin pin) {
        int node = circuit.node(pin.terminal());
        return pin.has(Level.COIL) && !pin.is(Direction.OUT) && circuit.pins(node).stream()
                .anyMatch(p -> p.isApart(pin) && p.is(Direction.OUT)
                        && p.level().filter(Level::isOpen).isPresent()
                        && !p.has(Level.CONTACT) && !p.has(Level.PLC_24V))
                && circuit.parts().stream()
                        .noneMatch(p -> p.is(PartKind.DIODE) && (p.from() == node || p.to() == node));
    }

    /** A logic input on a line that outputs only pull low, with no resistor to a rail. */
    private static boolean hangs(Derived derived, Circuit circuit, Pin in) {
        if (!in.is(Direction.IN) && !in.is(Direction.BOTH) || in.level().filter(Level::isLogic).isEmpty()
                || in.has(Level.I2C)
                || in.level().filter(Level::isPulledUp).isPresent() && !in.has(Level.ONE_WIRE)) {
            return false;
        }
        int node = circuit.node(in.terminal());
        List<Pin> others = circuit.pins(node).stream().filter(in::isApart).filter(Pin::isSignal).toList();
        boolean low = !others.isEmpty() && others.stream()
                .allMatch(p -> p.level().filter(l -> l.isPulledUp() && l != Level.I2C).isPresent());
        boolean behindDiode = others.isEmpty() && circuit.parts().stream()
                .anyMatch(p -> p.is(PartKind.DIODE) && p.from() == node && circuit.pins(p.to()).stream()
                        .anyMatch(o -> o.is(Direction.OUT) && o.isApart(in)));
        return (low || behindDiode) && !Joined.of(derived).isTied(in)
                && circuit.pins(node).stream().noneMatch(p -> Joined.of(derived).isTied(p))
                && !circuit.isRail(node);
    }
}
