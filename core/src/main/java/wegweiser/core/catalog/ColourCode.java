package wegweiser.core.catalog;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.words.Words;

/**
 * Wire colours by their letters after IEC 60757. A code such as {@code WH/OG} is a white wire with an orange
 * stripe.
 */
public final class ColourCode {
    private static final Map<String, String> NAMES = new LinkedHashMap<>();
    private static final Map<String, String> HEX = new LinkedHashMap<>();

    static {
        put("BK", "#2B2B2B");
        put("BN", "#7A4A2B");
        put("RD", "#C8372D");
        put("OG", "#E07B1A");
        put("YE", "#EBCB2B");
        put("GN", "#2E8F4E");
        put("BU", "#2B5FB4");
        put("VT", "#7A4FA3");
        put("GY", "#8C8C88");
        put("WH", "#FFFFFF");
        put("PK", "#E79BB5");
        put("TQ", "#3BB3B0");
    }

    private static final Set<String> ALIKE = Set.of("BU VT", "BU TQ", "GN TQ", "RD OG", "RD PK", "RD BN",
            "BN BK",
            "WH GY", "WH YE", "OG YE", "GY BK");

    /** Green and yellow, which is for protective earth alone (IEC 60445). */
    public static final String EARTH = "GNYE";

    private ColourCode() {}

    private static void put(String code, String hex) {
        NAMES.put(code, Words.say("colour." + code));
        HEX.put(code, hex);
    }

    /** Name in words, such as "white with orange"; numbers of grey ribbon become "wire 7". */
    public static String words(String code) {
        int again = code.indexOf('.');
        if (again > 0) {
            return Words.say("colour.number", words(code.substring(0, again)), code.substring(again + 1));
        }
        if (code.equals(EARTH)) {
            return Words.say("colour.GNYE");
        }
        if (code.chars().allMatch(Character::isDigit)) {
            return Words.say("colour.wire", code);
        }
        String[] parts = code.split("/");
        String base = NAMES.getOrDefault(parts[0], parts[0]);
        return parts.length == 1
                ? base
                : Words.say("colour.striped", base, NAMES.getOrDefault(parts[1], parts[1]));
    }

    /** Colours to draw, base first and stripe second, as hex; empty for codes that name no colour. */
    public static List<String> hex(String code) {
        if (code.equals(EARTH)) {
            return List.of(HEX.get("GN"), HEX.get("YE"));
        }
        return java.util.Arrays.stream(code.replaceAll("\\..*", "").split("/")).map(HEX::get)
                .filter(java.util.Objects::nonNull)
                .toList();
    }

    /** The colour of a wire without the number that tells it from others of its colour. */
    public static String plain(String code) {
        return code.replaceAll("\\..*", "");
    }

    /** Whether two wires are easily taken for each other, by lamplight or when they are dirty. */
    public static boolean areAlike(String one, String other) {
        String[] a = one.replaceAll("\\..*", "").split("/");
        String[] b = other.replaceAll("\\..*", "").split("/");
        return a.length == b.length && like(a[0], b[0]) && (a.length == 1 || like(a[1], b[1]));
    }

    private static boolean like(String a, String b) {
        return a.equals(b) || ALIKE.contains(a + " " + b) || ALIKE.contains(b + " " + a);
    }

    /** The code of a colour word, such as RD for "red". */
    public static Optional<String> of(String word) {
        return NAMES.entrySet().stream().filter(e -> e.getValue().equals(word)).map(Map.Entry::getKey)
                .findFirst();
    }
}
