package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** A cable longer than its bus or rate allows. */
final class LengthLimit implements Rule {
    /** Metres at the usual rates: USB 2.0 and 3, IEEE 802.3, ISO 11898 at 1 Mbit/s, TIA-485, SDI-12, 1-Wire, MIDI. */
    private static final Map<Level, Double> METRES = Map.of(Level.USB2, 5.0, Level.USB3, 3.0, Level.ETHERNET,
            100.0,
            Level.CAN, 40.0, Level.RS485, 1200.0, Level.RS422, 1200.0, Level.SDI_12, 60.0, Level.ONE_WIRE,
            100.0,
            Level.MIDI, 15.0);

    @Override
    public String id() {
        return "length-limit";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        double metres = derived.job().cable().lengthMm().orElse(0) / 1000;
        Set<Level> levels = new LinkedHashSet<>();
        for (List<Pin> net : derived.netsOfPins()) {
            if (Feed.ends(net).size() > 1) {
                net.forEach(p -> p.level().filter(METRES::containsKey).ifPresent(levels::add));
            }
        }
        for (Level level : levels) {
            if (metres > METRES.get(level)) {
                found.add(new Finding(id(), Severity.WARNING, List.of(),
                        Words.say("rule.length-limit.message", Words.number(metres), level.id(),
                                Words.number(METRES.get(level))),
                        Words.sayIfThere("rule.length-limit.remedy." + level.id())
                                .orElseGet(() -> Words.say("rule.length-limit.remedy")),
                        Optional.empty()));
            }
        }
        return found;
    }
}
