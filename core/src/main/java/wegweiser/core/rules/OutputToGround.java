package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;

/** An output joined to ground or to a screen: it drives into a short whenever it says high. */
final class OutputToGround implements Rule {
    @Override
    public String id() {
        return "output-to-ground";
    }

    @Override
    public List<Finding> check(Derived derived) {
        // outputs of one device on the grounds of one other are one mistake
        Map<List<Object>, List<Pin>> outs = new LinkedHashMap<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> grounds = net.stream().filter(p -> p.is(Direction.GROUND) || p.is(Direction.SHIELD))
                    .toList();
            for (Pin out : grounds.isEmpty() ? List.<Pin>of() : net) {
                if (out.is(Direction.OUT) && !isUnbalancing(net, out)) {
                    outs.computeIfAbsent(List.of(out.terminal().end(), grounds), _ -> new ArrayList<>())
                            .add(out);
                }
            }
        }
        List<Finding> found = new ArrayList<>();
        outs.forEach((key, pins) -> {
            List<Pin> grounds = ((List<?>) key.getLast()).stream().map(Pin.class::cast).toList();
            found.add(Finding.of(id(), Severity.ERROR,
                    Stream.concat(pins.stream(), grounds.stream()).map(Pin::terminal).toList(),
                    Pin.words(pins), Pin.words(grounds), pins.size()));
        });
        return found;
    }

    /** The cold side of a balanced output is put to ground on purpose where its hot side goes into an unbalanced input. */
    private static boolean isUnbalancing(List<Pin> net, Pin out) {
        return out.signal().equals("COLD") && net.stream().anyMatch(out::isApart);
    }
}
