package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;

/** Two supplies feeding one net. */
final class SupplyToSupply implements Rule {
    @Override
    public String id() {
        return "supply-to-supply";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> sources = net.stream().filter(p -> p.is(Direction.SUPPLY_OUT)).toList();
            if (sources.stream().map(p -> p.terminal().end()).distinct().count() > 1) {
                found.add(Finding.of(id(), Severity.ERROR, Pin.terminals(sources), Pin.words(sources)));
            }
        }
        return found;
    }
}
