package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * The order of core colours of control cable after DIN 47100: ten plain ones, then pairs of colours in a fixed
 * order up to 44, after which they repeat with a ring. Codes are base and stripe, such as {@code WH/GN}; a repeated
 * one is told apart by {@code .2}.
 */
final class ControlColours {
    private static final List<String> ORDER = Stream
            .of(("WH BN GN YE GY PK BU RD BK VT GY/PK RD/BU WH/GN BN/GN "
                    + "WH/YE YE/BN WH/GY GY/BN WH/PK PK/BN WH/BU BN/BU WH/RD BN/RD WH/BK BN/BK GY/GN YE/GY PK/GN YE/PK GN/BU "
                    + "YE/BU GN/RD YE/RD GN/BK YE/BK GY/BU PK/BU GY/RD PK/RD GY/BK PK/BK BU/BK RD/BK")
                    .split(" "))
            .toList();
    /** How many cores the order names, the repeated ones included. */
    static final int LONGEST = 61;

    private ControlColours() {}

    static List<String> first(int cores) {
        List<String> found = new ArrayList<>();
        for (int k = 0; k < cores; k++) {
            found.add(ORDER.get(k % ORDER.size()) + (k < ORDER.size() ? "" : ".2"));
        }
        return found;
    }
}
