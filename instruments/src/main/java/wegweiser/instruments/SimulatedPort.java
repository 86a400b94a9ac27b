package wegweiser.instruments;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import wegweiser.core.model.Direction;
import wegweiser.core.model.PinRow;
import wegweiser.core.port.PortClass;
import wegweiser.core.port.PortMeasure;
import wegweiser.core.signals.Level;

/**
 * A device's port made up from a seed: drivers with an output resistance, inputs with a load, rails with what hangs
 * on them, and a meter of 10 megohm with its error. It knows nothing of how readings are judged.
 */
public final class SimulatedPort {
    private static final double METER_OHMS = 10e6;
    private static final double LOAD_OHMS = 4700;

    private final SplittableRandom random;
    private final Map<String, Contact> contacts = new LinkedHashMap<>();

    /**
     * One contact's electrical behaviour.
     *
     * @param volts source voltage with power on
     * @param ohms resistance of that source
     * @param offOhms resistance to ground with power off
     */
    private record Contact(PortClass kind, double volts, double ohms, double offOhms, boolean onShell,
            boolean moves) {}

    private SimulatedPort(long seed) {
        this.random = new SplittableRandom(seed);
    }

    /** A port with 4 to 25 contacts, of an RS-232 device or of a logic-level board. */
    public static SimulatedPort of(long seed) {
        SimulatedPort port = new SimulatedPort(seed);
        boolean serial = port.random.nextDouble() < 0.6;
        if (serial) {
            port.serial();
        } else {
            port.logic();
        }
        return port;
    }

    /** The port of a device with this pinout; contacts that it does not name are open. */
    public static SimulatedPort of(List<PinRow> pinout, List<String> contacts, long seed) {
        SimulatedPort port = new SimulatedPort(seed);
        double swing = port.between(5.2, 9.5);
        double railOff = Math.pow(10, port.between(2.5, 3.7));
        for (String id : contacts) {
            port.contacts.put(id, pinout.stream().filter(r -> r.contact().equals(id)).findFirst()
                    .map(r -> port.contact(r, swing, railOff))
                    .orElseGet(() -> port.common(PortClass.OPEN, false, 0)));
        }
        return port;
    }

    private Contact contact(PinRow row, double swing, double railOff) {
        boolean rs232 = Level.of(row).equals(Optional.of(Level.RS232));
        double rail = Level.of(row).filter(l -> l == Level.TTL_5V || l == Level.CMOS_5V).isPresent()
                ? 5
                : 3.3;
        boolean data = row.signal().filter(s -> s.equals("TXD") || s.equals("RXD")).isPresent();
        return switch (row.direction().orElse(Direction.UNUSED)) {
            case GROUND -> common(PortClass.GROUND, true, 0);
            case SHIELD -> common(PortClass.SCREEN, true, 0);
            case SUPPLY_OUT, SUPPLY_IN -> common(PortClass.SUPPLY, false, row.volts().orElse(5));
            case OUT -> rs232
                    ? new Contact(data ? PortClass.RS232_TRANSMIT : PortClass.RS232_OUTPUT,
                            data ? -swing : swing,
                            between(250, 600), off(), false, data)
                    : new Contact(data ? PortClass.LOGIC_TRANSMIT : PortClass.LOGIC_OUTPUT, rail,
                            between(40, 180),
                            Math.pow(10, between(4.3, 6.4)), false, data);
            case IN, BOTH -> rs232
                    ? new Contact(PortClass.RS232_INPUT, between(-0.03, 0.03), between(4300, 6000),
                            between(4300, 6000), false, false)
                    : new Contact(PortClass.LOGIC_PULL_UP, rail, 10000, 10000 + railOff, false, false);
            case UNUSED -> common(PortClass.OPEN, false, 0);
        };
    }

    private void serial() {
        int count = List.of(6, 8, 9, 9, 9, 25).get(random.nextInt(6));
        List<PortClass> kinds = new ArrayList<>(List.of(PortClass.GROUND, PortClass.RS232_TRANSMIT,
                PortClass.RS232_INPUT));
        int outputs = random.nextInt(3);
        int inputs = random.nextInt(count > 8 ? 5 : 3);
        add(kinds, PortClass.RS232_OUTPUT, outputs, count);
        add(kinds, PortClass.RS232_INPUT, inputs, count);
        boolean bonded = random.nextBoolean();
        add(kinds, PortClass.SCREEN, !bonded && random.nextDouble() < 0.3 ? 1 : 0, count);
        add(kinds, PortClass.SUPPLY, random.nextDouble() < 0.15 ? 1 : 0, count);
        add(kinds, PortClass.OPEN, count, count);
        double swing = between(5.2, 11.5);
        double drop = between(0.92, 1.0);
        place(kinds, kind -> switch (kind) {
            case RS232_TRANSMIT -> new Contact(kind, -swing * drop, between(250, 600), off(), false, true);
            case RS232_OUTPUT ->
                new Contact(kind, random.nextBoolean() ? swing : -swing * drop, between(250, 600), off(),
                        false, false);
            case RS232_INPUT -> {
                double load = between(4200, 6200);
                yield new Contact(kind, between(-0.03, 0.03), load, load, false, false);
            }
            default -> common(kind, bonded, List.of(5.0, 12.0, 9.0).get(random.nextInt(3)));
        });
    }

