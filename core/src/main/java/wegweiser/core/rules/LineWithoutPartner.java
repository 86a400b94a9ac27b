package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/** A line that talks both ways and meets nobody, although another end has a line of its kind that meets nobody either. */
final class LineWithoutPartner implements Rule {
    /** Lines that most cables leave open on purpose. */
    private static final Set<String> OPTIONAL = Set.of("ID", "CC1", "CC2", "SBU1", "SBU2", "VCONN",
            "DATA2+", "DATA2-");

    @Override
    public String id() {
        return "line-without-partner";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        if (derived.job().links().isEmpty()) {
            return found;
        }
        Circuit circuit = Circuit.of(derived);
        Joined joined = Joined.of(derived);
        Set<String> served = new LinkedHashSet<>();
        List<Pin> open = new ArrayList<>();
        for (Pin pin : derived.pins()) {
            boolean charging = (pin.has(Level.USB2) || pin.has(Level.USB3)) && joined.onlySupplies(pin);
            if (!pin.is(Direction.BOTH) || charging || OPTIONAL.contains(pin.signal()) || pin.row().optional()
                    || joined.isTiedHere(pin) || joined.meetsUnknown(pin)) {
                continue;
            }
            if (circuit.reached(pin.terminal()).stream().anyMatch(p -> p.isSignal() && p.isApart(pin))) {
                served.add(line(pin));
            } else {
                open.add(pin);
            }
        }
        Map<Set<String>, List<Pin>> missed = new LinkedHashMap<>();
        for (Pin pin : open) {
            List<Pin> like = open.stream().filter(o -> o.isApart(pin) && !served.contains(line(o)))
                    .filter(o -> couldBe(pin, o)).toList();
            if (!served.contains(line(pin)) && (joined.isAcross(pin) || !like.isEmpty())) {
                Set<String> ends = new TreeSet<>(Feed.ends(like));
                ends.add(pin.terminal().end());
                missed.computeIfAbsent(ends, _ -> new ArrayList<>()).add(pin);
            }
        }
        // lines of two ends that may be meant for each other are one thing to look at
        missed.values().forEach(pins -> found.add(Finding.of(id(), Severity.WARNING, Pin.terminals(pins),
                Pin.words(pins), pins.size())));
        return found;
    }

    /** Whether two lines could be one: nothing known of their levels or halves speaks against it. */
    private static boolean couldBe(Pin a, Pin b) {
        boolean levels = a.level().isEmpty() || b.level().isEmpty() || a.level().equals(b.level());
        boolean halves = a.half().isPresent() == b.half().isPresent()
                && a.half().map(h -> h.polarity() * b.half().orElseThrow().polarity() >= 0).orElse(true);
        return levels && halves;
    }

    /** Some connectors have a line at two contacts, of which one is enough. */
    private static String line(Pin pin) {
        return pin.terminal().end() + " " + pin.signal();
    }
}
