package wegweiser.core.rules;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;

/** What must not matter to any rule, over thousands of seeded random jobs. */
class OrderTest {
    private static final int ROUNDS = Integer.getInteger("order.rounds", 200);
    private static final List<String> SIGNALS = List.of("TXD", "RXD", "RTS", "CTS", "TX+", "TX-", "RX+",
            "RX-", "A", "B",
            "CAN-H", "CAN-L", "SDA", "SCL", "HOT", "COLD", "DATA", "IO", "SPK+", "SPK-", "D+", "D-", "OUT1",
            "SW1", "NO", "COM", "LEFT", "RIGHT", "DQ", "ENABLE", "SENSE+", "ID", "DATA2+");
    /** What may be printed beside a supply contact. */
    private static final List<String> PRINTED = List.of("", "", "", "battery +", "CAMERA", "HEATER", "24VAC",
            "PE",
            "12 V fused", "L", "N");
    private static final List<NamedPinout> PINOUTS = NamedPinout.standard();
    private static final List<ConnectorType> CONNECTORS = Catalogue.standard().all().stream()
            .filter(t -> t.ids().size() <= 16).toList();
    private static final List<CableStock> CABLES = Cables.all();

    private static <T> T any(List<T> list, SplittableRandom random) {
        return list.get(random.nextInt(list.size()));
    }

    /** What is found, with places as a set, so that the order in which they are named does not count. */
    private static Map<String, Long> found(Job job) {
        return found(job, Map.of());
    }

    private static Map<String, Long> found(Job job, Map<String, String> names) {
        return Rules.check(job).stream()
                .map(f -> f.rule() + " " + f.severity() + " " + f.terminals().stream()
                        .map(t -> names.getOrDefault(t.end(), t.end()) + "." + t.contact())
                        .collect(Collectors.toCollection(TreeSet::new)))
                .collect(Collectors.groupingBy(s -> s, TreeMap::new, Collectors.counting()));
    }

    private static Job job(SplittableRandom random) {
        List<End> ends = new ArrayList<>();
        for (String name : random.nextInt(4) == 0 ? List.of("A", "B", "C") : List.of("A", "B")) {
            ends.add(random.nextInt(3) == 0 ? named(name, random) : made(name, random));
        }
        List<List<String>> contacts = ends.stream().map(e -> new ArrayList<>(
                Catalogue.standard().of(e).map(ConnectorType::ids)
                        .orElseGet(() -> e.pinout().stream().map(PinRow::contact).toList())))
                .map(l -> (List<String>) l).toList();
        CableStock cable = any(CABLES, random);
        List<Link> links = new ArrayList<>();
        for (int k = random.nextInt(9) + 1; k > 0; k--) {
            int from = random.nextInt(ends.size());
            int to = random.nextInt(5) == 0 ? from : random.nextInt(ends.size());
            Terminal one = new Terminal(ends.get(from).name(), any(contacts.get(from), random));
            Terminal two = new Terminal(ends.get(to).name(), any(contacts.get(to), random));
            if (!one.equals(two)) {
                links.add(link(Link.of(one, two), cable, random));
            }
        }
        Job job = Job.of("random", ends, links, List.of());
        return random.nextInt(3) == 0
                ? job
                : job.withCable(CableUse.of(cable.id(), 100 * Math.pow(1000, random.nextDouble())));
    }

    private static Link link(Link link, CableStock cable, SplittableRandom random) {
        Link made = random.nextBoolean()
                ? link.withConductor(Optional.of(any(cable.conductors(), random)))
                : random.nextInt(6) == 0 ? link.withConductor(Optional.of("screen")) : link;
        return switch (random.nextInt(8)) {
            case 0 ->
                made.withPart(Part.resistor(any(List.of(1.0, 120.0, 1000.0, 10_000.0, 56_000.0), random)));
            case 1 ->
                made.withPart(Part.of(any(List.of(PartKind.values()), random)).kind() == PartKind.RESISTOR
                        ? Part.resistor(470)
                        : Part.of(
                                any(List.of(PartKind.JUMPER, PartKind.DIODE, PartKind.CAPACITOR, PartKind.CUT,
                                        PartKind.FUSE), random)));
            case 2 -> made.withPart(Part.fuse(1 + random.nextInt(30)));
            default -> made;
        };
    }

    private static End named(String name, SplittableRandom random) {
        NamedPinout pinout = any(PINOUTS, random);
        String connector = Catalogue.standard().family(pinout.family()).map(ConnectorType::id)
                .orElse(End.LEADS);
        return End.of(name, "Device " + name, connector, pinout.rows()).withRole(pinout.role());
    }

