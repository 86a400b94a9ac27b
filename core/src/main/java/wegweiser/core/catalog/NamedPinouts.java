package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wegweiser.core.model.Direction;
import wegweiser.core.model.PinRow;

/**
 * Pinouts that devices commonly have. Names follow TIA-574 (nine contacts), TIA-232-F (25) and TIA-561 (eight
 * positions); the modem forms keep the terminal's names, so that its TXD is an input.
 */
public final class NamedPinouts {
    private static final Map<String, NamedPinout> ALL = new LinkedHashMap<>();

    static {
        serial("rs232-9-terminal", "serial port, terminal, 9 ways", "dsub-9", false,
                "1 DCD 2 RXD 3 TXD 4 DTR 5 GND 6 DSR 7 RTS 8 CTS 9 RI");
        serial("rs232-9-modem", "serial port, modem, 9 ways", "dsub-9", true,
                "1 DCD 2 RXD 3 TXD 4 DTR 5 GND 6 DSR 7 RTS 8 CTS 9 RI");
        serial("rs232-25-terminal", "serial port, terminal, 25 ways", "dsub-25", false,
                "1 SHIELD 2 TXD 3 RXD 4 RTS 5 CTS 6 DSR 7 GND 8 DCD 20 DTR 22 RI");
        serial("rs232-25-modem", "serial port, modem, 25 ways", "dsub-25", true,
                "1 SHIELD 2 TXD 3 RXD 4 RTS 5 CTS 6 DSR 7 GND 8 DCD 20 DTR 22 RI");
        serial("rs232-8p8c-terminal", "serial port, terminal, 8 positions", "modular-8p8c", false,
                "1 DSR 2 DCD 3 DTR 4 GND 5 RXD 6 TXD 7 CTS 8 RTS");
    }

    private NamedPinouts() {}

    /** A pinout with a name; {@code family} is the connector it is usual on. */
    public record NamedPinout(String id, String title, String family, List<PinRow> rows) {}

    public static List<NamedPinout> all() {
        return List.copyOf(ALL.values());
    }

    public static Optional<NamedPinout> find(String id) {
        return Optional.ofNullable(ALL.get(id));
    }

    private static void serial(String id, String title, String family, boolean modem, String pairs) {
        String[] words = pairs.split(" ");
        List<PinRow> rows = new ArrayList<>();
        for (int k = 0; k < words.length; k += 2) {
            Direction direction = switch (words[k + 1]) {
                case "TXD", "DTR", "RTS" -> modem ? Direction.IN : Direction.OUT;
                case "GND" -> Direction.GROUND;
                case "SHIELD" -> Direction.SHIELD;
                default -> modem ? Direction.OUT : Direction.IN;
            };
            rows.add(PinRow.of(words[k], words[k + 1], direction, direction.isSignal() ? "rs232" : ""));
        }
        ALL.put(id, new NamedPinout(id, title, family, List.copyOf(rows)));
    }
}
