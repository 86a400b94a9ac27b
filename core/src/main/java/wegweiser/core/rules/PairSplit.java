package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;

/** The two halves of a differential signal in different twisted pairs, which continuity cannot see. */
final class PairSplit implements Rule {
    @Override
    public String id() {
        return "pair-split";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        if (cable == null || cable.pairs().isEmpty()) {
            return found;
        }
        Map<String, List<String>> conductors = new HashMap<>();
        Map<String, List<Terminal>> terminals = new HashMap<>();
        for (Link link : derived.job().links()) {
            Pin pin = derived.pin(link.from()).orElse(null);
            if (pin != null && link.conductor().isPresent() && Signals.polarity(pin.signal()) != 0) {
                String pair = link.from().end() + Signals.pairName(pin.signal());
                conductors.computeIfAbsent(pair, _ -> new ArrayList<>()).add(link.conductor().get());
                terminals.computeIfAbsent(pair, _ -> new ArrayList<>()).add(link.from());
            }
        }
        conductors.forEach((pair, used) -> {
            if (used.size() == 2 && !cable.partner(used.get(0)).map(used.get(1)::equals).orElse(false)) {
                found.add(Finding.of(id(), Severity.ERROR, terminals.get(pair), used.get(0), used.get(1)));
            }
        });
        return found;
    }
}
