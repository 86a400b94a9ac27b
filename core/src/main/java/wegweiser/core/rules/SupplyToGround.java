package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;

/** Supply and ground, or supply and shield, on one net. */
final class SupplyToGround implements Rule {
    @Override
    public String id() {
        return "supply-to-ground";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            boolean supply = net.stream().anyMatch(Pin::isSupply);
            boolean ground = net.stream().anyMatch(p -> p.is(Direction.GROUND) || p.is(Direction.SHIELD));
            if (supply && ground) {
                found.add(Finding.of(id(), Severity.ERROR, Pin.terminals(net), Pin.words(net)));
            }
        }
        return found;
    }
}
