package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** More current than a port gives, or than its contacts or those of the return carry; says which limit binds. */
final class BudgetExceeded implements Rule {
    @Override
    public String id() {
        return "budget-exceeded";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Map<String, Double> through = new LinkedHashMap<>();
        for (Feed feed : Feed.of(derived)) {
            List<Pin> all = Stream.concat(feed.sources().stream(), feed.sinks().stream()).toList();
            for (String end : feed.sourceEnds()) {
                double limit = feed.given(end).orElse(Double.MAX_VALUE);
                if (feed.load() > limit) {
                    found.add(finding(all, all.getFirst(), feed.load(), limit, "port"));
                }
                contacts(derived, end, feed.sources(), feed.load(), found);
                through.merge(end, feed.load(), Double::sum);
            }
            for (String end : feed.sinkEnds()) {
                contacts(derived, end, feed.sinks(), feed.load(end), found);
                through.merge(end, feed.load(end), Double::sum);
            }
        }
        through.forEach((end, amps) -> returns(derived, end, amps, found));
        return found;
    }

    private void contacts(Derived derived, String end, List<Pin> pins, double amps, List<Finding> found) {
        List<Pin> here = pins.stream().filter(p -> p.isAt(end)).toList();
        double limit = here.size() * ampsPerContact(derived, end);
        if (amps > limit) {
            found.add(finding(here, here.getFirst(), amps, limit, here.size() == 1 ? "contact" : "contacts"));
        }
    }

    /** What comes in by the supply goes back by the grounds that are joined. */
    private void returns(Derived derived, String end, double amps, List<Finding> found) {
        List<Pin> grounds = Grounds.shared(derived, end);
        double limit = grounds.size() * ampsPerContact(derived, end);
        if (!grounds.isEmpty() && amps > limit) {
            found.add(finding(grounds, grounds.getFirst(), amps, limit, "return"));
        }
    }

    private static double ampsPerContact(Derived derived, String end) {
        return derived.connector(end).map(t -> t.ratings().ampsPerContact()).orElse(Double.MAX_VALUE);
    }

    private Finding finding(List<Pin> pins, Pin first, double wanted, double limit, String binds) {
        return Finding.of(id(), Severity.ERROR, Pin.terminals(pins), Words.number(wanted),
                Words.number(limit),
                Words.say("rule.budget-exceeded.by-" + binds, first.words()));
    }
}
