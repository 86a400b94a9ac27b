package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;

/** An output joined to a supply: it drives into a short whenever it says low. */
final class OutputToSupply implements Rule {
    @Override
    public String id() {
        return "output-to-supply";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> supplies = net.stream().filter(Pin::isSupply).toList();
            for (Pin out : supplies.isEmpty() ? List.<Pin>of() : net) {
                if (out.is(Direction.OUT)) {
                    found.add(Finding.of(id(), Severity.ERROR,
                            Stream.concat(Stream.of(out), supplies.stream()).map(Pin::terminal).toList(),
                            out.words(),
                            Pin.words(supplies)));
                }
            }
        }
        return found;
    }
}
