package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;

/**
 * A contact made for the screen that is joined nowhere. At an XLR, a phono, a coaxial connector or a jack it is the return
 * of the signal, so this is an error.
 */
final class ScreenContactOpen implements Rule {
    @Override
    public String id() {
        return "screen-contact-open";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Set<Terminal> joined = new LinkedHashSet<>();
        for (Link link : derived.job().links()) {
            if (!link.is(PartKind.CUT)) {
                joined.add(link.from());
                link.to().ifPresent(joined::add);
            }
        }
        for (End end : derived.job().ends()) {
            boolean used = joined.stream().anyMatch(t -> t.end().equals(end.name()));
            Optional<Terminal> made = derived.returnContact(end.name());
            if (used && made.isPresent() && !crosses(derived, made.get())) {
                found.add(Finding.of(id(), Severity.ERROR, List.of(made.get()), made.get(), end.device()));
            } else if (used && made.isEmpty() && derived.cable().map(c -> c.isScreened()).orElse(false)
                    && !ScreenLinks.any(derived.job())) {
                derived.pins().stream().filter(p -> p.isAt(end.name()) && p.is(Direction.SHIELD))
                        .filter(p -> !joined.contains(p.terminal())).findFirst()
                        .ifPresent(p -> found.add(Finding.of(id(), Severity.WARNING, List.of(p.terminal()),
                                p.words(), end.device())));
            }
        }
        return found;
    }

    /** Whether a contact is joined, by copper or a part, to some other end. */
    private static boolean crosses(Derived derived, Terminal terminal) {
        return derived.job().links().stream().filter(l -> !l.is(PartKind.CUT) && l.to().isPresent())
                .anyMatch(l -> !l.isWithinOneEnd() && (reaches(derived, l.from(), terminal)
                        || reaches(derived, l.to().orElseThrow(), terminal)));
    }

    private static boolean reaches(Derived derived, Terminal linked, Terminal terminal) {
        return linked.end().equals(terminal.end()) && derived.nets().index().contains(linked)
                && derived.nets().index().contains(terminal) && derived.nets().joined(linked, terminal);
    }
}
