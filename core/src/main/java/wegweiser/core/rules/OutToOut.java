package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Pin;

/** Two outputs on one net, unless all but one are open collectors. */
final class OutToOut implements Rule {
    @Override
    public String id() {
        return "out-to-out";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> outs = net.stream().filter(Pin::drivesHard).toList();
            if (outs.size() > 1) {
                Finding finding = Finding.of(id(), Severity.ERROR, Pin.terminals(outs), Pin.words(outs));
                found.add(Crossing.fix(derived, outs).map(finding::withFix).orElse(finding));
            }
        }
        return found;
    }
}
