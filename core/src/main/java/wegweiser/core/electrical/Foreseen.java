package wegweiser.core.electrical;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import wegweiser.core.electrical.ResistorNetwork.Branch;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.wiring.DisjointSets;
import wegweiser.core.wiring.Nets;
import wegweiser.core.wiring.Partition;

/**
 * What a cable built as planned shows at any touch, of one contact or many, in any mode: copper, the resistance of the
 * network of planned resistors between the gangs, the voltage of planned diodes, or nothing. O(nets³) a touch where
 * resistors are planned.
 */
public final class Foreseen {
    /**
     * Share by which a part may miss its value: a usual film resistor is good to five in a hundred. What is allowed here a
     * leak beside the part may use to hide.
     */
    static final double TOLERANCE = 0.05;
    private static final double METER_OHMS = 1;
    /** The most that a joint and the leads show together. */
    public static final double COPPER_OHMS = 2.5;
    /** No buzzer sounds above, and every buzzer sounds below. */
    private static final double BUZZER_MOST_OHMS = 70;
    private static final double BUZZER_LEAST_OHMS = 5;
    /** From here on a meter may show over range for a planned resistor. */
    private static final double RANGE_OHMS = 1e6;
    /** Test currents of diode modes lie between these. */
    private static final double LEAST_AMPS = 2e-4;
    private static final double MOST_AMPS = 2e-3;
    private static final double LEAST_VOLTS = 0.15;
    /** A single junction shows at most this; a light or two junctions in a row show more, or over range. */
    public static final Window JUNCTION = new Window(LEAST_VOLTS, 0.8);
    private static final double MOST_VOLTS = 3.5;
    /** Meters drive a diode with currents so different that its volts differ by as much, as a share. */
    private static final double FORWARD = 0.3;
    private static final double HIDES_DIODE_OHMS = 1500;
    private static final double UNKNOWN_LEAST_OHMS = 3;
    private static final double UNKNOWN_MOST_OHMS = 1e9;

    private final Nets nets;
    private final List<Branch> low = new ArrayList<>();
    private final List<Branch> high = new ArrayList<>();
    private final List<Branch> usual = new ArrayList<>();
    private final List<int[]> diodes = new ArrayList<>();
    private final Map<Long, List<Link>> between = new HashMap<>();
    private final Partition groups;

    /** What a job's cable shows once it is built as planned. */
    public static Foreseen of(Job job) {
        return new Foreseen(Nets.planned(job), job.links());
    }

    /** What nets show that are joined by copper as said and by those of the links that are parts. */
    public Foreseen(Nets nets, List<Link> links) {
        this.nets = nets;
        DisjointSets sets = new DisjointSets(nets.partition().size());
        for (Link link : links) {
            if (!isPart(link)) {
                continue;
            }
            int from = label(link.from());
            int to = label(link.to().orElseThrow());
            sets.union(from, to);
            if (from == to) {
                continue;
            }
            between.computeIfAbsent(key(from, to), _ -> new ArrayList<>()).add(link);
            if (link.is(PartKind.DIODE)) {
                diodes.add(new int[]{from, to});
            } else if (link.is(PartKind.RESISTOR)) {
                OptionalDouble ohms = link.part().orElseThrow().ohms();
                low.add(new Branch(from, to, ohms.isPresent() ? ohms.getAsDouble() : UNKNOWN_LEAST_OHMS));
                high.add(new Branch(from, to, ohms.isPresent() ? ohms.getAsDouble() : UNKNOWN_MOST_OHMS));
                ohms.ifPresent(value -> usual.add(new Branch(from, to, value)));
            }
        }
        this.groups = sets.partition();
    }

    /** Whether a link is a part that hangs between two terminals and is no wire. */
    public static boolean isPart(Link link) {
        return link.to().isPresent() && link.part().map(Part::kind).filter(k -> k == PartKind.RESISTOR
                || k == PartKind.DIODE || k == PartKind.CAPACITOR).isPresent();
    }

    public Nets nets() {
        return nets;
    }

    int label(Terminal terminal) {
        return nets.partition().root(nets.index().of(terminal));
    }

    private static long key(int a, int b) {
        return (long) Math.min(a, b) << 32 | Math.max(a, b);
    }

    /** The planned parts between the nets of two terminals, whichever way round. */
    public List<Link> parts(Terminal a, Terminal b) {
        return between.getOrDefault(key(label(a), label(b)), List.of());
    }

    /** Whether a way of planned parts leads from one net to the other. */
    public boolean isNear(Terminal a, Terminal b) {
        return groups.isJoined(label(a), label(b));
    }

    /** Whether a buzzer may sound between the net of a terminal and another one. */
    public boolean beepsElsewhere(Terminal terminal) {
        int here = label(terminal);
        return low.stream().flatMap(b -> Stream.of(b.from(), b.to())).distinct()
                .anyMatch(
                        other -> other != here && ResistorNetwork.between(low, here, other) * (1 - TOLERANCE)
                                - METER_OHMS <= BUZZER_MOST_OHMS);
    }

    /** What a good cable shows in ohms at a touch without copper; not given where it shows over range. */
    public Window window(Touch touch) {
        double least = through(low, touch);
        if (Double.isInfinite(least)) {
            return Window.NONE;
        }
        return new Window(least * (1 - TOLERANCE) - METER_OHMS,
                through(high, touch) * (1 + TOLERANCE) + METER_OHMS);
    }

