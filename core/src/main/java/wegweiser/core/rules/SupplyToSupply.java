package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.SupplyName;

/** Two supplies feeding one net, whoever owns them, unless they are contacts of one port at one voltage. */
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
            if (sources.stream().anyMatch(p -> !sameOutput(p, sources.getFirst()))) {
                boolean charged = mayCharge(derived, net, sources);
                found.add(Finding.variant(id(), charged ? "charged" : "message",
                        charged ? Severity.WARNING : Severity.ERROR, Pin.terminals(sources),
                        Pin.words(sources)));
            }
        }
        return found;
    }

    /** Batteries of which one may be the contact of a charger: there is another supply at it, or nothing else on the net. */
    private static boolean mayCharge(Derived derived, List<Pin> net, List<Pin> sources) {
        return sources.stream().allMatch(SupplyName::isBattery)
                && (net.stream().noneMatch(p -> p.is(Direction.SUPPLY_IN))
                        || derived.pins().stream().anyMatch(p -> p.isSupply() && !SupplyName.isBattery(p)
                                && sources.stream().anyMatch(s -> !s.isApart(p))));
    }

    private static boolean sameOutput(Pin a, Pin b) {
        return !a.isApart(b) && a.signal().equals(b.signal()) && a.volts().equals(b.volts());
    }
}