    private static End made(String name, SplittableRandom random) {
        ConnectorType type = any(CONNECTORS, random);
        List<PinRow> rows = new ArrayList<>();
        for (String contact : type.ids()) {
            switch (random.nextInt(6)) {
                case 0 -> rows.add(PinRow.of(contact, "GND", Direction.GROUND, ""));
                case 1 -> rows.add(PinRow.of(contact, "V+", random.nextBoolean()
                        ? Direction.SUPPLY_OUT
                        : Direction.SUPPLY_IN, "supply")
                        .withSupply(any(List.of(3.3, 5.0, 12.0, -12.0, 48.0), random),
                                random.nextInt(6))
                        .withName(any(PRINTED, random)));
                case 2, 3 -> rows.add(PinRow.of(contact, any(SIGNALS, random),
                        any(List.of(Direction.IN, Direction.OUT, Direction.BOTH), random),
                        random.nextInt(5) == 0
                                ? "moonlight"
                                : random.nextInt(4) == 0 ? "" : any(List.of(Level.values()), random).id()));
                case 4 -> rows.add(PinRow.of(contact, "SHIELD", Direction.SHIELD, ""));
                default -> {
                }
            }
        }
        return End.of(name, "Device " + name, type.id(), rows);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void itDoesNotMatterInWhichOrderAJobIsWritten(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        for (int round = 0; round < ROUNDS; round++) {
            Job job = job(random);
            assertThat(found(Reordered.of(job, random))).as("seed %s, round %s", seed, round)
                    .isEqualTo(found(job));
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {5, 6})
    void itDoesNotMatterWhatTheEndsAreCalled(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Map<String, String> names = Map.of("Q", "A", "P", "B", "M", "C");
        for (int round = 0; round < ROUNDS; round++) {
            Job job = job(random);
            Job called = renamed(job, Map.of("A", "Q", "B", "P", "C", "M"));
            assertThat(found(called, names)).as("seed %s, round %s", seed, round).isEqualTo(found(job));
        }
    }

    private static Job renamed(Job job, Map<String, String> to) {
        List<End> ends = job.ends().stream()
                .map(e -> new End(to.get(e.name()), e.device(), e.role(), e.connector(),
                        e.port(), e.pinout(), e.portReadings(), e.termination(), e.dangerous(), e.panel(),
                        e.resin(), e.extra()))
                .toList();
        List<Link> links = job.links().stream()
                .map(l -> new Link(renamed(l.from(), to), l.to().map(t -> renamed(t, to)),
                        l.conductor(), l.part(), l.why(), l.extra()))
                .toList();
        return job.withEnds(ends).withLinks(links);
    }

    private static Terminal renamed(Terminal terminal, Map<String, String> to) {
        return new Terminal(to.get(terminal.end()), terminal.contact());
    }

    /** Two more devices on a pair of their own change nothing that was said of the others. */
    @ParameterizedTest
    @ValueSource(longs = {7, 8})
    void anUnrelatedPairOfDevicesChangesNothing(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        for (int round = 0; round < ROUNDS; round++) {
            Job job = job(random).withCable(CableUse.NONE);
            List<End> ends = new ArrayList<>(job.ends());
            ends.add(End.of("X", "Device X", "terminal-2",
                    List.of(PinRow.of("1", "DATA", Direction.OUT, "cmos-5v"),
                            PinRow.of("2", "GND", Direction.GROUND, ""))));
            ends.add(End.of("Y", "Device Y", "terminal-2",
                    List.of(PinRow.of("1", "DATA", Direction.IN, "cmos-5v"),
                            PinRow.of("2", "GND", Direction.GROUND, ""))));
            List<Link> links = new ArrayList<>(job.links());
            links.addAll(List.of(Link.of("X.1", "Y.1"), Link.of("X.2", "Y.2")));
            Map<String, Long> before = found(job);
            if (!job.links().isEmpty()) {
                assertThat(found(job.withEnds(ends).withLinks(links))).as("seed %s, round %s", seed, round)
                        .isEqualTo(before);
            }
        }
    }

    /** A contact that nothing is joined to, named as unused, takes no finding away. */
    @ParameterizedTest
    @ValueSource(longs = {9, 10})
    void anUnusedRowTakesNoFindingAway(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        for (int round = 0; round < ROUNDS; round++) {
            Job job = job(random);
            End end = any(job.ends(), random);
            List<String> free = Catalogue.standard().of(end).map(ConnectorType::pinIds).orElse(List.of())
                    .stream()
                    .filter(c -> end.row(c).isEmpty())
                    .filter(c -> !job.mentioned().contains(end.terminal(c))).toList();
            if (free.isEmpty()) {
                continue;
            }
            Job more = job.withEnd(end.withRow(PinRow.of(any(free, random), "NC", Direction.UNUSED, "")));
            assertThat(found(more).keySet()).as("seed %s, round %s", seed, round)
                    .containsAll(found(job).keySet());
        }
    }

    /** Twenty lines between two connectors of fifty: every rule ends, whatever is joined to what. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13})
    void largeJobsAreJudgedToo(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<Link> links = IntStream.rangeClosed(1, 50)
                .mapToObj(n -> Link.of("A." + n, "B." + (1 + random.nextInt(50))))
                .toList();
        List<PinRow> rows = IntStream.rangeClosed(1, 50)
                .mapToObj(n -> PinRow.of(String.valueOf(n), any(SIGNALS, random),
                        any(List.of(Direction.IN, Direction.OUT, Direction.BOTH), random), "rs485"))
                .toList();
        Job job = Job.of("large",
                List.of(End.of("A", "A", "dsub-50-plug", rows), End.of("B", "B", "dsub-50-plug", rows)),
                links, List.of());
        assertThat(Rules.check(job)).isNotEmpty();
        assertThat(found(Reordered.of(job, random))).isEqualTo(found(job));
    }
}
