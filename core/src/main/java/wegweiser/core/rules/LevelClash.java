package wegweiser.core.rules;

import java.util.List;
import wegweiser.core.derived.Derived;

/** Levels that cannot meet. */
final class LevelClash implements Rule {
    @Override
    public String id() {
        return "level-clash";
    }

    @Override
    public List<Finding> check(Derived derived) {
        return LevelMeetings.of(derived, true).stream().map(m -> m.finding(id(), Severity.ERROR)).toList();
    }
}
