package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Pin;

/**
 * How much current flows where only so much may.
 *
 * @param binds what sets the limit: {@code port}, {@code contact}, {@code contacts} or {@code return}
 * @param pins the contacts that it is about
 */
public record PortBudget(String binds, List<Pin> pins, double amps, double limit) {
    public PortBudget {
        pins = List.copyOf(pins);
    }

    /** The first contact, in words. */
    public String where() {
        return pins.getFirst().words();
    }

    /** Every limit there is on the supplies of a plan, reached or not. O(nets x ends). */
    public static List<PortBudget> of(Derived derived) {
        List<PortBudget> found = new ArrayList<>();
        Map<String, Double> through = new LinkedHashMap<>();
        for (Feed feed : Feed.of(derived)) {
            List<Pin> all = Stream.concat(feed.sources().stream(), feed.sinks().stream()).toList();
            for (String end : feed.sourceEnds()) {
                feed.given(end)
                        .ifPresent(limit -> found.add(new PortBudget("port", all, feed.load(), limit)));
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

    private static void contacts(Derived derived, String end, List<Pin> pins, double amps,
            List<PortBudget> found) {
        List<Pin> here = pins.stream().filter(p -> p.isAt(end)).toList();
        derived.connector(end)
                .ifPresent(type -> found.add(new PortBudget(here.size() == 1 ? "contact" : "contacts",
                        here, amps, here.size() * type.ratings().ampsPerContact())));
    }

    /** What comes in by the supply goes back by the grounds that are joined. */
    private static void returns(Derived derived, String end, double amps, List<PortBudget> found) {
        List<Pin> grounds = Grounds.shared(derived, end);
        if (!grounds.isEmpty()) {
            derived.connector(end).ifPresent(type -> found.add(new PortBudget("return", grounds, amps,
                    grounds.size() * type.ratings().ampsPerContact())));
        }
    }
}