    private void logic() {
        double rail = random.nextBoolean() ? 5 : 3.3;
        int count = 4 + random.nextInt(5);
        List<PortClass> kinds = new ArrayList<>(List.of(PortClass.GROUND, PortClass.LOGIC_TRANSMIT,
                PortClass.LOGIC_PULL_UP));
        add(kinds, PortClass.SUPPLY, random.nextDouble() < 0.8 ? 1 : 0, count);
        add(kinds, PortClass.LOGIC_OUTPUT, random.nextInt(2), count);
        add(kinds, PortClass.LOGIC_PULL_UP, random.nextInt(3), count);
        add(kinds, PortClass.GROUND, random.nextDouble() < 0.15 ? 1 : 0, count);
        add(kinds, PortClass.OPEN, count, count);
        double actual = rail * between(0.975, 1.025);
        double railOff = Math.pow(10, between(2.3, 3.9));
        place(kinds, kind -> switch (kind) {
            case LOGIC_TRANSMIT ->
                new Contact(kind, actual, between(40, 180), Math.pow(10, between(4.3, 6.4)), false,
                        true);
            case LOGIC_OUTPUT ->
                new Contact(kind, random.nextDouble() < 0.65 ? actual : 0.02, between(40, 180),
                        Math.pow(10, between(4.3, 6.4)), false, false);
            case LOGIC_PULL_UP -> {
                double pull = List.of(2200.0, 4700.0, 10000.0, 22000.0, 47000.0).get(random.nextInt(5));
                yield new Contact(kind, actual, pull, pull + railOff, false, false);
            }
            case SUPPLY -> new Contact(kind, actual, between(0.05, 1), railOff, false, false);
            default -> common(kind, false, rail);
        });
    }

    private Contact common(PortClass kind, boolean bonded, double rail) {
        return switch (kind) {
            case GROUND -> new Contact(kind, 0, 0.05, between(0.05, 0.4), bonded, false);
            case SCREEN ->
                new Contact(kind, 0, 1e3, random.nextDouble() < 0.7 ? 1e12 : 1e6, true, false);
            case SUPPLY ->
                new Contact(kind, rail * between(0.97, 1.03), between(0.05, 1), Math.pow(10, between(2.3, 4)),
                        false, false);
            default -> new Contact(PortClass.OPEN, between(-0.05, 0.08), 1e9, 1e12, false, false);
        };
    }

    private double off() {
        return random.nextDouble() < 0.2 ? 1e12 : Math.pow(10, between(2.9, 5.8));
    }

    private static void add(List<PortClass> kinds, PortClass kind, int more, int most) {
        for (int k = 0; k < more && kinds.size() < most; k++) {
            kinds.add(kind);
        }
    }

    private void place(List<PortClass> kinds, java.util.function.Function<PortClass, Contact> make) {
        List<PortClass> shuffled = new ArrayList<>(kinds);
        for (int k = shuffled.size() - 1; k > 0; k--) {
            int other = random.nextInt(k + 1);
            PortClass kept = shuffled.get(k);
            shuffled.set(k, shuffled.get(other));
            shuffled.set(other, kept);
        }
        for (int k = 0; k < shuffled.size(); k++) {
            contacts.put(String.valueOf(k + 1), make.apply(shuffled.get(k)));
        }
    }

    public List<String> contacts() {
        return List.copyOf(contacts.keySet());
    }

    /** What a contact really is. */
    public PortClass truth(String contact) {
        return contacts.get(contact).kind();
    }

    /** What the meter shows; 1 or 0 for yes and no. */
    public double measure(String contact, PortMeasure measure) {
        Contact c = contacts.get(contact);
        return switch (measure) {
            case SHELL -> c.onShell() ? 1 : 0;
            case SENDING -> c.moves() ? 1 : 0;
            case OHMS -> ohms(c.offOhms());
            case VOLTS -> volts(c.volts() * METER_OHMS / (METER_OHMS + c.ohms()));
            case LOADED -> volts(c.volts() * LOAD_OHMS / (LOAD_OHMS + c.ohms()));
        };
    }

    private double ohms(double real) {
        double shown = (real + between(0.1, 0.5)) * (1 + error(0.008));
        return shown > 20e6 ? PortMeasure.BEYOND_OHMS : shown;
    }

    private double volts(double real) {
        return Math.round(1000 * (real * (1 + error(0.003)) + error(0.004))) / 1000.0;
    }

    private double error(double size) {
        return size * (random.nextDouble() + random.nextDouble() - 1);
    }

    private double between(double from, double to) {
        return from + (to - from) * random.nextDouble();
    }
}
