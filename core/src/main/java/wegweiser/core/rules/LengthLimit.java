package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.BusLength;
import wegweiser.core.model.CableStock;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** A cable longer than its bus or rate allows. */
final class LengthLimit implements Rule {
    private static final int USUAL_AWG = 26;

    @Override
    public String id() {
        return "length-limit";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        double metres = derived.job().cable().lengthMm().orElse(0) / 1000;
        int awg = derived.cable().map(CableStock::awg).orElse(USUAL_AWG);
        Set<Level> levels = new LinkedHashSet<>();
        for (List<Pin> net : derived.netsOfPins()) {
            if (Feed.ends(net).size() > 1) {
                net.forEach(p -> p.level().filter(l -> BusLength.longestMetres(l, awg).isPresent())
                        .ifPresent(levels::add));
            }
        }
        for (Level level : levels) {
            double most = BusLength.longestMetres(level, awg).orElseThrow();
            if (metres <= most && BusLength.slowsDown(level, metres)) {
                found.add(Finding.variant(id(), "rate", Severity.NOTE, List.of(), Words.number(metres),
                        level.id(), Words.number(BusLength.fastestBits(level, metres) / 1000)));
            }
            if (metres > most) {
                found.add(new Finding(id(), Severity.WARNING, List.of(),
                        Words.say("rule.length-limit.message", Words.number(metres), level.id(),
                                Words.number(most)),
                        Words.sayIfThere("rule.length-limit.remedy." + level.id())
                                .orElseGet(() -> Words.say("rule.length-limit.remedy")),
                        Optional.empty()));
            }
        }
        return found;
    }
}
