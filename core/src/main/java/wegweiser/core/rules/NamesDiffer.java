package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Counterparts;
import wegweiser.core.signals.Pin;

/** An output and an input that nothing but their levels speaks for. */
final class NamesDiffer implements Rule {
    @Override
    public String id() {
        return "names-differ";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : derived.netsOfPins()) {
            for (Pin out : net) {
                for (Pin in : net) {
                    if (out.is(Direction.OUT) && in.is(Direction.IN) && out.isApart(in)
                            && Counterparts.way(out, in).filter(w -> w == Counterparts.Way.LEFT_OVER)
                                    .isPresent()) {
                        found.add(Finding.of(id(), Severity.NOTE, List.of(out.terminal(), in.terminal()),
                                out.words(), in.words()));
                    }
                }
            }
        }
        return found;
    }
}
