package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** More current than a source gives or a contact carries; says which limit binds first. */
final class BudgetExceeded implements Rule {
    @Override
    public String id() {
        return "budget-exceeded";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> sinks = net.stream().filter(p -> p.is(Direction.SUPPLY_IN)).toList();
            double wanted = sinks.stream().mapToDouble(p -> p.row().amps().orElse(0)).sum();
            for (Pin source : net) {
                if (source.is(Direction.SUPPLY_OUT)) {
                    compare(derived, source, sinks, wanted, found);
                }
            }
            for (Pin sink : sinks) {
                double limit = contactAmps(derived, sink);
                if (sink.row().amps().orElse(0) > limit) {
                    found.add(finding(List.of(sink), sink.row().amps().getAsDouble(), limit, "contact"));
                }
            }
        }
        return found;
    }

    private void compare(Derived derived, Pin source, List<Pin> sinks, double wanted, List<Finding> found) {
        double given = source.row().amps().orElse(Double.MAX_VALUE);
        double contact = contactAmps(derived, source);
        List<Pin> all = new ArrayList<>(List.of(source));
        all.addAll(sinks);
        if (wanted > Math.min(given, contact)) {
            found.add(finding(all, wanted, Math.min(given, contact), given <= contact ? "port" : "contact"));
        }
    }

    private static double contactAmps(Derived derived, Pin pin) {
        return derived.connector(pin.terminal().end()).map(t -> t.ratings().ampsPerContact())
                .orElse(Double.MAX_VALUE);
    }

    private Finding finding(List<Pin> pins, double wanted, double limit, String binds) {
        return Finding.of(id(), Severity.ERROR, Pin.terminals(pins), Words.number(wanted),
                Words.number(limit),
                Words.say("rule.budget-exceeded.by-" + binds, pins.getFirst().words()));
    }
}
