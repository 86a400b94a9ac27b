package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/**
 * Where lines rest while nothing drives them, checked against the inputs on them: at the rail that a resistor of the plan
 * pulls to, or at the supply of the board whose pull-up is on the line. O(nets x parts) by nodal analysis, once.
 */
final class Resting {
    private Resting() {}

    static List<Finding> clashes(Derived derived, String rule) {
        List<Finding> onRails = onRails(derived, rule);
        Set<Terminal> told = onRails.stream().flatMap(f -> f.terminals().stream())
                .collect(Collectors.toSet());
        // a resistor of the plan and a pull-up of the board are one cause
        return Stream.concat(onRails.stream(), onBoards(derived, rule).stream()
                .filter(f -> f.terminals().stream().noneMatch(told::contains))).toList();
    }

    /** Inputs on a net that resistors pull to a rail above their limit; a driver of the line holds it elsewhere. */
    private static List<Finding> onRails(Derived derived, String rule) {
        Circuit circuit = Circuit.of(derived);
        if (circuit.parts().isEmpty()) {
            return List.of();
        }
        double[] volts = circuit.volts(circuit.rails());
        Map<List<String>, List<Pin>> harmed = new LinkedHashMap<>();
        for (int node = 0; node < circuit.size(); node++) {
            if (circuit.isRail(node) || Double.isNaN(volts[node]) || isHeld(circuit, node)) {
                continue;
            }
            for (Pin pin : circuit.pins(node)) {
                boolean listens = (pin.is(Direction.IN) || pin.is(Direction.BOTH))
                        // made to be pulled by a resistor to whatever supply there is
                        && !pin.isMarker();
                OptionalDouble stands = listens
                        ? Boards.stands(derived, pin)
                        : OptionalDouble.empty();
                if (stands.isPresent() && volts[node] > stands.getAsDouble() + 1e-6) {
                    harmed.computeIfAbsent(List.of(pin.terminal().end(), Words.number(volts[node]),
                            Words.number(stands.getAsDouble())), _ -> new ArrayList<>()).add(pin);
                }
            }
        }
        List<Finding> found = new ArrayList<>();
        harmed.forEach((key, pins) -> found.add(Finding.variant(rule, "rests", Severity.ERROR,
                Pin.terminals(pins), Pin.words(pins), key.get(1), key.get(2), pins.size())));
        return found;
    }

    /** Whether an output, here or behind a part, puts volts of its own on the line in both its states. */
    private static boolean isHeld(Circuit circuit, int node) {
        return Stream.concat(Stream.of(node), circuit.beyond(node).stream())
                .flatMap(n -> circuit.pins(n).stream())
                .anyMatch(p -> p.is(Direction.OUT) && p.level().map(Level::isDriven).orElse(true));
    }

    /** Lines of a bus that the boards at two ends pull up to different supplies; told once for two ends. */
    private static List<Finding> onBoards(Derived derived, String rule) {
        Map<List<String>, Set<Pin>> found = new LinkedHashMap<>();
        for (List<Pin> net : derived.netsOfPins()) {
            for (Pin one : net) {
                for (Pin other : net) {
                    if (one.isApart(other) && pullsUp(one) && listens(other)) {
                        OptionalDouble volts = Boards.pullUp(derived, one);
                        OptionalDouble stands = Boards.stands(derived, other);
                        if (volts.isPresent() && stands.isPresent()
                                && volts.getAsDouble() > stands.getAsDouble() + 1e-6) {
                            found.computeIfAbsent(List.of(one.terminal().end(), other.terminal().end(),
                                    Words.number(volts.getAsDouble()), Words.number(stands.getAsDouble())),
                                    _ -> new LinkedHashSet<>()).addAll(List.of(one, other));
                        }
                    }
                }
            }
        }
        List<Finding> all = new ArrayList<>();
        found.forEach((key, pins) -> {
            List<Pin> high = pins.stream().filter(p -> p.isAt(key.get(0))).toList();
            List<Pin> low = pins.stream().filter(p -> p.isAt(key.get(1))).toList();
            List<Terminal> where = Stream.concat(high.stream(), low.stream()).map(Pin::terminal).toList();
            all.add(Finding.variant(rule, "boards", Severity.WARNING, where, Pin.words(high), key.get(2),
                    Pin.words(low), key.get(3), high.size()));
        });
        return all;
    }

    private static boolean pullsUp(Pin pin) {
        return pin.is(Direction.BOTH) && pin.level()
                .filter(l -> l == Level.I2C || l == Level.ONE_WIRE || l == Level.OPEN_DRAIN).isPresent();
    }

    private static boolean listens(Pin pin) {
        return (pin.is(Direction.BOTH) || pin.is(Direction.IN))
                && pin.level().map(Level::isLogic).orElse(false);
    }
}
