package wegweiser.core.catalog;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** The kinds of cable, one line each: id, title, conductors, gauge, pairs, screen, pF/m, mm, type, note. */
public final class Cables {
    private static final String TABLE = """
            utp-4x2-24 | network cable, four pairs, solid | WH/OG OG WH/GN GN WH/BU BU WH/BN BN | 24 | (WH/OG OG)(WH/GN GN)(WH/BU BU)(WH/BN BN) | | 52 | 5.2 | solid |
            utp-4x2-23-cross | network cable, four pairs around a plastic cross | WH/OG OG WH/GN GN WH/BU BU WH/BN BN | 23 | (WH/OG OG)(WH/GN GN)(WH/BU BU)(WH/BN BN) | | 50 | 6.3 | solid | cut the plastic cross back with the sheath
            sftp-4x2-26 | patch cable, four pairs, foil on each, braid over all | WH/OG OG WH/GN GN WH/BU BU WH/BN BN | 26 | (WH/OG OG)(WH/GN GN)(WH/BU BU)(WH/BN BN) | foil and braid | 45 | 6.0 | stranded |
            flat-6 | flat modular cable, six wires | WH BK RD GN YE BU | 28 | | | 60 | 5.0 | stranded |
            flat-4 | flat modular cable, four wires | BK RD GN YE | 28 | | | 60 | 4.6 | stranded |
            ribbon-10 | grey ribbon, ten wires, red edge | 1 2 3 4 5 6 7 8 9 10 | 28 | | | 50 | 12.7 | stranded |
            ribbon-16 | grey ribbon, sixteen wires, red edge | 1 2 3 4 5 6 7 8 9 10 11 12 13 14 15 16 | 28 | | | 50 | 20.3 | stranded |
            rainbow-10 | rainbow ribbon, ten wires | BN RD OG YE GN BU VT GY WH BK | 28 | | | 50 | 12.7 | stranded |
            control-4 | control cable, four cores | WH BN GN YE | 24 | | | 100 | 4.2 | stranded |
            control-10-screened | control cable, ten cores, braid | WH BN GN YE GY PK BU RD BK VT | 24 | | braid | 120 | 6.5 | stranded |
            audio-2-screened | two cores under a braid | RD WH | 24 | (RD WH) | braid | 100 | 6.0 | stranded |
            audio-1-screened | one core under a spiral screen | WH | 26 | | spiral screen | 110 | 3.0 | stranded |
            sensor-4 | sensor cable, four cores | BN WH BU BK | 22 | | | 100 | 4.8 | stranded |
            sensor-3 | sensor cable, three cores | BN BU BK | 22 | | | 100 | 4.4 | stranded |
            serial-2x2-screened | serial cable, two pairs, foil and drain | RD BK GN WH | 22 | (RD BK)(GN WH) | foil and drain | 70 | 5.0 | stranded |
            usb2 | USB 2.0 cable | RD WH GN BK | 28 | (WH GN) | foil and braid | 55 | 4.5 | stranded | the supply pair is thicker
            silicone-pair-16 | silicone pair, red and black | RD BK | 16 | | | 0 | 6.0 | stranded |
            """;
    private static final Pattern PAIR = Pattern.compile("\\(([^)]*)\\)");
    private static final List<CableStock> ALL = TABLE.lines().map(Cables::parse).toList();

    private Cables() {}

    public static List<CableStock> all() {
        return ALL;
    }

    public static Optional<CableStock> find(String id) {
        return ALL.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    private static CableStock parse(String line) {
        String[] cell = Arrays.stream(line.split("\\|", -1)).map(String::strip).toArray(String[]::new);
        List<List<String>> pairs = PAIR.matcher(cell[4])
                .results()
                .map((MatchResult m) -> List.of(m.group(1).split(" ")))
                .toList();
        return new CableStock(cell[0], cell[1], Stream.of(cell[2].split(" ")).toList(),
                Integer.parseInt(cell[3]), pairs,
                cell[5], Double.parseDouble(cell[6]), Double.parseDouble(cell[7]), cell[8].equals("stranded"),
                cell[9]);
    }
}
