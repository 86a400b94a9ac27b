package wegweiser.core.pinout;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.signals.Volts;

/**
 * What a text beside a contact says of supply.
 *
 * @param volts with their sign, a range where there is one
 * @param amps the most that it gives or takes
 */
record Supply(Optional<Volts> volts, OptionalDouble amps) {
    static final Supply NONE = new Supply(Optional.empty(), OptionalDouble.empty());
    private static final Pattern CURRENT = Pattern.compile(
            "(?i)[,;/]?\\s*(?:\\(?\\s*(?:max(?:imum)?|up to|bis|typ)\\b[.:]?\\s*)?\\d+(?:[.,]\\d+)?\\s*m?A\\b"
                    + "(?:\\s*(?:max(?:imum)?)\\b\\.?)?\\)?");
    private static final Pattern DIRECT = Pattern.compile("(?i)(?<=\\dV)\\s+DC\\b");

    /** The volts and amps that stand in a text. */
    static Supply in(String text) {
        return new Supply(Volts.within(DIRECT.matcher(text).replaceAll("")), amps(text));
    }

    private static OptionalDouble amps(String text) {
        try {
            return Quantity.within(text, Unit.AMP).map(r -> OptionalDouble.of(r.to()))
                    .orElse(OptionalDouble.empty());
        } catch (IllegalArgumentException _) {
            return OptionalDouble.empty();
        }
    }

    /** The text without its current, so that the name and the direction are left; unchanged where it says none. */
    String without(String text) {
        return amps.isPresent()
                ? DIRECT.matcher(CURRENT.matcher(text).replaceAll(" ")).replaceAll("").strip()
                : text;
    }

    /** This, completed by what another text says. */
    Supply or(Supply other) {
        return new Supply(volts.or(other::volts), amps.isPresent() ? amps : other.amps);
    }
}
