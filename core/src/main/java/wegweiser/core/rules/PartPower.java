package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.NodeVolts;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/**
 * A part that would burn: the power in it while rails stand at their volts and outputs at either of their states, against
 * its rating, a quarter of a watt where it has none; of a part in the line of a supply what it takes while the loads behind it run.
 */
final class PartPower implements Rule {
    private static final double USUAL_WATTS = 0.25;
    /** What a small signal diode stands, in A. */
    private static final double DIODE_AMPS = 0.2;
    /** What the smallest usual rectifier diode stands, in A. */
    private static final double RECTIFIER_AMPS = 1;
    private static final double DIODE_RESERVE = 2;

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
        Map<Link, Double> loads = new LinkedHashMap<>();
        Feed.of(derived).forEach(f -> f.throughParts().forEach((l, amps) -> loads.merge(l, amps, Math::max)));
        for (Circuit.Wired part : circuit.parts()) {
            part.branch().ifPresent(b -> {
                double amps = Math.max(Math.abs(NodeVolts.amps(b, high)), Math.abs(NodeVolts.amps(b, low)));
                judged(part, b, Math.max(amps, loads.getOrDefault(part.link(), 0.0)),
                        loads.containsKey(part.link())).ifPresent(found::add);
            });
        }
        return found;
    }

    private Optional<Finding> judged(Circuit.Wired wired, NodeVolts.Branch branch, double amps,
            boolean inSupply) {
        Part part = wired.link().part().orElseThrow();
        double forward = part.volts().orElse(NodeVolts.DIODE_VOLTS);
        double watts = branch.diode() ? amps * forward : amps * amps * branch.ohms();
        double rated = part.watts().orElse(branch.diode()
                ? part.amps().orElse(DIODE_AMPS) * forward
                : USUAL_WATTS);
        if (watts <= rated + 1e-9) {
            return Optional.empty();
        }
        // nothing says which diode it is: one for an ampere is as usual in a supply as the smallest
        boolean unsaid = branch.diode() && part.watts().isEmpty() && part.amps().isEmpty();
        boolean may = unsaid && inSupply && amps <= RECTIFIER_AMPS;
        return Optional.of(new Finding(id(), may ? Severity.WARNING : Severity.ERROR,
                List.of(wired.link().from(), wired.link().to().orElseThrow()),
                Words.say("rule.part-power." + (unsaid ? "unsaid" : "message"), wired.link().from(),
                        wired.link().to().orElseThrow(),
                        Words.number(watts), Words.number(rated), Words.number(amps)),
                branch.diode() && inSupply
                        ? Words.say("rule.part-power.diode", Words.number(amps * DIODE_RESERVE))
                        : Words.say("rule.part-power.remedy"),
                Optional.empty()));
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
