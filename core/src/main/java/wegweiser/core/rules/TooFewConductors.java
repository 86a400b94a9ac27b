package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Terminal;

/** More nets between the ends than the cable has conductors. */
final class TooFewConductors implements Rule {
    @Override
    public String id() {
        return "too-few-conductors";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        if (cable == null) {
            return found;
        }
        long nets = derived.nets().joinedNets().stream()
                .filter(net -> net.stream().map(Terminal::end).distinct().count() > 1)
                .filter(net -> !(cable.isScreened()
                        && net.stream().allMatch(t -> t.contact().equals("shell"))))
                .count();
        if (nets > cable.conductors().size()) {
            found.add(Finding.of(id(), Severity.ERROR, List.of(), nets, cable.title(),
                    cable.conductors().size()));
        }
        return found;
    }
}
