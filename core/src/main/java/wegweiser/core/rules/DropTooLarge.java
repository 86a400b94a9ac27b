package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Volts;
import wegweiser.core.words.Words;

/** Supply that arrives below what its sink needs: volts lost there and back over wire and four contacts. */
final class DropTooLarge implements Rule {
    private static final double CONTACT_OHMS = 0.015;

    @Override
    public String id() {
        return "drop-too-large";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        if (cable == null || derived.job().cable().lengthMm().isEmpty()) {
            return found;
        }
        double metres = derived.job().cable().lengthMm().getAsDouble() / 1000;
        for (Feed feed : Feed.of(derived)) {
            for (String end : feed.sinkEnds()) {
                feed.weakest().filter(s -> !s.isAt(end))
                        .ifPresent(source -> check(derived, cable, metres, feed, source, end, found));
            }
        }
        return found;
    }

    private void check(Derived derived, CableStock cable, double metres, Feed feed, Pin source, String end,
            List<Finding> found) {
        double there = Runs.to(derived, cable, feed.pins(), end).ohmsPerMetre();
        double back = Grounds.shared(derived, end).isEmpty()
                ? there
                : Runs.to(derived, cable, Grounds.shared(derived, end), end).ohmsPerMetre();
        Pin sink = feed.sinks().stream().filter(p -> p.isAt(end)).findFirst().orElseThrow();
        double lost = feed.load(end) * (metres * (there + back) + 4 * CONTACT_OHMS)
                + feed.lost(source, sink, feed.load(end)).orElse(0);
        Volts given = source.volts().orElseThrow();
        Volts wanted = sink.volts().orElse(given);
        if (Double.isFinite(lost) && !given.fallsShort(wanted, feed.lost(source, sink, 0).orElse(0))
                && given.fallsShort(wanted, lost)) {
            found.add(Finding.of(id(), Severity.WARNING, List.of(source.terminal(), sink.terminal()),
                    Words.number(lost), sink.words(), Words.number(Math.max(0, given.smallest() - lost)),
                    Words.number(wanted.needs())));
        }
    }
}
