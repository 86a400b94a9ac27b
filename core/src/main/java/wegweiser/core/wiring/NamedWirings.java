package wegweiser.core.wiring;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import wegweiser.core.model.ContactOrder;

/** The table of named wirings: id, families, title, links, jumpers, weight. */
final class NamedWirings {
    private static final String TABLE = """
            straight-dsub-9 | dsub-9 | dsub-9 | straight, all nine | 1..9 | | 4
            crossed-3 | dsub-9 | dsub-9 | crossed, three wires | 2-3 3-2 5-5 | | 2
            crossed-loop | dsub-9 | dsub-9 | crossed, three wires, handshake looped at both ends | 2-3 3-2 5-5 | A:7-8 A:1-4 A:4-6 B:7-8 B:1-4 B:4-6 | 1
            crossed-full | dsub-9 | dsub-9 | crossed with full handshake | 2-3 3-2 4-6 5-5 6-4 7-8 8-7 | A:1-6 B:1-6 | 2
            crossed-partial | dsub-9 | dsub-9 | crossed, request and clear crossed, ready lines looped | 2-3 3-2 5-5 7-8 8-7 | A:1-4 A:4-6 B:1-4 B:4-6 | 1
            straight-9-25 | dsub-9 | dsub-25 | terminal on 9 to modem on 25 | 1-8 2-3 3-2 4-20 5-7 6-6 7-4 8-5 9-22 | | 3
            crossed-9-25 | dsub-9 | dsub-25 | terminal on 9 to terminal on 25, full handshake | 2-2 3-3 4-6 5-7 6-20 7-5 8-4 | A:1-6 B:6-8 | 2
            ribbon-order-10-9 | box-header-10 | dsub-9 | ten-way header in ribbon order | 1-1 2-6 3-2 4-7 5-3 6-8 7-4 8-9 9-5 | | 2
            number-order-10-9 | box-header-10 | dsub-9 | ten-way header in number order | 1..9 | | 2
            straight-8p8c | modular-8p8c | modular-8p8c | straight, one colour standard at both ends | 1..8 | | 5
            crossed-2pair-8p8c | modular-8p8c | modular-8p8c | crossed, colour standard A at one end and B at the other | 1-3 2-6 3-1 4-4 5-5 6-2 7-7 8-8 | | 2
            crossed-4pair-8p8c | modular-8p8c | modular-8p8c | crossed, all four pairs | 1-3 2-6 3-1 4-7 5-8 6-2 7-4 8-5 | | 1
            reversed-8p8c | modular-8p8c | modular-8p8c | reversed | 1-8 2-7 3-6 4-5 5-4 6-3 7-2 8-1 | | 2
            straight-6p6c | modular-6p6c | modular-6p6c | straight | 1..6 | | 2
            reversed-6p6c | modular-6p6c | modular-6p6c | reversed | 1-6 2-5 3-4 4-3 5-2 6-1 | | 3
            straight-6p4c | modular-6p4c | modular-6p4c | straight, middle four | 2..5 | | 2
            reversed-6p4c | modular-6p4c | modular-6p4c | reversed, middle four | 2-5 3-4 4-3 5-2 | | 3
            ribbon-34 | box-header-34 | box-header-34 | straight ribbon | 1..34 | | 3
            ribbon-34-turned | box-header-34 | box-header-34 | ribbon with wires 10 to 16 turned over | 1..9 10-16 11-15 12-14 13-13 14-12 15-11 16-10 17..34 | | 2
            balanced-xlr | xlr-3 | xlr-3 | balanced audio | 1..3 | | 4
            balanced-trs-xlr | jack-6.35-trs | xlr-3 | balanced audio, jack to XLR | sleeve-1 tip-2 ring-3 | | 4
            stereo-mono | jack-3.5-trs | jack-3.5-ts | stereo lead made mono, ring joined to sleeve | tip-tip sleeve-sleeve | A:ring-sleeve | 2
            usb2-c-c | usb-c | usb-c | C to C, USB 2.0 | A1-A1 A4-A4 A5-A5 A6-A6 A7-A7 shell-shell | | 2
            usb3-c-c | usb-c | usb-c | C to C, all pairs | A5-A5 A6-A6 A7-A7 A2-B11 A3-B10 B11-A2 B10-A3 B2-A11 B3-A10 A11-B2 A10-B3 A8-B8 B8-A8 A1-A1 A4-A4 shell-shell | | 1
            """;
    static final List<NamedWiring> ALL = TABLE.lines().map(NamedWirings::parse).toList();

    private NamedWirings() {}

    private static NamedWiring parse(String line) {
        String[] cell = Arrays.stream(line.split("\\|", -1)).map(String::strip).toArray(String[]::new);
        List<String> near = new ArrayList<>();
        List<String> far = new ArrayList<>();
        for (String word : cell[4].split(" ")) {
            int range = word.indexOf("..");
            if (range > 0) {
                int to = Integer.parseInt(word.substring(range + 2));
                for (int n = Integer.parseInt(word.substring(0, range)); n <= to; n++) {
                    near.add(String.valueOf(n));
                    far.add(String.valueOf(n));
                }
            } else {
                near.add(word.substring(0, word.indexOf('-')));
                far.add(word.substring(word.indexOf('-') + 1));
            }
        }
        Wiring wiring = new Wiring(List.of());
        for (int k = 0; k < near.size(); k++) {
            wiring = joined(wiring, "A" + near.get(k), "B" + far.get(k));
        }
        for (String jumper : cell[5].isEmpty() ? new String[0] : cell[5].split(" ")) {
            String end = jumper.substring(0, 1);
            String[] contacts = jumper.substring(2).split("-");
            wiring = joined(wiring, end + contacts[0], end + contacts[1]);
        }
        return new NamedWiring(cell[0], cell[1], cell[2], cell[3], wiring, Double.parseDouble(cell[6]));
    }

    /** The wiring with two contacts joined; a key is the end's letter and the contact. */
    private static Wiring joined(Wiring wiring, String keyA, String keyB) {
        TreeSet<String> near = new TreeSet<>(ContactOrder.PRINTED);
        TreeSet<String> far = new TreeSet<>(ContactOrder.PRINTED);
        List<Wiring.Net> rest = new ArrayList<>();
        for (String key : List.of(keyA, keyB)) {
            (key.charAt(0) == 'A' ? near : far).add(key.substring(1));
        }
        for (Wiring.Net net : wiring.nets()) {
            if (net.near().stream().anyMatch(near::contains) || net.far().stream().anyMatch(far::contains)) {
                near.addAll(net.near());
                far.addAll(net.far());
            } else {
                rest.add(net);
            }
        }
        rest.add(new Wiring.Net(near, far));
        return new Wiring(rest);
    }
}
