package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
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
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> grounds = net.stream().filter(p -> p.is(Direction.GROUND) || p.is(Direction.SHIELD))
                    .toList();
            for (Pin out : grounds.isEmpty() ? List.<Pin>of() : net) {
                if (out.is(Direction.OUT) && !isUnbalancing(net, out)) {
                    found.add(Finding.of(id(), Severity.ERROR,
                            Stream.concat(Stream.of(out), grounds.stream()).map(Pin::terminal).toList(),
                            out.words(),
                            Pin.words(grounds)));
                }
            }
        }
        return found;
    }

    /** The cold side of a balanced output is put to ground on purpose where its hot side goes into an unbalanced input. */
    private static boolean isUnbalancing(List<Pin> net, Pin out) {
        return out.signal().equals("COLD") && net.stream().anyMatch(out::isApart);
    }
}
