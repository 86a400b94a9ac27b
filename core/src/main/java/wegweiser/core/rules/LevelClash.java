package wegweiser.core.rules;

import java.util.List;

/** Levels that cannot meet. */
final class LevelClash implements Rule {
    @Override
    public String id() {
        return "level-clash";
    }

    @Override
    public List<Finding> check(Bench bench) {
        return LevelMeetings.of(bench, true).stream().map(m -> m.finding(id(), Severity.ERROR)).toList();
    }
}
