package wegweiser.core.conductors;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;

/**
 * The colours that a trade gives to a line. Cables of sensors (IEC 60947-5-2): brown feeds, blue returns, black is the output,
 * white the second output, grey the fifth. Elsewhere red feeds and black
 * returns; of sound, red is right and white left.
 */
final class Habit {
    /** Signals that are called by a colour. */
    private static final Map<String, String> COLOURS = Map.of("RED", "RD", "GREEN", "GN", "BLUE", "BU",
            "RED-RETURN", "RD.2", "GREEN-RETURN", "GN.2", "BLUE-RETURN", "BU.2");

    /** Conductors of USB cables, by the contact of the host (USB 2.0 table 6-2, USB 3.2 table 5-7). */
    private static final Map<String, String> USB = Map.of("D-", "WH", "D+", "GN", "SSTX-", "BU", "SSTX+",
            "YE", "SSRX-",
            "VT", "SSRX+", "OG");

    /** Lines of telephones on network cable: the first on the blue pair, the second on the orange one. */
    private static final Map<String, String> TELEPHONE = Map.of("LA", "WH/BU", "LB", "BU", "L2A", "WH/OG",
            "L2B", "OG");

    private Habit() {}

    /** The colour for a line, if there is a habit and the cable has it. */
    static Optional<String> colour(CableStock cable, Line line) {
        if (cable.pairs().contains(List.of("WH", "GN")) && cable.conductors().contains("RD")) {
            Optional<String> usb = line.pins().stream().findFirst().map(p -> USB.get(p.signal()))
                    .filter(cable.conductors()::contains);
            if (usb.isPresent()) {
                return usb;
            }
        }
        Optional<String> telephone = line.pins().stream().filter(p -> p.has(Level.TELEPHONE))
                .map(p -> TELEPHONE.get(p.signal()))
                .filter(c -> c != null && cable.conductors().contains(c)).findFirst();
        if (telephone.isPresent()) {
            return telephone;
        }
        Optional<String> own = line.pins().stream().map(p -> COLOURS.get(p.signal()))
                .filter(c -> c != null && cable.conductors().contains(c)).findFirst();
        return own.or(() -> wanted(cable, line).filter(cable.conductors()::contains));
    }

    private static Optional<String> wanted(CableStock cable, Line line) {
        Predicate<Predicate<Pin>> is = what -> line.pins().stream().anyMatch(what);
        if (line.isEarth() && cable.conductors().contains(ColourCode.EARTH)) {
            return Optional.of(ColourCode.EARTH);
        }
        if (isOfSensors(cable)) {
            return line.isSupply()
                    ? Optional.of("BN")
                    : line.isReturn()
                            ? Optional.of("BU")
                            : is.test(p -> p.signal().equals("OUT2"))
                                    ? Optional.of("WH")
                                    : is.test(p -> p.is(Direction.OUT))
                                            ? Optional.of("BK")
                                            : Optional.empty();
        }
        return line.isSupply() || is.test(p -> p.signal().equals("RIGHT"))
                ? Optional.of("RD")
                : line.isReturn()
                        ? Optional.of("BK")
                        : is.test(p -> p.signal().equals("LEFT")) ? Optional.of("WH") : Optional.empty();
    }

    /** Whether a colour makes people think of supply or its return in a cable like this. */
    static boolean isOfSupply(CableStock cable, String conductor) {
        return (isOfSensors(cable) ? List.of("BN", "BU") : List.of("RD", "BK")).contains(conductor);
    }

    /** Whether a cable has the plain colours of sensors; pairs of network cable have brown and blue too. */
    static boolean isOfSensors(CableStock cable) {
        return cable.conductors().stream().noneMatch(c -> c.contains("/"))
                && cable.conductors().contains("BN") && cable.conductors().contains("BU")
                && !cable.conductors().contains("RD");
    }
}
