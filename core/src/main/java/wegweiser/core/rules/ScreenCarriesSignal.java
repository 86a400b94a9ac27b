package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/**
 * The screen as the only return of two devices although a conductor is free. Contacts that are made for the screen, as those of
 * phono plugs and microphones, are none of this rule's.
 */
final class ScreenCarriesSignal implements Rule {
    @Override
    public String id() {
        return "screen-carries-signal";
    }

    @Override
    public List<Finding> check(Derived derived) {
        CableStock cable = derived.cable().orElse(null);
        if (cable == null) {
            return List.of();
        }
        Set<String> used = derived.job().links().stream().flatMap(l -> l.conductor().stream())
                .collect(Collectors.toSet());
        Optional<String> free = cable.conductors().stream().filter(c -> !used.contains(c)).findFirst();
        List<Finding> found = new ArrayList<>();
        for (Link link : derived.job().links()) {
            if (free.isPresent() && isReturnOnScreen(derived, link) && !hasOther(derived, link)) {
                found.add(Finding.of(id(), Severity.WARNING, List.of(link.from(), link.to().orElseThrow()),
                        link.from(), link.to().orElseThrow(), free.get()));
            }
        }
        return found;
    }

    private static boolean isReturnOnScreen(Derived derived, Link link) {
        return link.isCopper() && !link.isWithinOneEnd() && link.to().isPresent()
                && link.isOnScreen()
                && ends(link).allMatch(t -> derived.pin(t).filter(p -> p.is(Direction.GROUND)).isPresent()
                        && !derived.isReturn(t));
    }

    /** Whether another ground joins the same two ends on a conductor of its own. */
    private static boolean hasOther(Derived derived, Link screen) {
        Set<String> two = ends(screen).map(Terminal::end).collect(Collectors.toSet());
        return derived.job().links().stream().filter(l -> l.isCopper() && l.to().isPresent())
                .filter(l -> !l.isOnScreen())
                .filter(l -> ends(l).map(Terminal::end).collect(Collectors.toSet()).equals(two))
                .anyMatch(l -> ends(l)
                        .allMatch(t -> derived.pin(t).filter(p -> p.is(Direction.GROUND)).isPresent()));
    }

    private static Stream<Terminal> ends(Link link) {
        return Stream.of(link.from(), link.to().orElseThrow());
    }
}
