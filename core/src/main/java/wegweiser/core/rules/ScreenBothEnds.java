package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;

/** A screen joined at both ends, where a ground loop can close. */
final class ScreenBothEnds implements Rule {
    @Override
    public String id() {
        return "screen-both-ends";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (Link link : derived.job().links()) {
            if (ScreenLinks.isScreen(link) && link.isCopper() && !link.isWithinOneEnd()) {
                found.add(Finding.of(id(), Severity.NOTE, List.of(link.from(), link.to().orElseThrow()),
                        link.from(),
                        link.to().orElseThrow()));
            }
        }
        return found;
    }
}
