package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.signals.Pin;

/** Unlike devices crossed: what the terminal calls transmit is the modem’s input of the same name. */
final class StraightNeeded implements Rule {
    @Override
    public String id() {
        return "straight-needed";
    }

    @Override
    public List<Finding> check(Bench bench) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : bench.netsOfPins()) {
            List<Pin> data = net.stream()
                    .filter(p -> p.signal().equals("TXD") || p.signal().equals("RXD"))
                    .filter(Pin::drivesHard)
                    .toList();
            boolean twoNames = data.stream().map(Pin::signal).distinct().count() > 1;
            boolean twoEnds = data.stream().map(p -> p.terminal().end()).distinct().count() > 1;
            if (twoNames && twoEnds) {
                Finding finding = Finding.of(id(), Severity.ERROR, Bench.terminals(data), Bench.words(data));
                found.add(Crossing.fix(bench, data).map(finding::withFix).orElse(finding));
            }
        }
        return found;
    }
}
