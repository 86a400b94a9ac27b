package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.model.Schools.Screen;
import wegweiser.core.model.Terminal;

/**
 * A screen joined at both ends, where a ground loop can close; not where a contact takes the screen as its
 * conductor, nor where a standard wants both ends or the job does.
 */
final class ScreenBothEnds implements Rule {
    @Override
    public String id() {
        return "screen-both-ends";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Optional<Screen> school = derived.job().schools().screen();
        if (school.filter(s -> s == Screen.BOTH_ENDS).isPresent()) {
            return found;
        }
        Severity severity = school.isPresent() ? Severity.WARNING : Severity.NOTE;
        for (Link link : derived.job().links()) {
            if (ScreenLinks.isScreen(link) && link.isCopper() && !link.isWithinOneEnd()
                    && !(school.isEmpty() && isByStandard(derived, link))
                    && !isReturn(derived, link.from()) && !isReturn(derived, link.to().orElseThrow())) {
                found.add(Finding.of(id(), severity, List.of(link.from(), link.to().orElseThrow()),
                        link.from(),
                        link.to().orElseThrow()));
            }
        }
        return found;
    }

    private static boolean isByStandard(Derived derived, Link link) {
        return Stream.of(link.from(), link.to().orElseThrow()).allMatch(t -> derived.connector(t.end())
                .filter(c -> c.kind().isScreenedThrough()).isPresent());
    }

    private static boolean isReturn(Derived derived, Terminal terminal) {
        return derived.isReturn(terminal)
                || derived.pin(terminal).map(p -> p.is(Direction.GROUND)).orElse(false);
    }
}
