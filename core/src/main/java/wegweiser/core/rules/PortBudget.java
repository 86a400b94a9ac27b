package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Pin;

/**
 * How much current flows where only so much may.
 *
 * @param binds what sets the limit: {@code port}, {@code usb} where it is that of the standard, {@code contact}, {@code contacts} or {@code return}
 * @param pins the contacts that it is about
 */
public record PortBudget(String binds, List<Pin> pins, double amps, double limit) {
    private static final double USB2_AMPS = 0.5;
    private static final double USB3_AMPS = 0.9;

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
                        .ifPresentOrElse(limit -> found.add(new PortBudget("port", all, feed.load(), limit)),
                                () -> usual(derived, end, feed)
                                        .ifPresent(limit -> found
                                                .add(new PortBudget("usb", all, feed.load(), limit))));
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

    /** What a port that does not say its amps gives by its standard: USB 2.0 half an ampere, USB 3 nine tenths. */
    private static OptionalDouble usual(Derived derived, String end, Feed feed) {
        boolean usb = feed.sources().stream().filter(p -> p.isAt(end))
                .allMatch(p -> p.signal().equals("VBUS"));
        String connector = derived.job().end(end).map(e -> e.connector()).orElse("");
        return !usb || connector.startsWith("usb-c")
                ? OptionalDouble.empty()
                : connector.startsWith("usb3-")
                        ? OptionalDouble.of(USB3_AMPS)
                        : connector.startsWith("usb-")
                                ? OptionalDouble.of(USB2_AMPS)
                                : OptionalDouble.empty();
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
