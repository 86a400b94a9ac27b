package wegweiser.core.port;

import java.util.Optional;
import wegweiser.core.model.HasId;
import wegweiser.core.model.PortReading;
import wegweiser.core.model.PortReading.Kind;
import wegweiser.core.model.PortReading.State;

/**
 * What can be measured at a contact of a port: with seconds that it takes and whether the device has power.
 */
public enum PortMeasure implements HasId {
    /** Whether the contact is joined to the metal shell, unpowered. */
    SHELL(false, 3),
    /** Resistance to ground, unpowered. */
    OHMS(false, 4),
    /** Voltage to ground, powered and at rest. */
    VOLTS(true, 4),
    /** Voltage to ground with 4.7 kilohm from the contact to ground, powered and at rest. */
    LOADED(true, 9),
    /** Whether the voltage moves while the device sends. */
    SENDING(true, 8);

    /** The ohms that stand for a reading beyond the meter's range. */
    public static final double BEYOND_OHMS = 1e8;
    /** What switching the device on or off costs, in seconds. */
    public static final double SWITCH_SECONDS = 20;

    private final boolean powered;
    private final double seconds;

    PortMeasure(boolean powered, double seconds) {
        this.powered = powered;
        this.seconds = seconds;
    }

    public boolean powered() {
        return powered;
    }

    public double seconds() {
        return seconds;
    }

    /** A reading of this kind, as it is kept in the job. */
    public PortReading reading(String contact, double value) {
        return switch (this) {
            case SHELL -> PortReading.of(contact, PortReading.SHELL, Kind.CONTINUITY, value, State.UNPOWERED);
            case OHMS -> PortReading.of(contact, PortReading.GROUND, Kind.OHMS, value, State.UNPOWERED);
            case VOLTS -> PortReading.of(contact, PortReading.GROUND, Kind.VOLTS, value, State.IDLE);
            case LOADED -> PortReading.of(contact, PortReading.GROUND, Kind.VOLTS_LOADED, value, State.IDLE);
            case SENDING -> PortReading.of(contact, PortReading.GROUND, Kind.MOVEMENT, value, State.SENDING);
        };
    }

    /** Which kind a reading of the job is; empty for kinds that say nothing about what a contact is. */
    public static Optional<PortMeasure> of(PortReading reading) {
        return switch (reading.mode()) {
            case CONTINUITY -> Optional.of(SHELL).filter(_ -> reading.against().equals(PortReading.SHELL));
            case OHMS -> Optional.of(OHMS);
            case VOLTS ->
                Optional.of(reading.when().filter(w -> w == State.SENDING).isPresent() ? SENDING : VOLTS);
            case VOLTS_LOADED -> Optional.of(LOADED);
            case MOVEMENT -> Optional.of(SENDING);
        };
    }
}
