package wegweiser.core.rules;

import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.End;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/**
 * A contact made for the screen that is joined nowhere at the other end. At an XLR, a phono, a coaxial connector or a jack it is
 * the return of the signal, so this is an error; between line outputs and inputs the screen is often lifted at one end on
 * purpose, so there it is a warning. Told once for a cable.
 */
final class ScreenContactOpen implements Rule {
    @Override
    public String id() {
        return "screen-contact-open";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<End> open = derived.job().ends().stream().filter(e -> isUsed(derived, e))
                .filter(e -> derived.returnContact(e.name())
                        .filter(t -> !crosses(derived, t) && !PlannedCuts.isCut(derived, t)).isPresent())
                .toList();
        if (open.isEmpty()) {
            return List.of();
        }
        // where the screen hangs on one contact, it is the others that miss it
        List<End> missing = open.stream().filter(e -> !hasScreen(derived, e)).toList();
        List<End> told = missing.isEmpty() ? open : missing;
        List<Terminal> made = told.stream().map(e -> derived.returnContact(e.name()).orElseThrow()).toList();
        boolean lifted = isLineOnly(derived)
                && derived.job().ends().stream().anyMatch(e -> hasScreen(derived, e));
        return List.of(Finding.of(id(), lifted ? Severity.WARNING : Severity.ERROR, made, Words.list(made),
                Words.list(told.stream().map(End::device).toList()), made.size()));
    }

    private static boolean isUsed(Derived derived, End end) {
        return derived.job().links().stream().filter(l -> !l.is(PartKind.CUT))
                .anyMatch(l -> l.from().end().equals(end.name())
                        || l.to().filter(t -> t.end().equals(end.name())).isPresent());
    }

    /** Whether the screen is on the contact of this end that is made for it, and goes nowhere else. */
    private static boolean hasScreen(Derived derived, End end) {
        return derived.job().links().stream().filter(ScreenLinks::isScreen)
                .anyMatch(l -> derived.returnContact(end.name()).filter(l::touches).isPresent());
    }

    private static boolean isLineOnly(Derived derived) {
        List<Pin> sound = derived.pins().stream().filter(Pin::isSignal).toList();
        return !sound.isEmpty() && sound.stream().allMatch(p -> p.has(Level.AUDIO_LINE));
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
