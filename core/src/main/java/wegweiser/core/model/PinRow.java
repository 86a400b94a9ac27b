package wegweiser.core.model;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One row of a pinout.
 *
 * @param name as printed
 * @param signal the canonical signal, when it was given
 * @param direction as seen from this device, when it was given
 * @param level electrical level word, such as {@code rs232}
 * @param volts supply voltage in V: nominal, or the least of a range; negative for a negative rail
 * @param voltsMax the most of a range in V; empty where there is a nominal voltage alone
 * @param amps current in A that a supply contact gives or takes
 * @param pair name of the differential pair this contact belongs to
 * @param optional whether devices and cables do without this line, so that nobody misses it where it is open
 */
public record PinRow(String contact, Optional<String> name, Optional<String> signal,
        Optional<Direction> direction,
        Optional<String> level, OptionalDouble volts, OptionalDouble voltsMax, OptionalDouble amps,
        Optional<String> pair,
        List<PinSource> sources, boolean optional, Map<String, Object> extra) {
    public PinRow {
        sources = List.copyOf(sources);
        extra = Extra.kept(extra);
    }

    /** A row of a line that is not optional. */
    public PinRow(String contact, Optional<String> name, Optional<String> signal,
            Optional<Direction> direction,
            Optional<String> level, OptionalDouble volts, OptionalDouble voltsMax, OptionalDouble amps,
            Optional<String> pair, List<PinSource> sources, Map<String, Object> extra) {
        this(contact, name, signal, direction, level, volts, voltsMax, amps, pair, sources, false, extra);
    }

    /** A row with a signal, direction and level and nothing else. */
    public static PinRow of(String contact, String signal, Direction direction, String level) {
        return new PinRow(contact, Optional.empty(), Optional.of(signal), Optional.of(direction),
                level.isEmpty() ? Optional.empty() : Optional.of(level), OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(), Optional.empty(), List.of(), Extra.NONE);
    }

    /** A row of which nothing but the contact is known. */
    public static PinRow named(String contact) {
        return new PinRow(contact, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(),
                OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty(),
                List.of(),
                Extra.NONE);
    }

    /** What to call this row on screen: the signal, else the printed name, else nothing. */
    public String label() {
        return signal.or(() -> name).orElse("");
    }

    public PinRow withDirection(Direction newDirection) {
        return new PinRow(contact, name, signal, Optional.of(newDirection), level, volts, voltsMax, amps,
                pair, sources, optional,
                extra);
    }

    public PinRow withSignal(String newSignal) {
        return new PinRow(contact, name, Optional.of(newSignal), direction, level, volts, voltsMax, amps,
                pair, sources, optional,
                extra);
    }

    public PinRow withLevel(Optional<String> newLevel) {
        return new PinRow(contact, name, signal, direction, newLevel, volts, voltsMax, amps, pair, sources,
                optional,
                extra);
    }

    public PinRow withSupply(double newVolts, double newAmps) {
        return new PinRow(contact, name, signal, direction, level, OptionalDouble.of(newVolts),
                OptionalDouble.empty(), OptionalDouble.of(newAmps), pair, sources, optional, extra);
    }

    public PinRow withOptional(boolean newOptional) {
        return new PinRow(contact, name, signal, direction, level, volts, voltsMax, amps, pair, sources,
                newOptional, extra);
    }

    public PinRow withAmps(double newAmps) {
        return new PinRow(contact, name, signal, direction, level, volts, voltsMax,
                OptionalDouble.of(newAmps), pair,
                sources, optional, extra);
    }

    /** This row with a range of volts, from the least to the most. */
    public PinRow withVolts(double least, double most) {
        return new PinRow(contact, name, signal, direction, level, OptionalDouble.of(least),
                least == most ? OptionalDouble.empty() : OptionalDouble.of(most), amps, pair, sources,
                optional, extra);
    }

    public PinRow withName(String newName) {
        return new PinRow(contact, Optional.of(newName), signal, direction, level, volts, voltsMax, amps,
                pair,
                sources, optional, extra);
    }

    public PinRow withPair(String newPair) {
        return new PinRow(contact, name, signal, direction, level, volts, voltsMax, amps,
                Optional.of(newPair),
                sources, optional, extra);
    }

    public PinRow withSources(List<PinSource> newSources) {
        return new PinRow(contact, name, signal, direction, level, volts, voltsMax, amps, pair, newSources,
                optional,
                extra);
    }
}
