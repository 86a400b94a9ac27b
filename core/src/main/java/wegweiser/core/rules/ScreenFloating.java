package wegweiser.core.rules;

import java.util.List;
import java.util.Optional;
import wegweiser.core.catalog.Contact;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A screened cable whose screen is joined at neither end. */
final class ScreenFloating implements Rule {
    @Override
    public String id() {
        return "screen-floating";
    }

    @Override
    public List<Finding> check(Derived derived) {
        CableStock cable = derived.cable().orElse(null);
        if (cable == null || !cable.isScreened() || derived.job().links().isEmpty() || isJoined(derived)) {
            return List.of();
        }
        Finding finding = Finding.of(id(), Severity.WARNING, List.of(), cable.title());
        boolean place = derived.job().ends().stream().anyMatch(e -> derived.connector(e.name())
                .map(t -> t.has(Contact.SHELL) || derived.returnContact(e.name()).isPresent()).orElse(true))
                || derived.pins().stream().anyMatch(p -> p.is(Direction.SHIELD));
        return List.of(place
                ? finding
                : new Finding(id(), Severity.WARNING, List.of(), finding.message(),
                        Words.say(derived.pins().stream().anyMatch(p -> p.is(Direction.GROUND))
                                ? "rule.screen-floating.no-place"
                                : "rule.screen-floating.no-ground"),
                        Optional.empty()));
    }

    private static boolean isJoined(Derived derived) {
        return ScreenLinks.any(derived.job()) || derived.job().links().stream()
                .anyMatch(l -> !l.is(PartKind.CUT) && l.conductor().isEmpty()
                        && (takesScreen(derived, l.from())
                                || l.to().map(t -> takesScreen(derived, t)).orElse(false)));
    }

    private static boolean takesScreen(Derived derived, Terminal terminal) {
        return terminal.contact().equals(Contact.SHELL) || derived.isReturn(terminal)
                || derived.pin(terminal).map(p -> p.is(Direction.SHIELD)).orElse(false);
    }
}
