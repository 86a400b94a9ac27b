package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;

/** The two halves of a differential pair joined the wrong way round. */
final class PairCrossed implements Rule {
    @Override
    public String id() {
        return "pair-crossed";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> halves = net.stream().filter(p -> Signals.polarity(p.signal()) != 0).toList();
            boolean plus = halves.stream().anyMatch(p -> Signals.polarity(p.signal()) > 0);
            boolean minus = halves.stream().anyMatch(p -> Signals.polarity(p.signal()) < 0);
            if (plus && minus) {
                found.add(Finding.of(id(), Severity.ERROR, Pin.terminals(halves), Pin.words(halves)));
            }
        }
        return found;
    }
}
