package wegweiser.core.rules;

import java.util.List;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;

/** Levels that cannot meet, and lines that rest above what an input on them stands. */
final class LevelClash implements Rule {
    @Override
    public String id() {
        return "level-clash";
    }

    @Override
    public List<Finding> check(Derived derived) {
        return Stream.concat(
                LevelMeetings.findings(derived, true, id(), Severity.ERROR).stream(),
                Resting.clashes(derived, id()).stream()).toList();
    }
}
