package wegweiser.core.route;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Pin;

/**
 * The colours that a trade gives to a line. Cables of sensors (IEC 60947-5-2): brown feeds, blue returns, black is the output,
 * white the second output, grey the fifth. Elsewhere red feeds and black
 * returns; of sound, red is right and white left.
 */
final class Habit {
    /** Signals that are called by a colour. */
    private static final Map<String, String> COLOURS = Map.of("RED", "RD", "GREEN", "GN", "BLUE", "BU");

    private Habit() {}

    /** The colour for a line between two contacts, if the cable has it; either contact may be unknown. */
    static Optional<String> colour(CableStock cable, Pin from, Pin to) {
        boolean sensor = cable.conductors().contains("BN") && cable.conductors().contains("BU")
                && !cable.conductors().contains("RD");
        boolean supply = is(from, to, Pin::isSupply);
        boolean ground = is(from, to, p -> p.is(Direction.GROUND));
        boolean second = is(from, to, p -> p.signal().equals("OUT2"));
        boolean output = is(from, to, p -> p.is(Direction.OUT));
        Optional<String> own = Stream.of(from, to).filter(Objects::nonNull).map(p -> COLOURS.get(p.signal()))
                .filter(Objects::nonNull).filter(cable.conductors()::contains).findFirst();
        if (own.isPresent()) {
            return own;
        }
        String colour = sensor
                ? supply ? "BN" : ground ? "BU" : second ? "WH" : output ? "BK" : ""
                : supply || is(from, to, p -> p.signal().equals("RIGHT"))
                        ? "RD"
                        : ground ? "BK" : is(from, to, p -> p.signal().equals("LEFT")) ? "WH" : "";
        return cable.conductors().stream().filter(colour::equals).findFirst();
    }

    private static boolean is(Pin from, Pin to, Predicate<Pin> what) {
        return from != null && what.test(from) || to != null && what.test(to);
    }
}
