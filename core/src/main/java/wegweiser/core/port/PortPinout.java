package wegweiser.core.port;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.model.Role;
import wegweiser.core.pinout.Sources;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;

/** Writes what a port's readings prove into its pinout, as a measured source. */
public final class PortPinout {
    private PortPinout() {}

    /**
     * The end with every contact filled in that is sure; the printed name stays where it fits what was measured, and
     * as a source where it does not. Contacts that are not sure are left as they are.
     */
    public static End fill(End end, PortBelief belief) {
        List<String> listening = belief.contacts().stream()
                .filter(c -> belief.isSure(c) && belief.best(c).listens()).toList();
        End filled = end;
        for (String contact : belief.contacts()) {
            if (belief.isSure(contact)) {
                filled = filled.withRow(row(filled, contact, belief, listening.size() == 1));
            }
        }
        return filled;
    }

    private static PinRow row(End end, String contact, PortBelief belief, boolean onlyListener) {
        PortClass found = belief.best(contact);
        PinRow before = Sources.asEntered(end.row(contact).orElseGet(() -> PinRow.named(contact)));
        Direction direction = direction(found);
        Optional<String> printed = before.signal().or(before::name)
                .filter(s -> fits(end, before, s, direction));
        Optional<String> signal = printed.map(Signals::canonical)
                .or(() -> signal(found, end.role().filter(r -> r == Role.MODEM).isPresent(), onlyListener));
        OptionalDouble rest = belief.reading(contact, PortMeasure.VOLTS).map(OptionalDouble::of)
                .orElse(OptionalDouble.empty());
        List<PinSource> sources = new ArrayList<>(before.sources());
        sources.removeIf(s -> s.source().equals(PinSource.MEASURED));
        sources.add(PinSource.measured(found.words(), signal,
                Math.round(1000 * belief.confidence(contact)) / 1000.0));
        return new PinRow(contact, printed.isPresent() ? before.name() : Optional.empty(), signal,
                Optional.of(direction), level(found, rest).map(Level::id).or(before::level),
                found == PortClass.SUPPLY ? rounded(rest) : before.volts(),
                found == PortClass.SUPPLY ? OptionalDouble.empty() : before.voltsMax(), before.amps(),
                before.pair(),
                sources, before.optional(),
                before.extra());
    }

    /** Whether a printed name could stand for a contact of this direction. */
    private static boolean fits(End end, PinRow row, String printed, Direction direction) {
        String signal = Signals.canonical(printed);
        Optional<Direction> said = Pin.direction(end.role(), signal);
        return switch (direction) {
            case GROUND -> signal.equals("GND");
            case SHIELD -> signal.equals("SHIELD") || signal.equals("CHASSIS");
            case SUPPLY_OUT, SUPPLY_IN -> Signals.isSupply(signal);
            case UNUSED -> signal.equals("NC");
            default -> !Signals.isSupply(signal) && said.map(d -> d == direction).orElse(row.direction()
                    .map(d -> d == direction).orElse(true));
        };
    }

    static Direction direction(PortClass found) {
        return switch (found) {
            case GROUND -> Direction.GROUND;
            case SCREEN -> Direction.SHIELD;
            case SUPPLY -> Direction.SUPPLY_OUT;
            case RS232_TRANSMIT, RS232_OUTPUT, LOGIC_TRANSMIT, LOGIC_OUTPUT -> Direction.OUT;
            case RS232_INPUT, LOGIC_PULL_UP -> Direction.IN;
            case OPEN -> Direction.UNUSED;
        };
    }

    /** A name where the class leaves no choice: the one line that sends, the one that listens, supply and ground. */
    private static Optional<String> signal(PortClass found, boolean modem, boolean onlyListener) {
        return switch (found) {
            case GROUND -> Optional.of("GND");
            case SCREEN -> Optional.of("SHIELD");
            case SUPPLY -> Optional.of("V+");
            case RS232_TRANSMIT, LOGIC_TRANSMIT -> Optional.of(modem ? "RXD" : "TXD");
            case RS232_INPUT, LOGIC_PULL_UP ->
                onlyListener ? Optional.of(modem ? "TXD" : "RXD") : Optional.empty();
            case OPEN -> Optional.of("NC");
            case RS232_OUTPUT, LOGIC_OUTPUT -> Optional.empty();
        };
    }

    private static Optional<Level> level(PortClass found, OptionalDouble rest) {
        return switch (found) {
            case RS232_TRANSMIT, RS232_OUTPUT, RS232_INPUT -> Optional.of(Level.RS232);
            case LOGIC_TRANSMIT, LOGIC_OUTPUT, LOGIC_PULL_UP ->
                rest.isEmpty() || rest.getAsDouble() < 1
                        ? Optional.empty()
                        : Optional.of(rest.getAsDouble() > 4.2 ? Level.TTL_5V : Level.CMOS_3V3);
            case SUPPLY -> Optional.of(Level.SUPPLY);
            default -> Optional.empty();
        };
    }

    private static OptionalDouble rounded(OptionalDouble volts) {
        return volts.isPresent() ? OptionalDouble.of(Math.round(10 * volts.getAsDouble()) / 10.0) : volts;
    }
}
