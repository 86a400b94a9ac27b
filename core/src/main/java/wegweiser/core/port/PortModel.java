package wegweiser.core.port;

import java.util.EnumMap;
import java.util.Map;

/**
 * How likely each reading is at each class of contact, in ports of one kind. Figures after TIA-232-F (outputs -3 to
 * -15 V at rest, at least 300 ohm when off; inputs 3 to 7 kilohm), 5 V and 3.3 V logic with rails within 5 percent,
 * pull-ups of 1 to 100 kilohm, and meters of 10 megohm.
 */
final class PortModel {
    /** The kinds of port; classes are likely or unlikely in each. */
    enum Kind {
        RS232,
        LOGIC_5V,
        LOGIC_3V3
    }

    private static final double FLOOR = 0.004;
    private static final Map<Kind, PortModel> ALL = new EnumMap<>(Kind.class);

    static {
        for (Kind kind : Kind.values()) {
            ALL.put(kind, new PortModel(kind));
        }
    }

    private final Map<PortClass, Double> prior = new EnumMap<>(PortClass.class);
    private final Map<PortMeasure, Map<PortClass, Bins>> tables = new EnumMap<>(PortMeasure.class);

    private PortModel(Kind kind) {
        boolean serial = kind == Kind.RS232;
        double rail = kind == Kind.LOGIC_3V3 ? 3.3 : 5;
        for (PortMeasure measure : PortMeasure.values()) {
            Map<PortClass, Bins> table = new EnumMap<>(PortClass.class);
            for (PortClass c : PortClass.values()) {
                table.put(c, (switch (measure) {
                    case SHELL -> yesNo(c == PortClass.SCREEN ? 0.97 : c == PortClass.GROUND ? 0.4 : 0.002);
                    case SENDING -> yesNo(c.transmits() ? 0.96 : 0.01);
                    case OHMS -> ohms(c);
                    case VOLTS -> volts(c, rail);
                    case LOADED -> loaded(c);
                }).normalised());
            }
            tables.put(measure, table);
        }
        prior.put(PortClass.GROUND, 0.15);
        prior.put(PortClass.SCREEN, 0.05);
        prior.put(PortClass.SUPPLY, serial ? 0.04 : 0.17);
        prior.put(PortClass.RS232_TRANSMIT, serial ? 0.12 : 0.002);
        prior.put(PortClass.RS232_OUTPUT, serial ? 0.14 : 0.002);
        prior.put(PortClass.RS232_INPUT, serial ? 0.27 : 0.004);
        prior.put(PortClass.LOGIC_TRANSMIT, serial ? 0.002 : 0.15);
        prior.put(PortClass.LOGIC_OUTPUT, serial ? 0.004 : 0.12);
        prior.put(PortClass.LOGIC_PULL_UP, serial ? 0.006 : 0.2);
        prior.put(PortClass.OPEN, serial ? 0.22 : 0.14);
    }

    static PortModel of(Kind kind) {
        return ALL.get(kind);
    }

    double prior(PortClass c) {
        return prior.get(c);
    }

    Bins table(PortMeasure measure, PortClass c) {
        return tables.get(measure).get(c);
    }

    private static Bins yesNo(double yes) {
        return Bins.floor(-0.5, 1, 2, 0.002).bell(1 - yes, 0, 0.05).bell(yes, 1, 0.05);
    }

    /** Bins over the logarithm of ohms, from 0.1 ohm to beyond the range. */
    private static Bins ohms(PortClass c) {
        Bins bins = Bins.floor(-1, 0.2, 46, FLOOR);
        return switch (c) {
            case GROUND -> bins.bell(1, -0.4, 0.35);
            case SCREEN -> bins.bell(0.1, -0.4, 0.35).bell(0.1, 3, 1).bell(0.2, 6, 0.5).bell(0.6, 8.2, 0.1);
            case SUPPLY -> bins.bell(0.9, 3.1, 0.8).bell(0.1, 4.8, 0.7);
            case RS232_TRANSMIT, RS232_OUTPUT ->
                bins.bell(0.5, 3.6, 0.8).bell(0.3, 5.5, 0.8).bell(0.2, 8.2, 0.1);
            case RS232_INPUT -> bins.bell(1, 3.69, 0.07);
            case LOGIC_TRANSMIT, LOGIC_OUTPUT -> bins.bell(0.95, 5.3, 0.8).bell(0.05, 8.2, 0.1);
            case LOGIC_PULL_UP -> bins.bell(0.9, 4.3, 0.55).bell(0.1, 5.4, 0.6);
            case OPEN -> bins.bell(0.97, 8.2, 0.1).bell(0.03, 7, 0.4);
        };
    }

    /** Bins over volts, from -15 to 30. */
    private static Bins volts(PortClass c, double rail) {
        Bins bins = Bins.floor(-15, 0.2, 225, FLOOR);
        return switch (c) {
            case GROUND -> bins.bell(1, 0, 0.03);
            case SCREEN -> bins.bell(0.9, 0, 0.06).bell(0.1, 0, 0.5);
            case SUPPLY ->
                bins.bell(0.3, 5, 0.12).bell(0.2, 3.3, 0.08).bell(0.2, 12, 0.5).bell(0.05, 13.6, 0.5)
                        .bell(0.1, 24, 0.8).bell(0.1, 9, 0.4).bell(0.05, 12, 7);
            case RS232_TRANSMIT -> bins.bell(0.55, -6, 1.1).bell(0.45, -9.5, 1.6);
            case RS232_OUTPUT ->
                bins.bell(0.3, -6, 1.1).bell(0.25, -9.5, 1.6).bell(0.25, 6, 1.1).bell(0.2, 9.5, 1.6);
            case RS232_INPUT -> bins.bell(0.9, 0, 0.12).bell(0.1, 0, 0.5);
            case LOGIC_TRANSMIT -> bins.bell(1, rail * 0.99, rail * 0.025);
            case LOGIC_OUTPUT -> bins.bell(0.6, rail * 0.99, rail * 0.025).bell(0.4, 0.05, 0.1);
            case LOGIC_PULL_UP -> bins.bell(0.95, rail * 0.985, rail * 0.03).bell(0.05, rail * 0.8, 0.4);
            case OPEN -> bins.bell(0.8, 0, 0.1).bell(0.2, 0.1, 0.5);
        };
    }

    /** Bins over what the load leaves of the voltage at rest, as a share of it. */
    private static Bins loaded(PortClass c) {
        Bins bins = Bins.floor(-0.05, 0.01, 120, FLOOR);
        return switch (c) {
            case SUPPLY -> bins.bell(1, 0.998, 0.006);
            case RS232_TRANSMIT, RS232_OUTPUT -> bins.bell(1, 0.92, 0.04);
            case LOGIC_TRANSMIT, LOGIC_OUTPUT -> bins.bell(1, 0.972, 0.014);
            case LOGIC_PULL_UP -> bins.bell(0.6, 0.3, 0.12).bell(0.4, 0.6, 0.15);
            case GROUND, SCREEN, RS232_INPUT, OPEN -> bins.bell(1, 0.02, 0.05);
        };
    }
}
