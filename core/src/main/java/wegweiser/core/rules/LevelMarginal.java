package wegweiser.core.rules;

import java.util.List;
import wegweiser.core.derived.Derived;

/** Levels that meet, but not surely. */
final class LevelMarginal implements Rule {
    @Override
    public String id() {
        return "level-marginal";
    }

    @Override
    public List<Finding> check(Derived derived) {
        return LevelMeetings.findings(derived, false, id(), Severity.WARNING);
    }
}
