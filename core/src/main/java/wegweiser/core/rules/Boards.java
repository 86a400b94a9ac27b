package wegweiser.core.rules;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.derived.Derived;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Volts;

/** At how many volts the boards behind the ends of a job work, as far as their supply contacts tell. */
public final class Boards {
    /** Above so many volts no logic works. */
    private static final double MOST_LOGIC_VOLTS = 5.5;
    private static final double LEAST_LOGIC_VOLTS = 1.2;
    /** A supply range no wider than this, as a share, is that of one voltage. */
    private static final double NARROW = 1.25;
    /** What a pin stands above the supply of its board. */
    private static final double ABOVE_SUPPLY = 0.3;
    private static final double FIVE_VOLTS = 4.5;

    private Boards() {}

    /** The volts of the one logic supply that an end has; empty where it has none, or several. */
    public static OptionalDouble volts(Derived derived, String end) {
        List<Double> found = derived.pins().stream().filter(p -> p.isAt(end) && p.isSupply())
                .map(Pin::volts).flatMap(Optional::stream)
                .filter(v -> v.least() >= LEAST_LOGIC_VOLTS && v.most() <= MOST_LOGIC_VOLTS
                        && v.most() <= NARROW * v.least())
                .map(v -> v.isNominal() ? v.most() : (v.least() + v.most()) / 2).distinct().toList();
        return found.size() == 1 ? OptionalDouble.of(found.getFirst()) : OptionalDouble.empty();
    }

    /** The volts to which the pull-up on the board of a line pulls it: those in its own name, else those of its board. */
    static OptionalDouble pullUp(Derived derived, Pin pin) {
        Optional<Volts> own = pin.volts().filter(v -> v.isNominal() && v.most() <= MOST_LOGIC_VOLTS);
        return own.isPresent()
                ? OptionalDouble.of(own.get().most())
                : volts(derived, pin.terminal().end());
    }

    /** The most volts that a line stands: of a bus what the supply of its board allows, where that is known. */
    static OptionalDouble stands(Derived derived, Pin pin) {
        Optional<Level> level = pin.level().filter(Level::isLogic);
        if (level.isEmpty()) {
            return OptionalDouble.empty();
        }
        OptionalDouble board = level.get().isPulledUp() && level.get() != Level.OPEN_COLLECTOR
                ? pullUp(derived, pin)
                : OptionalDouble.empty();
        return OptionalDouble.of(board.isPresent() && board.getAsDouble() < FIVE_VOLTS
                ? board.getAsDouble() + ABOVE_SUPPLY
                : level.get().stands());
    }
}
