package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** Directions that were filled in from role or name. */
final class DirectionGuessed implements Rule {
    @Override
    public String id() {
        return "direction-guessed";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        for (End end : derived.job().ends()) {
            List<Pin> guessed = derived.pins().stream()
                    .filter(p -> p.guessed() && p.terminal().end().equals(end.name()))
                    .toList();
            if (!guessed.isEmpty()) {
                found.add(Finding
                        .of(id(), Severity.NOTE, Pin.terminals(guessed), end.device(), Pin.words(guessed))
                        .withFix(new Fix(Words.say("fix.confirm"), job -> confirmed(job, guessed))));
            }
        }
        return found;
    }

    private static Job confirmed(Job job, List<Pin> guessed) {
        Job result = job;
        for (Pin pin : guessed) {
            End end = result.end(pin.terminal().end()).orElseThrow();
            Direction direction = pin.direction().orElseThrow();
            result = result.withEnd(end.withRow(pin.row().withDirection(direction)));
        }
        return result;
    }
}
