package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
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
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        if (derived.job().links().isEmpty()) {
            return found;
        }
        for (Pin pin : derived.pins()) {
            boolean data = pin.is(Direction.IN) && !Signals.HANDSHAKE.contains(pin.signal())
                    && !pin.signal().equals("RI");
            if (data && !Circuit.of(derived).isDriven(pin)) {
                found.add(Finding.of(id(), Severity.WARNING, List.of(pin.terminal()), pin.words()));
            }
        }
        return found;
    }
}
