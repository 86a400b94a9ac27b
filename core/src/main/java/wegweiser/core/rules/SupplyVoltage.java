package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** A source above what its sink stands, or below what it needs. */
final class SupplyVoltage implements Rule {
    /** What supplies and devices usually allow for, either way. */
    private static final double TOLERANCE = 0.1;

    @Override
    public String id() {
        return "supply-voltage";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            for (Pin source : net) {
                for (Pin sink : net) {
                    if (source.is(Direction.SUPPLY_OUT) && sink.is(Direction.SUPPLY_IN)
                            && source.row().volts().isPresent() && sink.row().volts().isPresent()) {
                        compare(source, sink, found);
                    }
                }
            }
        }
        return found;
    }

    private void compare(Pin source, Pin sink, List<Finding> found) {
        double given = source.row().volts().getAsDouble();
        double wanted = sink.row().volts().getAsDouble();
        if (given > wanted * (1 + TOLERANCE)) {
            found.add(Finding.of(id(), Severity.ERROR, List.of(source.terminal(), sink.terminal()),
                    source.words(),
                    Words.number(given), sink.words(), Words.number(wanted)));
        } else if (given < wanted * (1 - TOLERANCE)) {
            found.add(Finding.of(id(), Severity.WARNING, List.of(source.terminal(), sink.terminal()),
                    source.words(),
                    Words.number(given), sink.words(), Words.number(wanted)));
        }
    }
}
