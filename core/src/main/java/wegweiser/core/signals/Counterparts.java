package wegweiser.core.signals;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** By what an input can be told to be made for an output, from what the two are called and how they speak. */
public final class Counterparts {
    /** Serial data of boards, which some name by the controller and some by the board itself. */
    private static final Map<String, List<String>> BOARD_DATA = Map.of("MOSI", List.of("SDI"), "MISO",
            List.of("SDI"), "SDO", List.of("MISO", "SDI", "MOSI"));
    /** Switched outputs of sensors and cards, and the inputs that they are for. */
    private static final Map<String, List<String>> SWITCHED = Map.of("OUT", List.of("IN", "IN1"), "OUT1",
            List.of("IN1", "IN"), "OUT2", List.of("IN2"));
    /** Names of the one channel that a balanced and an unbalanced connector carry. */
    private static final Set<String> ONE_CHANNEL = Set.of("HOT", "LINE", "LEFT", "MIC");
    private static final Map<String, String> CROSSING = Map.of("SBU1", "SBU2", "SBU2", "SBU1");
    /** A configuration line of a plug, and the common side of a contact that closes. */
    private static final Set<String> NEVER_LEFT_OVER = Set.of("CC1", "CC2", "COM");

    /** How it is known that an input is made for an output, the surest first. */
    public enum Way {
        SAME_NAME,
        PARTNER,
        BOARD,
        SWITCHED,
        ONE_CHANNEL,
        /** Alike but for what says out and in. */
        STEM,
        /** Nothing speaks against it: no standard names either, and the levels fit. */
        LEFT_OVER
    }

    private Counterparts() {}

    /** Whether an input is made for an output in a certain way. */
    public static boolean are(Pin out, Pin in, Way way) {
        return switch (way) {
            case SAME_NAME -> in.signal().equals(out.signal());
            case PARTNER -> Signals.partner(out.signal()).filter(in.signal()::equals).isPresent();
            case BOARD -> BOARD_DATA.getOrDefault(out.signal(), List.of()).contains(in.signal());
            case SWITCHED -> SWITCHED.getOrDefault(out.signal(), List.of()).contains(in.signal());
            case ONE_CHANNEL -> ONE_CHANNEL.contains(out.signal()) && ONE_CHANNEL.contains(in.signal());
            case STEM -> !isNamed(out) && !isNamed(in)
                    && Signals.stem(out.signal()).equals(Signals.stem(in.signal()));
            case LEFT_OVER -> isOpenToAny(out) && isOpenToAny(in) && out.level().isPresent()
                    && in.level().isPresent() && Levels.between(out.level(), in.level()).isEmpty();
        };
    }

    /** The surest way in which an input is made for an output; empty where nothing says so. */
    public static Optional<Way> way(Pin out, Pin in) {
        return Arrays.stream(Way.values()).filter(w -> are(out, in, w)).findFirst();
    }

    /** How far down the list of those that an output is made for an input stands. */
    public static int place(Pin out, Pin in, Way way) {
        List<String> order = switch (way) {
            case BOARD -> BOARD_DATA.get(out.signal());
            case SWITCHED -> SWITCHED.get(out.signal());
            default -> List.of();
        };
        return order.indexOf(in.signal());
    }

    /** Whether two names are those of lines that cross from plug to plug although both talk both ways. */
    public static boolean cross(String one, String two) {
        return two.equals(CROSSING.get(one)) || Signals.partner(one).filter(two::equals).isPresent();
    }

    /** Lines that a standard gives one partner, and no other. */
    private static boolean isNamed(Pin pin) {
        return Signals.partner(pin.signal()).isPresent() || Signals.isSerial(pin.signal())
                || pin.half().isPresent();
    }

    private static boolean isOpenToAny(Pin pin) {
        return !isNamed(pin) && !BOARD_DATA.containsKey(pin.signal())
                && !NEVER_LEFT_OVER.contains(pin.signal())
                && pin.level().filter(l -> l == Level.USB2 || l == Level.USB3).isEmpty();
    }
}
