package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Ampacity;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A conductor that carries more supply current than its gauge stands, there or back. */
final class ConductorThin implements Rule {
    @Override
    public String id() {
        return "conductor-thin";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        CableStock cable = derived.cable().orElse(null);
        if (cable == null) {
            return found;
        }
        Map<String, Double> back = new LinkedHashMap<>();
        for (Feed feed : Feed.of(derived)) {
            for (String end : Stream.concat(feed.sinkEnds().stream(), feed.sourceEnds().stream()).distinct()
                    .toList()) {
                double amps = feed.sinkEnds().contains(end) ? feed.load(end) : feed.load();
                check(Runs.to(derived, cable, feed.sources(), end), amps, found);
                back.merge(end, amps, Double::sum);
            }
        }
        back.forEach((end, amps) -> check(Runs.to(derived, cable, Grounds.shared(derived, end), end), amps,
                found));
        return found.stream().distinct().toList();
    }

    private void check(Runs runs, double amps, List<Finding> found) {
        for (Link link : runs.links()) {
            List<Terminal> where = Stream.of(link.from(), link.to().orElseThrow()).sorted().toList();
            double carried = amps * runs.share(link);
            int awg = runs.awg(link);
            boolean hot = carried > Ampacity.freeAir(awg);
            if (hot || carried > Ampacity.bundled(awg)) {
                found.add(Finding.of(id(), hot ? Severity.ERROR : Severity.WARNING,
                        where, link.conductor().orElse(""), awg,
                        Words.number(carried), Words.number(Ampacity.bundled(awg)),
                        Words.number(Ampacity.freeAir(awg)), where.getFirst()));
            }
        }
    }
}
