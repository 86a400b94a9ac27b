package wegweiser.core.catalog;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.IntFunction;
import java.util.stream.IntStream;

/**
 * The families of connectors, each one entry: which of its sizes can be built, which are worth listing, and how. A family's
 * id is its stem and its size, such as {@code dsub-9}; where there are two genders these follow.
 */
record Families(String stem, List<String> buildable, List<String> listed, boolean gendered,
        BiFunction<String, Gender, ConnectorType> builder) {
    private static final List<Families> ALL = List.of(
            counted("dsub", DSub.sizes(), DSub::of),
            sized("dsub", DSub.denseSizes(), DSub::dense),
            ranged("box-header", even(4, 64), strings(6, 10, 14, 16, 20, 26, 34, 40, 50), Grid::boxHeader),
            ranged("box-header-200", even(4, 50), strings(6, 8, 10, 14, 20, 26, 40), Grid::boxHeader2),
            ranged("box-header-127", even(6, 50), strings(10, 14, 20, 26, 40, 50), Grid::boxHeader127),
            sized("modular", Modular.sizes(), Modular::of),
            sized("modular-8p8c", List.of("screened"), (_, g) -> Modular.of("8p8c-screened", g)),
            sized("jack-2.5", List.of("ts", "trs", "trrs"), (p, g) -> Axial.jack("2.5", p, g)),
            sized("jack-3.5", List.of("ts", "trs", "trrs"), (p, g) -> Axial.jack("3.5", p, g)),
            sized("jack-6.35", List.of("ts", "trs", "trrs"), (p, g) -> Axial.jack("6.35", p, g)),
            sized("phono", List.of(""), (_, g) -> Axial.phono(g)),
            sized("barrel", List.of("5.5-2.1", "5.5-2.5", "3.5-1.35", "4.0-1.7"), Axial::barrel),
            sized("coax", List.of("bnc", "sma", "f"), Coaxial::of),
            counted("xlr", List.of(3, 4, 5, 6, 7), RoundBodies::xlr),
            sized("usb", List.of("a", "b", "mini-b", "micro-b", "c"), (k, g) -> Usb.of("usb-" + k, g)),
            sized("usb3", List.of("a", "b", "micro-b"), (k, g) -> Usb.of("usb3-" + k, g)),
            sized("hdmi", List.of("a"), (_, g) -> Usb.of("hdmi-a", g)),
            sized("m12-a", List.of("3", "4", "5", "8", "4-screened", "5-screened", "8-screened"),
                    (k, g) -> Metric.m12("a", k, g)),
            sized("m12-b", List.of("5"), (k, g) -> Metric.m12("b", k, g)),
            sized("m12-d", List.of("4"), (k, g) -> Metric.m12("d", k, g)),
            sized("m12-x", List.of("8"), (k, g) -> Metric.m12("x", k, g)),
            sized("m12-l", List.of("5"), (k, g) -> Metric.m12("l", k, g)),
            sized("m12-t", List.of("4"), (k, g) -> Metric.m12("t", k, g)),
            sized("m8", List.of("3", "4", "3-screened", "4-screened"), Metric::m8),
            sized("din", List.of("3", "5", "6", "7", "8"), Din::of),
            sized("mini-din", List.of("4", "6", "8"), Din::mini),
            counted("micro-ribbon", List.of(36, 50), Grid::microRibbon),
            sized("vehicle", List.of("16", "16b"), Vehicle::diagnostic),
            sized("vehicle", List.of("9"), Vehicle::heavy),
            counted("trailer", List.of(7, 13), Vehicle::trailer),
            ranged("row-254", numbers(1, 40), numbers(1, 20), (n, g) -> Grid.singleRow("254", 2.54, n, g)),
            ranged("row-250", numbers(1, 20), numbers(2, 12), (n, g) -> Grid.singleRow("250", 2.5, n, g)),
            ranged("row-200", numbers(1, 20), numbers(2, 10), (n, g) -> Grid.singleRow("200", 2.0, n, g)),
            ranged("row-125", numbers(1, 20), numbers(2, 10), (n, g) -> Grid.singleRow("125", 1.25, n, g)),
            ranged("row-100", numbers(1, 20), numbers(2, 10), (n, g) -> Grid.singleRow("100", 1.0, n, g)),
            alone("terminal", numbers(1, 40), numbers(2, 12), Grid::terminal),
            ranged("pluggable-350", numbers(2, 24), numbers(2, 12),
                    (n, g) -> Grid.pluggable("350", 3.5, n, g)),
            ranged("pluggable-381", numbers(2, 24), numbers(2, 12),
                    (n, g) -> Grid.pluggable("381", 3.81, n, g)),
            ranged("pluggable-508", numbers(2, 24), numbers(2, 12),
                    (n, g) -> Grid.pluggable("508", 5.08, n, g)),
            counted("banana", List.of(1, 2, 3, 4), (n, g) -> Single.of("banana", n, g)),
            counted("blade", List.of(1, 2, 3, 4), (n, g) -> Single.of("blade", n, g)),
            counted("bullet", List.of(1, 2, 3, 4), (n, g) -> Single.of("bullet", n, g)),
            alone("tag", numbers(1, 24), numbers(1, 8), n -> Single.of("tag", n, Gender.NONE)),
            alone("ring", numbers(1, 8), numbers(1, 4), n -> Single.of("ring", n, Gender.NONE)),
            alone("spade", numbers(1, 8), numbers(1, 4), n -> Single.of("spade", n, Gender.NONE)),
            alone("crocodile", numbers(1, 8), numbers(1, 2), n -> Single.of("crocodile", n, Gender.NONE)),
            alone("circular", numbers(1, 64), numbers(2, 19), RoundBodies::circular));
    private static final Map<String, Families> BY_FAMILY = byFamily();

    private static Families sized(String stem, List<String> sizes,
            BiFunction<String, Gender, ConnectorType> builder) {
        return new Families(stem, sizes, sizes, true, builder);
    }

    private static Families counted(String stem, List<Integer> ways,
            BiFunction<Integer, Gender, ConnectorType> builder) {
        return ranged(stem, ways.stream().map(String::valueOf).toList(),
                ways.stream().map(String::valueOf).toList(),
                builder);
    }

    private static Families ranged(String stem, List<String> buildable, List<String> listed,
            BiFunction<Integer, Gender, ConnectorType> builder) {
        return new Families(stem, buildable, listed, true, (n, g) -> builder.apply(Integer.parseInt(n), g));
    }

    private static Families alone(String stem, List<String> buildable, List<String> listed,
            IntFunction<ConnectorType> builder) {
        return new Families(stem, buildable, listed, false, (n, _) -> builder.apply(Integer.parseInt(n)));
    }

    private static List<String> numbers(int from, int to) {
        return IntStream.rangeClosed(from, to).mapToObj(String::valueOf).toList();
    }

    private static List<String> even(int from, int to) {
        return numbers(from, to).stream().filter(n -> Integer.parseInt(n) % 2 == 0).toList();
    }

    private static List<String> strings(Integer... sizes) {
        return List.of(sizes).stream().map(String::valueOf).toList();
    }

    private static Map<String, Families> byFamily() {
        Map<String, Families> found = new HashMap<>();
        for (Families family : ALL) {
            family.buildable.forEach(size -> found.put(family.id(size), family));
        }
        return Map.copyOf(found);
    }

    private String id(String size) {
        return size.isEmpty() ? stem : stem + "-" + size;
    }

    /** Ids of the connectors worth choosing from, family by family. */
    static List<String> listedIds() {
        List<String> ids = new ArrayList<>();
        for (Families family : ALL) {
            for (String size : family.listed) {
                if (family.gendered) {
                    ids.add(family.id(size) + "-plug");
                    ids.add(family.id(size) + "-socket");
                } else {
                    ids.add(family.id(size));
                }
            }
        }
        return ids;
    }

    /** The connector with this id; empty when no family has it. */
    static Optional<ConnectorType> build(String id) {
        Gender gender = Gender.of(id);
        String name = gender == Gender.NONE ? id : id.substring(0, id.length() - gender.id().length() - 1);
        Families family = BY_FAMILY.get(name);
        return family == null || family.gendered == (gender == Gender.NONE)
                ? Optional.empty()
                : Optional.of(family.builder.apply(name.length() > family.stem.length()
                        ? name.substring(family.stem.length() + 1)
                        : "", gender));
    }
}
