package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/** A bus line that is not terminated by exactly two resistors of its impedance, as far as the job describes it. */
final class Terminators implements Rule {
    private static final double LEAST_OHMS = 100;
    private static final double MOST_OHMS = 130;

    @Override
    public String id() {
        return "terminators";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Circuit circuit = Circuit.of(derived);
        Map<Set<Integer>, List<Pin>> lines = new LinkedHashMap<>();
        List<Pin> buses = derived.pins().stream().filter(p -> p.is(Direction.BOTH))
                .filter(p -> p.has(Level.CAN) || p.has(Level.RS485)).filter(p -> p.half().isPresent())
                .toList();
        for (Pin one : buses) {
            for (Pin two : buses) {
                if (areOneBus(one, two) && circuit.node(one.terminal()) != circuit.node(two.terminal())) {
                    lines.computeIfAbsent(Set.of(circuit.node(one.terminal()), circuit.node(two.terminal())),
                            _ -> new ArrayList<>()).addAll(List.of(one, two));
                }
            }
        }
        lines.forEach((nodes, pins) -> {
            long fitted = circuit.parts().stream()
                    .filter(p -> p.from() != p.to() && nodes.equals(Set.of(p.from(), p.to())))
                    .filter(p -> p.branch().filter(b -> b.ohms() >= LEAST_OHMS && b.ohms() <= MOST_OHMS)
                            .isPresent())
                    .count();
            if (Feed.ends(pins).size() > 1 && fitted != 2 && !goesOn(derived, pins)) {
                found.add(Finding.of(id(), Severity.WARNING, Pin.terminals(pins), Pin.words(pins), fitted));
            }
        });
        return found;
    }

    /** In a vehicle the bus goes on behind the socket, and is closed there. */
    private static boolean goesOn(Derived derived, List<Pin> pins) {
        return Feed.ends(pins).stream().anyMatch(e -> derived.connector(e)
                .filter(t -> t.kind().busGoesOn()).isPresent());
    }

    private static boolean areOneBus(Pin one, Pin two) {
        return one.level().equals(two.level()) && !one.isApart(two)
                && one.half().get().pair().equals(two.half().get().pair())
                && one.half().get().polarity() > 0 && two.half().get().polarity() < 0;
    }
}
