package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Pin;

/** Alike devices joined straight: transmit meets transmit. */
final class CrossedNeeded implements Rule {
    @Override
    public String id() {
        return "crossed-needed";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> data = Crossing.sameName(net, "TXD");
            if (data.size() > 1) {
                Finding finding = Finding.of(id(), Severity.ERROR, Pin.terminals(data), Pin.words(data));
                found.add(Crossing.fix(derived, data).map(finding::withFix).orElse(finding));
            }
        }
        return found;
    }
}
