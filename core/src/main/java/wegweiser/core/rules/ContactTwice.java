package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;

/** More conductors in a contact than its kind takes: one where it is pressed or crimped, two where it is soldered or screwed. */
final class ContactTwice implements Rule {
    @Override
    public String id() {
        return "contact-twice";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Map<Terminal, Integer> wires = new LinkedHashMap<>();
        for (Link link : derived.job().links()) {
            if (!link.is(PartKind.CUT)) {
                wires.merge(link.from(), 1, Integer::sum);
                link.to().ifPresent(t -> wires.merge(t, 1, Integer::sum));
            }
        }
        wires.forEach((terminal, count) -> {
            Termination termination = derived.connector(terminal.end()).map(t -> t.termination())
                    .orElse(Termination.BARE);
            int takes = switch (termination) {
                case RIBBON, MODULAR, PUNCH_DOWN, CRIMP, CIRCULAR_DISPLACEMENT -> 1;
                case SOLDER_CUP, JACK_SOLDER, SCREW, POTTED, SPLICE -> 2;
                case BARE -> Integer.MAX_VALUE;
            };
            if (count > takes) {
                found.add(Finding.of(id(), Severity.WARNING, List.of(terminal), terminal, count, takes));
            }
        });
        return found;
    }
}
