package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Counterparts;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;

/** A data input on which nothing talks, or loads that are joined with nothing to feed them. */
final class InWithoutSource implements Rule {
    @Override
    public String id() {
        return "in-without-source";
    }

    @Override
    public List<Finding> check(Derived derived) {
        List<Finding> found = new ArrayList<>();
        if (derived.job().links().isEmpty()) {
            return found;
        }
        Joined joined = Joined.of(derived);
        Map<String, List<Pin>> undriven = new LinkedHashMap<>();
        for (Pin pin : derived.pins()) {
            boolean data = pin.is(Direction.IN) && !Signals.HANDSHAKE.contains(pin.signal())
                    && !pin.signal().equals("RI");
            if (data && !isLeftOut(derived, pin) && !isColdOfUnbalanced(derived, pin)
                    && !Circuit.of(derived).isDriven(pin) && isWanted(derived, joined, pin)) {
                undriven.computeIfAbsent(pin.terminal().end(), _ -> new ArrayList<>()).add(pin);
            }
        }
        undriven.values().forEach(pins -> found.add(Finding.of(id(), Severity.WARNING, Pin.terminals(pins),
                Pin.words(pins))));
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> loads = net.stream().filter(p -> p.is(Direction.SUPPLY_IN)).toList();
            if (Feed.ends(loads).size() > 1 && net.stream().noneMatch(p -> p.is(Direction.SUPPLY_OUT))) {
                found.add(Finding.variant(id(), "loads", Severity.NOTE, Pin.terminals(loads),
                        Pin.words(loads)));
            }
        }
        return found;
    }

    /**
     * Whether something should drive an input: it is joined to what does not, or an output that is made for it stays open.
     * One with nothing of its kind at the other ends is spare, one tied to a rail rests there, and of one that goes to a
     * contact without a pinout nothing is known.
     */
    private static boolean isWanted(Derived derived, Joined joined, Pin in) {
        if (in.has(Level.USB3) && joined.onlySupplies(in) || joined.isTied(in) || joined.meetsUnknown(in)
                || in.row().optional()) {
            return false;
        }
        boolean cold = in.signal().equals("COLD") && derived.pins().stream()
                .anyMatch(p -> !p.isApart(in) && p.signal().equals("HOT") && joined.isAcross(p));
        return cold || joined.isAcross(in) || derived.pins().stream()
                .anyMatch(out -> out.is(Direction.OUT) && out.isApart(in) && !joined.isAcross(out)
                        && Counterparts.way(out, in).filter(w -> w != Counterparts.Way.LEFT_OVER)
                                .isPresent());
    }

    /** The fast pairs of a port whose partner has none are meant to be left open. */
    private static boolean isLeftOut(Derived derived, Pin pin) {
        return pin.has(Level.USB3) && derived.pins().stream()
                .noneMatch(p -> p.isApart(pin) && p.has(Level.USB3));
    }

    /** The cold side of a balanced input goes to the ground of an unbalanced output, which is what feeds it. */
    private static boolean isColdOfUnbalanced(Derived derived, Pin pin) {
        return pin.signal().equals("COLD") && derived.netsOfPins().stream()
                .anyMatch(net -> net.contains(pin)
                        && net.stream().anyMatch(p -> p.is(Direction.GROUND) && p.isApart(pin)));
    }
}
