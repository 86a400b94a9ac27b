package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Pin;

/** Supply on a net with a signal. */
final class SupplyToSignal implements Rule {
    @Override
    public String id() {
        return "supply-to-signal";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> involved = net.stream().filter(p -> p.isSupply() || p.isSignal()).toList();
            if (involved.stream().anyMatch(Pin::isSupply) && involved.stream().anyMatch(Pin::isSignal)) {
                found.add(Finding.of(id(), Severity.ERROR, Pin.terminals(involved), Pin.words(involved)));
            }
        }
        return found;
    }
}
