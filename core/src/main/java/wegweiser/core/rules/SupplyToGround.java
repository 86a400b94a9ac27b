package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/** Supply and ground, or supply and shield, on one net. */
final class SupplyToGround implements Rule {
    @Override
    public String id() {
        return "supply-to-ground";
    }

    @Override
    public List<Finding> check(Derived derived) {
        // plus and minus that changed places are one slip
        Map<List<String>, List<List<Pin>>> shorts = new LinkedHashMap<>();
        for (List<Pin> net : derived.netsOfPins()) {
            boolean supply = net.stream().anyMatch(Pin::isSupply);
            boolean ground = net.stream().anyMatch(p -> p.is(Direction.GROUND) || p.is(Direction.SHIELD));
            if (supply && ground) {
                shorts.computeIfAbsent(net.stream().map(p -> p.terminal().end()).distinct().sorted().toList(),
                        _ -> new ArrayList<>()).add(net);
            }
        }
        List<Finding> found = new ArrayList<>();
        shorts.values().forEach(nets -> found.add(finding(nets)));
        derived.job().ends().forEach(e -> closing(derived, e).ifPresent(found::add));
        return found;
    }

    private Finding finding(List<List<Pin>> nets) {
        List<Pin> all = nets.stream().flatMap(List::stream).toList();
        return nets.size() == 1
                ? Finding.of(id(), Severity.ERROR, Pin.terminals(all), Pin.words(all))
                : Finding.variant(id(), "several", Severity.ERROR, Pin.terminals(all), nets.size(),
                        nets.stream().map(Pin::words).collect(Collectors.joining("; ")));
    }

    /** A contact that closes with a supply on one side and a ground on the other, and nothing in between. */
    private Optional<Finding> closing(Derived derived, End end) {
        List<Pin> sides = derived.pins().stream().filter(p -> p.isAt(end.name()) && p.has(Level.CONTACT))
                .toList();
        List<Pin> supplies = sides.stream().flatMap(s -> on(derived, s, Direction.SUPPLY_OUT)).toList();
        boolean grounded = sides.stream()
                .anyMatch(s -> on(derived, s, Direction.GROUND).findAny().isPresent());
        // of more contacts nobody knows which close onto each other
        return sides.size() != 2 || supplies.isEmpty() || !grounded
                ? Optional.empty()
                : Optional.of(Finding.variant(id(), "closes", Severity.ERROR, Pin.terminals(sides),
                        sides.getFirst().words(), sides.getLast().words(), Pin.words(supplies)));
    }

    private static Stream<Pin> on(Derived derived, Pin side, Direction direction) {
        return derived.netsOfPins().stream().filter(net -> net.contains(side)).flatMap(List::stream)
                .filter(p -> p.is(direction));
    }
}
