package wegweiser.core.rules;

import java.util.List;

/** Levels that meet, but not surely. */
final class LevelMarginal implements Rule {
    @Override
    public String id() {
        return "level-marginal";
    }

    @Override
    public List<Finding> check(Bench bench) {
        return LevelMeetings.of(bench, false).stream().map(m -> m.finding(id(), Severity.WARNING)).toList();
    }
}