    /** The planned value at a touch in ohms, infinite where nothing conducts. */
    public double ohms(Touch touch) {
        return through(usual, touch);
    }

    private double through(List<Branch> network, Touch touch) {
        return network.isEmpty()
                ? Double.POSITIVE_INFINITY
                : ResistorNetwork.between(network, labels(touch.red()), labels(touch.black()));
    }

    private Set<Integer> labels(List<Terminal> terminals) {
        Set<Integer> found = new HashSet<>();
        terminals.forEach(t -> found.add(label(t)));
        return found;
    }

    /** Whether a reading is what a cable built as planned may show. */
    public boolean fits(Reading reading) {
        if (reading.mode() == Mode.REACTION) {
            return true;
        }
        Touch touch = reading.touch();
        boolean copper = isJoined(touch);
        Window window = copper ? new Window(0, COPPER_OHMS) : window(touch);
        return switch (reading.outcome()) {
            case Outcome.Beep() -> copper || window.isGiven() && window.from() <= BUZZER_MOST_OHMS;
            case Outcome.Silent() -> !copper && (!window.isGiven() || window.to() > BUZZER_LEAST_OHMS);
            case Outcome.Resistance(double ohms) -> copper ? ohms <= COPPER_OHMS : window.contains(ohms);
            case Outcome.Open() -> !copper && (reading.mode() == Mode.DIODE
                    ? isOpenInDiodeMode(touch, window)
                    : !window.isGiven() || window.to() > RANGE_OHMS);
            case Outcome.Voltage(double volts) ->
                copper ? Math.abs(volts) < 0.1 : fits(volts, touch, window);
            case Outcome.Reacts(), Outcome.Nothing() -> true;
        };
    }

    /** What a planned diode shows from its anode: its own voltage, or less where planned resistors lie beside it. */
    public Window junction(Touch touch) {
        Window window = window(touch);
        Window alone = forward(touch);
        return window.isGiven()
                ? new Window(Math.min(alone.from(), window.from() * LEAST_AMPS), alone.to())
                : alone;
    }

    /** What the planned diodes of a touch show by themselves: as their part says, else as a plain junction. */
    private Window forward(Touch touch) {
        return touch.red().stream().flatMap(r -> touch.black().stream()
                .flatMap(b -> parts(r, b).stream()
                        .filter(l -> l.is(PartKind.DIODE) && label(l.from()) == label(r))))
                .map(l -> l.part().orElseThrow().volts()).filter(OptionalDouble::isPresent)
                .mapToDouble(OptionalDouble::getAsDouble).min().stream()
                .mapToObj(v -> new Window(v * (1 - FORWARD), v * (1 + FORWARD))).findFirst().orElse(JUNCTION);
    }

    /** Whether planned resistors beside a diode take its voltage away, so that it does not show whether it is there. */
    public boolean hidesDiode(Touch touch) {
        return ohms(touch) < HIDES_DIODE_OHMS;
    }

    /** Whether some red terminal is to be joined to a black one. */
    public boolean isJoined(Touch touch) {
        Set<Integer> red = labels(touch.red());
        return labels(touch.black()).stream().anyMatch(red::contains);
    }

    private boolean isOpenInDiodeMode(Touch touch, Window window) {
        boolean byResistor = window.isGiven() && window.to() * MOST_AMPS < 1.5;
        return !byResistor && !hasDiode(touch);
    }

    /** Whether a planned diode lies right between red, its anode, and black. */
    private boolean hasDiode(Touch touch) {
        Set<Integer> red = labels(touch.red());
        Set<Integer> black = labels(touch.black());
        return diodes.stream().anyMatch(d -> red.contains(d[0]) && black.contains(d[1]));
    }

    private boolean fits(double volts, Touch touch, Window window) {
        int count = diodesOnTheWay(touch);
        boolean byResistor = window.isGiven() && volts >= window.from() * LEAST_AMPS
                && volts <= window.to() * MOST_AMPS + 0.1;
        return byResistor && (count == 0 || volts <= JUNCTION.to() * count)
                || hasDiode(touch) && junction(touch).contains(volts)
                || count > 0 && !hasDiode(touch) && volts >= LEAST_VOLTS && volts <= MOST_VOLTS;
    }

    /** The fewest planned diodes on a way that conducts from red to black, resistors passed; 0 where there is none. */
    private int diodesOnTheWay(Touch touch) {
        Map<Integer, Integer> reached = new HashMap<>();
        labels(touch.red()).forEach(l -> reached.put(l, 0));
        boolean changed = !diodes.isEmpty();
        while (changed) {
            changed = false;
            for (Branch b : low) {
                changed |= reach(reached, b.from(), b.to(), 0);
                changed |= reach(reached, b.to(), b.from(), 0);
            }
            for (int[] d : diodes) {
                changed |= reach(reached, d[0], d[1], 1);
            }
        }
        return labels(touch.black()).stream().mapToInt(l -> reached.getOrDefault(l, Integer.MAX_VALUE)).min()
                .stream().filter(n -> n < Integer.MAX_VALUE).findFirst().orElse(0);
    }

    private static boolean reach(Map<Integer, Integer> reached, int from, int to, int diodes) {
        Integer here = reached.get(from);
        if (here == null || reached.getOrDefault(to, Integer.MAX_VALUE) <= here + diodes) {
            return false;
        }
        reached.put(to, here + diodes);
        return true;
    }
}
