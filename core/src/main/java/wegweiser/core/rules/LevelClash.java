package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Levels;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** Levels that cannot meet. */
final class LevelClash implements Rule {
    @Override
    public String id() {
        return "level-clash";
    }

    @Override
    public List<Finding> check(Bench bench) {
        List<Finding> found = new ArrayList<>();
        for (List<Pin> net : bench.netsOfPins()) {
            for (Pin out : net) {
                for (Pin in : net) {
                    boolean meets = out.is(Direction.OUT) && (in.is(Direction.IN) || in.is(Direction.BOTH))
                            || out.is(Direction.BOTH) && in.isSignal()
                                    && out.terminal().compareTo(in.terminal()) < 0;
                    if (meets && !out.terminal().equals(in.terminal())) {
                        Levels.between(out.level(), in.level()).filter(p -> p.clash())
                                .ifPresent(p -> found.add(
                                        new Finding(id(), Severity.ERROR,
                                                List.of(out.terminal(), in.terminal()),
                                                Words.say("rule.level-clash.message", out.words(), in.words(),
                                                        p.why()),
                                                p.remedy(),
                                                Optional.empty())));
                    }
                }
            }
        }
        return found;
    }
}
