package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Counterparts;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.SupplyName;

/**
 * Lines that are joined although their names speak against it: two-way lines and supplies of different names while a namesake
 * is there, one channel of a stereo pair on the cold side of a balanced one; and, as a note, an output and an input that
 * nothing but their levels speaks for.
 */
final class NamesDiffer implements Rule {
    @Override
    public String id() {
        return "names-differ";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        Set<Pin> mixed = new LinkedHashSet<>();
        Set<Pin> channels = new LinkedHashSet<>();
        for (List<Pin> net : derived.netsOfPins()) {
            for (Pin one : net) {
                for (Pin two : net) {
                    if (one.is(Direction.OUT) && two.is(Direction.IN) && one.isApart(two)
                            && Counterparts.way(one, two).filter(w -> w == Counterparts.Way.LEFT_OVER)
                                    .isPresent()) {
                        found.add(Finding.of(id(), Severity.NOTE, List.of(one.terminal(), two.terminal()),
                                one.words(), two.words()));
                    }
                    if (one.isApart(two) && one.terminal().compareTo(two.terminal()) < 0) {
                        if (areMixed(derived, one, two)) {
                            mixed.addAll(List.of(one, two));
                        }
                        if (isChannelOnHalf(one, two) || isChannelOnHalf(two, one)) {
                            channels.addAll(List.of(one, two));
                        }
                    }
                }
            }
        }
        addTo(found, mixed, "mixed");
        addTo(found, channels, "channels");
        return found;
    }

    private void addTo(List<Finding> found, Set<Pin> pins, String which) {
        if (!pins.isEmpty()) {
            List<Pin> all = List.copyOf(pins);
            found.add(Finding.variant(id(), which, Severity.WARNING, Pin.terminals(all), Pin.words(all)));
        }
    }

    /** Two lines of one kind with different names, while at either end there is one of the right name. */
    private static boolean areMixed(Derived derived, Pin one, Pin two) {
        // the two wires of a telephone line may change places
        boolean lines = one.is(Direction.BOTH) && two.is(Direction.BOTH)
                && !(one.has(Level.TELEPHONE) && two.has(Level.TELEPHONE));
        boolean supplies = one.isSupply() && two.isSupply() && !one.direction().equals(two.direction());
        Optional<String> a = name(one);
        Optional<String> b = name(two);
        return (lines || supplies) && a.isPresent() && b.isPresent() && !a.equals(b)
                && !(lines && Counterparts.cross(one.signal(), two.signal()))
                && derived.pins().stream().filter(p -> lines ? p.is(Direction.BOTH) : p.isSupply())
                        .anyMatch(p -> !p.isApart(two) && name(p).equals(a)
                                || !p.isApart(one) && name(p).equals(b));
    }

    /** What a line or a supply is called; of halves of a pair the polarity is another rule's. */
    private static Optional<String> name(Pin pin) {
        return pin.isSupply()
                ? SupplyName.of(pin)
                : Optional.of(pin.signal()).filter(s -> !s.isEmpty() && pin.half().isEmpty());
    }

    /** Left or right on the cold half: what both channels have in common cancels out. */
    private static boolean isChannelOnHalf(Pin channel, Pin half) {
        return half.signal().equals("COLD") && half.isSignal()
                && (channel.signal().equals("LEFT") || channel.signal().equals("RIGHT"))
                && channel.isSignal() && channel.level().map(Level::isAudio).orElse(true);
    }
}
