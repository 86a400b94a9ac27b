package wegweiser.core.signals;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.model.ContactOrder;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Role;
import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/**
 * A pinout row as the rules and the router see it: with a canonical signal, and a direction that was filled in
 * where the row has none.
 *
 * @param guessed whether the direction was filled in from role or name
 * @param volts its volts, where its row or its name says them
 */
public record Pin(Terminal terminal, PinRow row, String signal, Optional<Direction> direction,
        boolean guessed, Optional<Volts> volts) {
    /** Lines that talk both ways on every device. */
    private static final List<String> TWO_WAY = List.of("D+", "D-", "CAN-H", "CAN-L", "SDA", "SCL", "DQ",
            "SDI-12",
            "K", "LIN");

    private static final Set<String> MARKERS = Set.of("CC1", "CC2", "ID", "VCONN");

    /** All pins of a job, end by end. */
    public static List<Pin> of(Job job) {
        List<Pin> pins = new ArrayList<>();
        job.ends().forEach(end -> pins.addAll(of(end)));
        return pins;
    }

    /** The pins of one end, in printed order whatever the order of its rows. */
    public static List<Pin> of(End end) {
        return end.pinout().stream().sorted(Comparator.comparing(PinRow::contact, ContactOrder.PRINTED))
                .map(row -> of(end, row)).toList();
    }

    private static Pin of(End end, PinRow row) {
        String signal = Meaning.of(end, row);
        Optional<Direction> guess = row.direction().isPresent()
                ? Optional.empty()
                : guess(end.role(), signal);
        return new Pin(end.terminal(row.contact()), row, signal, row.direction().or(() -> guess),
                guess.isPresent(), Volts.of(row));
    }

    /** The direction that a device of some role gives to a signal, as far as the name tells. */
    public static Optional<Direction> direction(Optional<Role> role, String signal) {
        return guess(role, signal);
    }

    /**
     * A direction from the name, as a terminal-like device would use it, or reversed for a modem-like one, whose
     * lines keep the terminal's names.
     */
    static Optional<Direction> guess(Optional<Role> role, String signal) {
        if (signal.equals("GND")) {
            return Optional.of(Direction.GROUND);
        }
        if (signal.equals("SHIELD") || signal.equals("PE") || signal.equals("EARTH")) {
            return Optional.of(Direction.SHIELD);
        }
        if (signal.equals("CHASSIS")) {
            return Optional.of(Direction.GROUND);
        }
        if (signal.equals("NC")) {
            return Optional.of(Direction.UNUSED);
        }
        if (Signals.isSerial(signal)) {
            boolean drives = Signals.terminalDrives(signal) != role.map(r -> r == Role.MODEM).orElse(false);
            return Optional.of(drives ? Direction.OUT : Direction.IN);
        }
        if (Signals.isSupply(signal)) {
            return role.map(r -> r == Role.HOST
                    ? Direction.SUPPLY_OUT
                    : r == Role.PERIPHERAL ? Direction.SUPPLY_IN : null);
        }
        return TWO_WAY.contains(signal) ? Optional.of(Direction.BOTH) : Optional.empty();
    }

    public boolean is(Direction wanted) {
        return direction.map(d -> d == wanted).orElse(false);
    }

    /** Drives its line, and not through an open collector that others may share. */
    public boolean drivesHard() {
        return is(Direction.OUT) && level().filter(Level::isOpen).isEmpty();
    }

    public boolean isSignal() {
        return direction.map(Direction::isSignal).orElse(false);
    }

    public boolean isSupply() {
        return direction.map(Direction::isSupply).orElse(false);
    }

    /** Whether it is an earth or a screen, which alone may have the green and yellow conductor. */
    public boolean isEarth() {
        return is(Direction.SHIELD) || signal.equals("CHASSIS") || isEarthByName();
    }

    /** Whether it is a line by which a plug says what it is. */
    public boolean isMarker() {
        return MARKERS.contains(signal);
    }

    /** Whether its name says that it is an earth, whatever its direction. */
    public boolean isEarthByName() {
        return isProtectiveEarth() || signal.equals("EARTH");
    }

    /** Whether it is a protective earth, which has the green and yellow conductor and no other (IEC 60445). */
    public boolean isProtectiveEarth() {
        return signal.equals("PE");
    }

    /** Its level: the one its row names, if it is a known one; where the row names none, the one its signal always has. */
    public Optional<Level> level() {
        return row.level().isPresent() ? Level.of(row) : Level.ofSignal(signal);
    }

    public boolean has(Level level) {
        return level().equals(Optional.of(level));
    }

    /** Which half of a pair it is. */
    public Optional<Half> half() {
        return Half.of(this);
    }

    public boolean isAt(String end) {
        return terminal.end().equals(end);
    }

    /** Whether two pins belong to different ends. */
    public boolean isApart(Pin other) {
        return !terminal.end().equals(other.terminal.end());
    }

    /** "TXD at A.3", for messages. */
    public String words() {
        return signal.isEmpty()
                ? terminal.toString()
                : signal + " " + wegweiser.core.words.Words.say("at") + " " + terminal;
    }

    /** Where some pins are. */
    public static List<Terminal> terminals(List<Pin> pins) {
        return pins.stream().map(Pin::terminal).toList();
    }

    /** Some pins in words. */
    public static String words(List<Pin> pins) {
        return Words.list(pins.stream().map(Pin::words).toList());
    }
}
