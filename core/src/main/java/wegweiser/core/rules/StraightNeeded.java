package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Pin;

/** Unlike devices crossed: what the terminal calls transmit is the modem’s input of the same name. */
final class StraightNeeded implements Rule {
    @Override
    public String id() {
        return "straight-needed";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> data = net.stream()
                    .filter(p -> p.signal().equals("TXD") || p.signal().equals("RXD"))
                    .filter(Pin::drivesHard)
                    .toList();
            boolean twoNames = data.stream().map(Pin::signal).distinct().count() > 1;
            boolean twoEnds = data.stream().map(p -> p.terminal().end()).distinct().count() > 1;
            if (twoNames && twoEnds) {
                Finding finding = Finding.of(id(), Severity.ERROR, Pin.terminals(data), Pin.words(data));
                found.add(Crossing.fix(derived, data).map(finding::withFix).orElse(finding));
            }
        }
        return found;
    }
}
