package wegweiser.core.electrical;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import wegweiser.core.electrical.PartNetwork.Diode;
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
 * What a cable built as planned shows at any touch, of one contact or many, in any mode and either way round: copper, the
 * resistance of the planned resistors, the volts of planned diodes and what lies beside them, or nothing. Each is a window:
 * a {@link PartNetwork} of the least values that its parts may have at the weakest meter, and one of the greatest at the
 * strongest. O(nets³) a touch where parts are planned.
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
    public static final double LEAST_AMPS = 2e-4;
    public static final double MOST_AMPS = 2e-3;
    /** What most of them send. */
    public static final double USUAL_AMPS = 1e-3;
    /** A single junction shows so much; a light or two junctions in a row show more, or over range. */
    public static final Window JUNCTION = new Window(0.15, 0.8);
    /** Some meters show over range from the first in diode mode, and none shows more than the second. */
    private static final double RANGE_VOLTS = 1.5;
    private static final double MOST_VOLTS = 3.5;
    /** What most meters light up; beyond it over range may be all that a good light shows. */
    private static final double LIGHT_VOLTS = 2.5;
    /** Meters drive a diode with currents so different that its volts differ by as much, as a share. */
    private static final double FORWARD = 0.3;
    private static final double VOLTS = 0.02;
    private static final double HIDES_DIODE_OHMS = 1500;
    private static final double JUNCTION_LEAST_OHMS = 50_000;
    private static final double LITTLE_AMPS = 1e-6;
    private static final double UNKNOWN_LEAST_OHMS = 3;
    private static final double UNKNOWN_MOST_OHMS = 1e9;

    private final Nets nets;
    private final PartNetwork low;
    private final PartNetwork high;
    private final PartNetwork usual;
    private final List<Branch> least = new ArrayList<>();
    private final Map<Long, List<Link>> between = new HashMap<>();
    private final Partition groups;
    private final boolean hasDiodes;

    /** What a job's cable shows once it is built as planned. */
    public static Foreseen of(Job job) {
        return new Foreseen(Nets.planned(job), job.links());
    }

    /** What nets show that are joined by copper as said and by those of the links that are parts. */
    public Foreseen(Nets nets, List<Link> links) {
        this.nets = nets;
        DisjointSets sets = new DisjointSets(nets.partition().size());
        List<Branch> most = new ArrayList<>();
        List<Branch> plain = new ArrayList<>();
        List<Diode> weak = new ArrayList<>();
        List<Diode> strong = new ArrayList<>();
        List<Diode> named = new ArrayList<>();
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
            Part part = link.part().orElseThrow();
            if (link.is(PartKind.DIODE)) {
                Window forward = forward(part);
                weak.add(new Diode(from, to, forward.from()));
                strong.add(new Diode(from, to, forward.to()));
                named.add(new Diode(from, to, part.volts().orElse(NodeVolts.DIODE_VOLTS)));
            } else if (link.is(PartKind.RESISTOR)) {
                OptionalDouble ohms = part.ohms();
                least.add(new Branch(from, to, ohms.orElse(UNKNOWN_LEAST_OHMS) * (1 - TOLERANCE)));
                most.add(new Branch(from, to, ohms.orElse(UNKNOWN_MOST_OHMS) * (1 + TOLERANCE)));
                ohms.ifPresent(value -> plain.add(new Branch(from, to, value)));
            }
        }
        this.low = new PartNetwork(least, weak);
        this.high = new PartNetwork(most, strong);
        this.usual = new PartNetwork(plain, named);
        this.groups = sets.partition();
        this.hasDiodes = !weak.isEmpty();
    }

    /** What a diode shows by itself: as its part says, else as a plain junction. */
    private static Window forward(Part part) {
        return part.volts().isPresent()
                ? new Window(part.volts().getAsDouble() * (1 - FORWARD),
                        part.volts().getAsDouble() * (1 + FORWARD))
                : JUNCTION;
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
        return isNear(nets.index().of(a), nets.index().of(b));
    }

    /** The same for terminals by their numbers. */
    public boolean isNear(int a, int b) {
        return groups.isJoined(nets.partition().root(a), nets.partition().root(b));
    }

    /** Whether a buzzer may sound between the net of a terminal and another one. */
    public boolean beepsElsewhere(Terminal terminal) {
        int here = label(terminal);
        return least.stream().flatMap(b -> Stream.of(b.from(), b.to())).distinct()
                .anyMatch(other -> other != here
                        && low.ohms(Set.of(here), Set.of(other)) - METER_OHMS <= BUZZER_MOST_OHMS);
    }

    /** The nets on both sides of a touch, by label. */
    private record Sides(Set<Integer> red, Set<Integer> black) {
        boolean isJoined() {
            for (Integer label : red) {
                if (black.contains(label)) {
                    return true;
                }
            }
            return false;
        }
    }

    private Sides sides(Touch touch) {
        return new Sides(labels(touch.red()), labels(touch.black()));
    }

    private Set<Integer> labels(List<Terminal> terminals) {
        if (terminals.size() == 1) {
            return Set.of(label(terminals.getFirst()));
        }
        Set<Integer> found = HashSet.newHashSet(terminals.size());
        for (Terminal terminal : terminals) {
            found.add(label(terminal));
        }
        return found;
    }

    /** What a good cable shows in ohms at a touch without copper; not given where it shows over range. */
    public Window window(Touch touch) {
        return between.isEmpty() ? Window.NONE : window(sides(touch));
    }

    private Window window(Sides sides) {
        double from = between.isEmpty() ? Double.POSITIVE_INFINITY : low.ohms(sides.red(), sides.black());
        return Double.isInfinite(from)
                ? Window.NONE
                : new Window(Math.max(0, from - METER_OHMS),
                        high.ohms(sides.red(), sides.black()) + METER_OHMS);
    }

    /** The planned value at a touch in ohms, infinite where nothing conducts. */
    public double ohms(Touch touch) {
        return usual.ohms(labels(touch.red()), labels(touch.black()));
    }

    /**
     * What a good cable shows in diode mode at a touch without copper, red at the first; not given where it is over range at
     * any meter, and without an upper bound where it may be.
     */
    public Window volts(Touch touch) {
        return volts(sides(touch));
    }

    private Window volts(Sides sides) {
        double from = between.isEmpty()
                ? Double.POSITIVE_INFINITY
                : low.volts(sides.red(), sides.black(), LEAST_AMPS);
        if (from > MOST_VOLTS) {
            return Window.NONE;
        }
        double to = high.volts(sides.red(), sides.black(), MOST_AMPS);
        boolean open = to > MOST_VOLTS || usual.volts(sides.red(), sides.black(), MOST_AMPS) > LIGHT_VOLTS;
        return new Window(from, open ? Double.POSITIVE_INFINITY : to);
    }

    /** Whether a reading is what a cable built as planned may show. */
    public boolean fits(Reading reading) {
        if (reading.mode() == Mode.REACTION) {
            return true;
        }
        Sides sides = sides(reading.touch());
        boolean copper = sides.isJoined();
        if (reading.mode() == Mode.DIODE && !copper) {
            return fitsInDiodeMode(reading.outcome(), volts(sides));
        }
        Window window = copper ? new Window(0, COPPER_OHMS) : window(sides);
        return switch (reading.outcome()) {
            case Outcome.Beep() -> copper || window.isGiven() && window.from() <= BUZZER_MOST_OHMS;
            case Outcome.Silent() -> !copper && (!window.isGiven() || window.to() > BUZZER_LEAST_OHMS);
            case Outcome.Resistance(double ohms) ->
                copper ? ohms <= COPPER_OHMS : window.contains(ohms) || isThroughDiode(sides, window, ohms);
            case Outcome.Open() -> !copper && (!window.isGiven() || window.to() > RANGE_OHMS);
            case Outcome.Voltage(double volts) -> copper && Math.abs(volts) < 0.1;
            case Outcome.Reacts(), Outcome.Nothing() -> true;
        };
    }

    /** Some meters drive a junction in their high ranges, and show some hundred kilohms there. */
    private boolean isThroughDiode(Sides sides, Window window, double ohms) {
        return hasDiodes && ohms >= JUNCTION_LEAST_OHMS && !(window.isGiven() && ohms > window.to())
                && low.volts(sides.red(), sides.black(), LITTLE_AMPS) < JUNCTION.to();
    }

    private static boolean fitsInDiodeMode(Outcome outcome, Window window) {
        return switch (outcome) {
            case Outcome.Open() -> !window.isGiven() || window.to() > RANGE_VOLTS;
            case Outcome.Voltage(double volts) ->
                window.isGiven() && volts >= window.from() - VOLTS && volts <= window.to() + VOLTS;
            default -> true;
        };
    }

    /** Whether planned resistors beside a diode take its voltage away, so that it does not show whether it is there. */
    public boolean hidesDiode(Touch touch) {
        return ohms(touch) < HIDES_DIODE_OHMS;
    }

    /** Whether some red terminal is to be joined to a black one. */
    public boolean isJoined(Touch touch) {
        return sides(touch).isJoined();
    }
}
