package wegweiser.core.model;

import java.util.Optional;

/**
 * A measurement on a device's own port, not on the cable.
 *
 * @param against the other contact, or {@code shell} or {@code ground}
 * @param value volts or ohms, by mode
 * @param when {@code idle}, {@code sending} or {@code unpowered}
 */
public record PortReading(String contact, String against, String mode, double value, Optional<String> when,
        Extra extra) {}
