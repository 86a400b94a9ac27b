package wegweiser.core.signals;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Canonical signal names, the spellings that manuals use for them, and who talks to whom. */
public final class Signals {
    private static final Map<String, String> PARTNER = Map.of("TXD", "RXD", "RXD", "TXD", "RTS", "CTS", "CTS",
            "RTS",
            "DTR", "DSR", "DSR", "DTR", "TX+", "RX+", "RX+", "TX+", "TX-", "RX-", "RX-", "TX-");
    private static final Pattern LANE = Pattern.compile("(?:SS)?[TR]X\\d?[+-]");
    /** Lines by which a device says whether it may be talked to. */
    public static final Set<String> HANDSHAKE = Set.of("RTS", "CTS", "DTR", "DSR", "DCD");
    private static final Pattern DIRECTION = Pattern
            .compile("^(?:(?:OUT|IN)(?:PUT)?(?=[^\\d])(.+)|(.+?)(?:OUT|IN)(?:PUT)?(\\d*)|([A-Z]{1,2})[OI])$");
    private static final Set<String> SUPPLY = Set.of("V+", "V-", "VBUS", "BATTERY");
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
        return Optional.ofNullable(PARTNER.get(canonical)).or(() -> lane(canonical));
    }

    /** The partner of a numbered or fast lane: TX1+ and RX1+, SSTX- and SSRX-. */
    private static Optional<String> lane(String canonical) {
        return LANE.matcher(canonical).matches()
                ? Optional.of(canonical.contains("TX")
                        ? canonical.replace("TX", "RX")
                        : canonical.replace("RX", "TX"))
                : Optional.empty();
    }

    /**
     * What is left of a name without what says out or in, so that a line has one stem at either device: D of DOUT and DIN, C
     * of CO and CI.
     */
    public static String stem(String canonical) {
        return DIRECTION.matcher(canonical).replaceFirst("$1$2$3$4");
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
}
