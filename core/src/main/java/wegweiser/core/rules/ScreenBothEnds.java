package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/** A screen joined at both ends, where a ground loop can close; not where a contact takes the screen as its conductor. */
final class ScreenBothEnds implements Rule {
    @Override
    public String id() {
        return "screen-both-ends";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (Link link : derived.job().links()) {
            if (ScreenLinks.isScreen(link) && link.isCopper() && !link.isWithinOneEnd()
                    && !isReturn(derived, link.from()) && !isReturn(derived, link.to().orElseThrow())) {
                found.add(Finding.of(id(), Severity.NOTE, List.of(link.from(), link.to().orElseThrow()),
                        link.from(),
                        link.to().orElseThrow()));
            }
        }
        return found;
    }

    private static boolean isReturn(Derived derived, Terminal terminal) {
        return derived.isReturn(terminal)
                || derived.pin(terminal).map(p -> p.is(Direction.GROUND)).orElse(false);
    }
}
