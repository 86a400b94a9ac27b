package wegweiser.core.rules;

import java.util.List;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;

/** A supply on a jack: while the plug goes in, its tip passes the contacts that lie before it and bridges them. */
final class JackShorts implements Rule {
    @Override
    public String id() {
        return "jack-shorts";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Pin> supplies = derived.netsOfPins().stream()
                .filter(net -> net.stream().anyMatch(p -> p.is(Direction.SUPPLY_OUT))).flatMap(List::stream)
                .filter(p -> p.isSupply() && derived.connector(p.terminal().end())
                        .filter(t -> t.kind() == ConnectorKind.JACK).isPresent())
                .toList();
        return supplies.isEmpty()
                ? List.of()
                : List.of(Finding.of(id(), Severity.NOTE, Pin.terminals(supplies), Pin.words(supplies)));
    }
}
