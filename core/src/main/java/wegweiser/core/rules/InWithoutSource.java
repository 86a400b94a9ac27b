package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;

/** A data input on which nothing talks. */
final class InWithoutSource implements Rule {
    @Override
    public String id() {
        return "in-without-source";
    }

    @Override
    public List<Finding> check(Bench bench) {
        List<Finding> found = new ArrayList<>();
        if (bench.job().links().isEmpty()) {
            return found;
        }
        for (Pin pin : bench.pins()) {
            boolean data = pin.is(Direction.IN) && !Signals.HANDSHAKE.contains(pin.signal())
                    && !pin.signal().equals("RI");
            if (data && !bench.isDriven(pin.terminal())) {
                found.add(Finding.of(id(), Severity.WARNING, List.of(pin.terminal()), pin.words()));
            }
        }
        return found;
    }
}
