package wegweiser.core.signals;

import java.util.Map;
import java.util.Optional;

/**
 * Which half of a pair a contact is.
 *
 * @param pair of what: the same for both halves at one end
 * @param polarity +1, -1, or 0 where nothing says which half it is
 * @param school how the halves are told apart: by sign, by letter, by what they do; signs of different schools are not the same
 */
public record Half(String pair, int polarity, School school) {
    /** How the halves of a pair are named. */
    public enum School {
        SIGN,
        LETTER,
        NONE
    }

    private static final Map<String, Half> NAMED = Map.ofEntries(
            Map.entry("CAN-H", sign("CAN", 1)), Map.entry("CAN-L", sign("CAN", -1)),
            Map.entry("HOT", sign("AUDIO", 1)), Map.entry("COLD", sign("AUDIO", -1)),
            Map.entry("A", new Half("AB", -1, School.LETTER)),
            Map.entry("B", new Half("AB", 1, School.LETTER)),
            Map.entry("LA", new Half("LINE", 1, School.LETTER)),
            Map.entry("LB", new Half("LINE", -1, School.LETTER)));

    private static Half sign(String pair, int polarity) {
        return new Half(pair, polarity, School.SIGN);
    }

    /** The half that a contact is, by its name or by the pair its row names; empty for a single line. */
    public static Optional<Half> of(Pin pin) {
        if (pin.isSupply() || pin.signal().startsWith("V+") || pin.signal().startsWith("V-")) {
            return Optional.empty();
        }
        Optional<Half> named = of(pin.signal()).filter(h -> h.school != School.LETTER || isLine(pin));
        return pin.row().pair().isEmpty()
                ? named
                : named.map(h -> new Half(pin.row().pair().get(), h.polarity, h.school))
                        .or(() -> Optional.of(new Half(pin.row().pair().get(), 0, School.NONE)));
    }

    /** A and B are halves of a pair where they are lines of a bus, and not the name of a key or a channel. */
    private static boolean isLine(Pin pin) {
        return pin.isSignal() && pin.level().map(l -> l.isBalanced()).orElse(true);
    }

    /** The half that a canonical name says. */
    static Optional<Half> of(String signal) {
        Half named = NAMED.get(signal);
        if (named != null) {
            return Optional.of(named);
        }
        boolean signed = signal.length() > 1 && (signal.endsWith("+") || signal.endsWith("-"));
        return signed
                ? Optional.of(sign(signal.substring(0, signal.length() - 1), signal.endsWith("+") ? 1 : -1))
                : Optional.empty();
    }
}
