package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.NodeVolts;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/**
 * A part that would burn: the power in it while rails stand at their volts and outputs at either of their states, against
 * its rating, a quarter of a watt where it has none.
 */
final class PartPower implements Rule {
    private static final double USUAL_WATTS = 0.25;
    /** What a small signal diode stands, in A. */
    private static final double DIODE_AMPS = 0.2;

    @Override
    public String id() {
        return "part-power";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Circuit circuit = Circuit.of(derived);
        if (circuit.parts().isEmpty()) {
            return found;
        }
        double[] high = circuit.volts(held(circuit, true));
        double[] low = circuit.volts(held(circuit, false));
        for (Circuit.Wired part : circuit.parts()) {
            part.branch().ifPresent(b -> {
                double amps = Math.max(Math.abs(NodeVolts.amps(b, high)), Math.abs(NodeVolts.amps(b, low)));
                double watts = b.diode() ? amps * NodeVolts.DIODE_VOLTS : amps * amps * b.ohms();
                double rated = part.link().part().orElseThrow().watts()
                        .orElse(b.diode() ? DIODE_AMPS * NodeVolts.DIODE_VOLTS : USUAL_WATTS);
                if (watts > rated + 1e-9) {
                    found.add(Finding.of(id(), Severity.ERROR,
                            List.of(part.link().from(), part.link().to().orElseThrow()), part.link().from(),
                            part.link().to().orElseThrow(), Words.number(watts), Words.number(rated),
                            Words.number(amps)));
                }
            });
        }
        return found;
    }

    private static Map<Integer, Double> held(Circuit circuit, boolean high) {
        Map<Integer, Double> held = circuit.rails();
        for (int node = 0; node < circuit.size(); node++) {
            for (Pin pin : circuit.pins(node)) {
                if (pin.drivesHard() && pin.level().map(Level::isDriven).orElse(false)
                        && !circuit.isRail(node)) {
                    // where outputs meet, the one that drives furthest counts
                    double volts = high ? pin.level().get().mostVolts() : pin.level().get().leastVolts();
                    held.merge(node, volts, high ? Math::max : Math::min);
                }
            }
        }
        return held;
    }
}
