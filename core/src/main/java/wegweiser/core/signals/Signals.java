package wegweiser.core.signals;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Canonical signal names, the spellings that manuals use for them, and who talks to whom. */
public final class Signals {
    private static final Map<String, String> PARTNER = Map.of("TXD", "RXD", "RXD", "TXD", "RTS", "CTS", "CTS",
            "RTS",
            "DTR", "DSR", "DSR", "DTR", "TX+", "RX+", "RX+", "TX+", "TX-", "RX-", "RX-", "TX-");
    /** Lines by which a device says whether it may be talked to. */
    public static final Set<String> HANDSHAKE = Set.of("RTS", "CTS", "DTR", "DSR", "DCD");
    private static final Set<String> SUPPLY = Set.of("V+", "VBUS", "BATTERY");
    private static final Set<String> SERIAL = Set.of("TXD", "RXD", "RTS", "CTS", "DTR", "DSR", "DCD", "RI");
    /** Serial lines that a terminal-like device drives. */
    private static final Set<String> TERMINAL_DRIVES = Set.of("TXD", "RTS", "DTR");

    private Signals() {}

    /** The canonical name of a printed one; names that are not known are their own canon, in capitals
     * and without what stands for a space. */
    public static String canonical(String printed) {
        return Spellings.canonical(printed)
                .orElseGet(() -> printed.strip().toUpperCase(Locale.ROOT).replaceAll("[ _]", ""));
    }

    /** Whether a printed name is a known spelling. */
    public static boolean isKnown(String printed) {
        return Spellings.canonical(printed).isPresent();
    }

    /** How many spellings are known. */
    public static int spellings() {
        return Spellings.count();
    }

    /** The signal that listens to, or drives, this one on an alike device; empty when there is no such habit. */
    public static Optional<String> partner(String canonical) {
        return Optional.ofNullable(PARTNER.get(canonical));
    }

    /** Whether the name is that of a supply. */
    public static boolean isSupply(String canonical) {
        return SUPPLY.contains(canonical);
    }

    public static boolean isSerial(String canonical) {
        return SERIAL.contains(canonical);
    }

    /** Whether a terminal-like device drives this serial line. */
    public static boolean terminalDrives(String canonical) {
        return TERMINAL_DRIVES.contains(canonical);
    }

    /** +1, -1 or 0: which half of a differential pair a signal is. */
    public static int polarity(String canonical) {
        if (canonical.length() < 2 || canonical.equals("V+")) {
            return 0;
        }
        if (canonical.endsWith("+") || canonical.equals("CAN-H")) {
            return 1;
        }
        return canonical.endsWith("-") || canonical.equals("CAN-L") ? -1 : 0;
    }

    /** The name of the pair that a differential signal belongs to, without its polarity. */
    public static String pairName(String canonical) {
        return List.of("CAN-H", "CAN-L").contains(canonical)
                ? "CAN"
                : canonical.substring(0, canonical.length() - 1);
    }
}
