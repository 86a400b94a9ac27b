package wegweiser.core.signals;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Canonical signal names, the spellings that manuals use for them, and who talks to whom. */
public final class Signals {
    private static final Map<String, String> CANONICAL = new HashMap<>();
    private static final Map<String, String> PARTNER = Map.of("TXD", "RXD", "RXD", "TXD", "RTS", "CTS", "CTS",
            "RTS",
            "DTR", "DSR", "DSR", "DTR", "TX+", "RX+", "RX+", "TX+", "TX-", "RX-", "RX-", "TX-");
    /** Lines by which a device says whether it may be talked to. */
    public static final Set<String> HANDSHAKE = Set.of("RTS", "CTS", "DTR", "DSR", "DCD");
    private static final Set<String> SERIAL = Set.of("TXD", "RXD", "RTS", "CTS", "DTR", "DSR", "DCD", "RI");
    /** Serial lines that a terminal-like device drives. */
    private static final Set<String> TERMINAL_DRIVES = Set.of("TXD", "RTS", "DTR");

    static {
        spell("TXD", "TXD TX TD SOUT TXDATA TRANSMIT SENDEDATEN");
        spell("RXD", "RXD RX RD SIN RXDATA RECEIVE EMPFANGSDATEN");
        spell("RTS", "RTS RFR REQUESTTOSEND");
        spell("CTS", "CTS CLEARTOSEND");
        spell("DTR", "DTR DATATERMINALREADY");
        spell("DSR", "DSR DATASETREADY");
        spell("DCD", "DCD CD RLSD CARRIERDETECT");
        spell("RI", "RI RING RINGINDICATOR");
        spell("GND", "GND SG SGND GROUND MASSE 0V COM COMMON DGND VSS SIGNALGROUND");
        spell("SHIELD", "SHIELD SCREEN SCHIRM FG FRAMEGROUND PROTECTIVEGROUND CHASSIS");
        spell("V+", "V+ VCC VDD +5V 5V +3V3 3V3 +12V 12V PWR POWER SUPPLY");
        spell("VBUS", "VBUS USBVCC");
        spell("D+", "D+ DP USBDP DATA+ USBD+");
        spell("D-", "D- DM USBDM DATA- USBD-");
        spell("CAN-H", "CAN-H CANH CAN_H CANHIGH");
        spell("CAN-L", "CAN-L CANL CAN_L CANLOW");
        spell("SDA", "SDA I2CDATA");
        spell("SCL", "SCL I2CCLOCK");
    }

    private Signals() {}

    private static void spell(String canonical, String spellings) {
        for (String spelling : spellings.split(" ")) {
            CANONICAL.put(spelling, canonical);
        }
    }

    /** The canonical name of a printed one; names that are not known are their own canon, in capitals. */
    public static String canonical(String printed) {
        String key = printed.strip().toUpperCase(Locale.ROOT).replace(" ", "");
        return CANONICAL.getOrDefault(key, key);
    }

    /** The signal that listens to, or drives, this one on an alike device; empty when there is no such habit. */
    public static Optional<String> partner(String canonical) {
        return Optional.ofNullable(PARTNER.get(canonical));
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
