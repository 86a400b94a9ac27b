package wegweiser.core.rules;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wegweiser.core.catalog.Contact;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/** What a plan joins a contact to, as far as it tells whether an open line is a mistake. Built in O(links + contacts). */
final class Joined {
    private final Set<Terminal> across = new HashSet<>();
    private final Set<Terminal> tied = new HashSet<>();
    private final Set<Terminal> tiedHere = new HashSet<>();
    private final Set<Terminal> toUnknown = new HashSet<>();
    private final Set<String> signals;

    private Joined(Derived derived) {
        Set<Terminal> known = new HashSet<>(derived.pins().stream().map(Pin::terminal).toList());
        for (Link link : derived.job().links()) {
            if (link.to().isPresent() && !link.is(PartKind.CUT)) {
                both(derived, known, link);
            }
        }
        for (List<Pin> net : derived.netsOfPins()) {
            List<Pin> rails = net.stream()
                    .filter(p -> p.is(Direction.GROUND) || p.isSupply() || p.is(Direction.SHIELD)).toList();
            for (Pin pin : rails.isEmpty() ? List.<Pin>of() : net) {
                tied.add(pin.terminal());
                if (pin.has(Level.CONTACT) || rails.stream().anyMatch(r -> !r.isApart(pin))) {
                    tiedHere.add(pin.terminal());
                }
            }
        }
        // by markers plugs say what they are, and a charging lead joins them too
        signals = derived.job().links().stream().filter(l -> l.to().isPresent() && !l.isWithinOneEnd())
                .flatMap(l -> Stream.of(l.from(), l.to().orElseThrow()))
                .filter(t -> derived.pin(t).filter(Pin::isMarker).isEmpty())
                .filter(t -> derived.pin(t).map(Pin::isSignal)
                        .orElse(!known.contains(t) && !t.contact().equals(Contact.SHELL)))
                .map(Terminal::end).collect(Collectors.toSet());
    }

    static Joined of(Derived derived) {
        return derived.once(Joined.class, () -> new Joined(derived));
    }

    private void both(Derived derived, Set<Terminal> known, Link link) {
        Terminal from = link.from();
        Terminal to = link.to().orElseThrow();
        if (!link.isWithinOneEnd()) {
            across.add(from);
            across.add(to);
        }
        if (!known.contains(to)) {
            toUnknown.add(from);
        }
        if (!known.contains(from)) {
            toUnknown.add(to);
        }
        if (link.is(PartKind.RESISTOR)) {
            tie(derived, from, to);
            tie(derived, to, from);
        }
    }

    /** A contact that a resistor holds to a rail. */
    private void tie(Derived derived, Terminal one, Terminal other) {
        if (derived.pin(other).filter(p -> p.isSupply() || p.is(Direction.GROUND)).isPresent()) {
            tied.add(one);
            tiedHere.add(one);
        }
    }

    /** Whether a link runs from it to another end. */
    boolean isAcross(Pin pin) {
        return across.contains(pin.terminal());
    }

    /** Whether it lies on a rail, or is held to one, so that it does not hang in the air. */
    boolean isTied(Pin pin) {
        return tied.contains(pin.terminal());
    }

    /** The same by a rail of its own end or through a resistor, which nobody does by mistake; contacts may lie on any. */
    boolean isTiedHere(Pin pin) {
        return tiedHere.contains(pin.terminal());
    }

    /** Whether it is joined to a contact of which no pinout says anything. */
    boolean meetsUnknown(Pin pin) {
        return toUnknown.contains(pin.terminal());
    }

    /** Whether an end is joined by nothing but supply and ground: a charging lead leaves all its signals open on purpose. */
    boolean onlySupplies(Pin pin) {
        return across.stream().anyMatch(t -> pin.isAt(t.end())) && !signals.contains(pin.terminal().end());
    }
}
