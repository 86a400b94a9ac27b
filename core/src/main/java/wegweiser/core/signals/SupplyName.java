package wegweiser.core.signals;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import wegweiser.core.data.NamePatterns;

/** What a supply contact is for, as far as its name says so: {@code CAMERA}, {@code LEFT-TURN}, a battery. */
public final class SupplyName {
    private static final NamePatterns BATTERY = NamePatterns.of("batteries.txt");
    /** Cells that give no more than some milliamps. */
    private static final NamePatterns SMALL = NamePatterns.of("coin-cells.txt");
    private static final Pattern VOLTS = Pattern
            .compile("(?i)[+\\u2212\u00B1-]?\\s?\\d+(?:[.,]\\d+)?\\s?v(?:\\d|\\s?dc|\\s?ac|~)?(?![a-z])");
    /** Names that say no more than that it is a supply. */
    private static final Set<String> PLAIN = Set.of("V+", "V-", "VBUS", "OUT", "OUTPUT", "IN", "INPUT",
            "SUPPLYOUT", "SUPPLYIN", "POWEROUT", "POWERIN", "DC", "DCOUT", "AC", "VOUT", "L+", "UV",
            "MAINSUPPLY",
            "AUSGANG", "EINGANG");

    /** Other names of one load. */
    private static final Map<String, String> SAME = Map.of("VM", "MOTOR", "VMOT", "MOTOR", "VMOTOR", "MOTOR",
            "MOT", "MOTOR", "STOP", "BRAKE", "STOPLIGHT", "BRAKE", "BRAKELIGHT", "BRAKE");

    private SupplyName() {}

    /** The name of a load or an output, in capitals; empty where it is a supply like any other. */
    public static Optional<String> of(Pin pin) {
        if (isBattery(pin)) {
            return Optional.of("BATTERY");
        }
        return Stream.of(Optional.of(pin.signal()), pin.row().name()).flatMap(Optional::stream)
                .map(SupplyName::bare).filter(n -> !n.isEmpty()).findFirst();
    }

    /** Whether a source is a battery, by its signal or by what is printed on it. */
    public static boolean isBattery(Pin pin) {
        return pin.signal().equals("BATTERY") && pin.row().name().filter(SMALL::isIn).isEmpty()
                || pin.row().name().filter(n -> BATTERY.isIn(n) && !SMALL.isIn(n)).isPresent();
    }

    /** A name without the volts in it; nothing where no name is left. */
    private static String bare(String name) {
        String left = VOLTS.matcher(name).replaceAll(" ").strip();
        String canonical = Signals.canonical(left);
        boolean letters = canonical.chars().filter(Character::isLetter).count() > 1;
        String capitals = canonical.toUpperCase(Locale.ROOT);
        return !letters || PLAIN.contains(canonical) ? "" : SAME.getOrDefault(capitals, capitals);
    }
}
