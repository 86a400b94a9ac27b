package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.catalog.Contact;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Terminal;

/** More nets between the ends than the cable has conductors; a screen is one where a contact takes it. */
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
        List<List<Terminal>> across = derived.nets().joinedNets().stream()
                .filter(net -> net.stream().map(Terminal::end).distinct().count() > 1).toList();
        boolean screen = cable.isScreened() && across.stream().anyMatch(net -> takesScreen(derived, net));
        int nets = across.size() - (screen ? 1 : 0);
        if (nets > cable.conductors().size()) {
            found.add(Finding.of(id(), Severity.ERROR, List.of(), nets, cable.title(),
                    cable.conductors().size()));
        }
        return found;
    }

    private static boolean takesScreen(Derived derived, List<Terminal> net) {
        return net.stream().anyMatch(t -> t.contact().equals(Contact.SHELL) || derived.isReturn(t)
                || derived.pin(t).map(p -> p.is(Direction.SHIELD)).orElse(false))
                || derived.job().links().stream()
                        .anyMatch(l -> ScreenLinks.isScreen(l) && l.to().isPresent()
                                && (net.contains(l.from()) || net.contains(l.to().get())));
    }
}
