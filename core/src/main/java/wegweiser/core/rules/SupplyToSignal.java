package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;

/**
 * Supply on a net with a signal. A contact that closes may lie on a supply, and an input may be tied to one that its level
 * stands.
 */
final class SupplyToSignal implements Rule {
    @Override
    public String id() {
        return "supply-to-signal";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> supplies = net.stream().filter(Pin::isSupply).toList();
            List<Pin> involved = net.stream().filter(p -> p.isSupply() || p.isSignal() && !suits(p, supplies))
                    .toList();
            if (involved.stream().anyMatch(Pin::isSupply) && involved.stream().anyMatch(Pin::isSignal)) {
                found.add(Finding.of(id(), Severity.ERROR, Pin.terminals(involved), Pin.words(involved)));
            }
        }
        return found;
    }

    private static boolean suits(Pin signal, List<Pin> supplies) {
        Optional<Level> level = signal.level();
        return level.filter(l -> l == Level.CONTACT || l.isOfTheField()).isPresent()
                || signal.signal().startsWith("SENSE")
                || signal.is(Direction.IN) && level.isPresent() && !Signals.isSerial(signal.signal())
                        && supplies.stream().map(Pin::volts)
                                .allMatch(v -> v.filter(w -> level.get().restsAt(w.least(), w.most()))
                                        .isPresent());
    }
}
