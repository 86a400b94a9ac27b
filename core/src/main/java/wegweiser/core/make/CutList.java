package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Collectors;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Laid;
import wegweiser.core.model.Leg;
import wegweiser.core.words.Words;

/**
 * How long to cut the cable, item by item, in mm.
 *
 * @param wires of a loom of single wires each wire with its own length; empty where one cable is cut
 */
public record CutList(List<Item> items, List<Wire> wires) {
    /** Share of the run that is left slack at each end, so that a stiff cable does not pull at its plug. */
    private static final double SLACK = 0.05;
    /** The bow that a cable makes before its plug, in its own diameters. */
    private static final double SOFT_BOW = 5;
    private static final double STIFF_BOW = 10;
    /** Kept for cutting off a bad end and terminating it again, where nobody gets at the cable later. */
    static final double RETERMINATION_MM = 75;
    /** The same at a lead, of which a little less is no matter. */
    private static final double LEAD_RESERVE_MM = 30;

    /** What a splice takes of each wire: its overlap, and room to cut it open once. */
    private static final double SPLICE_MM = 30;

    /** Sheath off at an end that goes into no connector, in mm. */
    static final double LOOSE_MM = 40;

    /** One part of the length. */
    public record Item(String words, double mm) {}

    /**
     * A wire to be cut.
     *
     * @param way the places that it leads to
     */
    public record Wire(String wire, int awg, double mm, List<String> way) {}

    public CutList {
        items = List.copyOf(items);
        wires = List.copyOf(wires);
    }

    /** The cut list of a job; empty when the job has no length yet, or its cable is there already, with an end on it. */
    public static Optional<CutList> of(Job job) {
        Derived derived = Derived.of(job);
        if (job.cable().lengthMm().isEmpty() || Assembly.of(derived).isBegun()) {
            return Optional.empty();
        }
        CableStock cable = derived.cable().orElse(null);
        List<Wire> wires = wires(derived);
        if (!wires.isEmpty()) {
            Map<Integer, List<Wire>> byGauge = wires.stream()
                    .collect(Collectors.groupingBy(Wire::awg, TreeMap::new, Collectors.toList()));
            return Optional.of(new CutList(byGauge.entrySet().stream().map(e -> new Item(
                    Words.say("cut.gauge", e.getKey(),
                            Words.list(e.getValue().stream().map(Wire::wire).toList())),
                    e.getValue().stream().mapToDouble(Wire::mm).sum())).toList(), wires));
        }
        double run = job.cable().lengthMm().getAsDouble();
        List<Item> items = new ArrayList<>();
        Laid laid = job.cable().lies();
        items.add(new Item(Words.say(laid == Laid.BUILDING ? "cut.run" : "cut.finished"), run));
        if (laid == Laid.BUILDING) {
            items.add(new Item(Words.say("cut.slack"), round(2 * slack(run, cable))));
        }
        for (Leg leg : job.cable().way()) {
            leg.branch().ifPresent(end -> items.add(new Item(Words.say("cut.branch", end), leg.mm())));
        }
        long bends = job.cable().way().stream().filter(l -> l.at() == Leg.At.BEND).count();
        if (bends > 0 && cable != null) {
            items.add(new Item(Words.say("cut.bends", bends), round(bends * cable.diameterMm())));
        }
        for (End end : job.ends()) {
            Optional<ConnectorType> type = derived.connector(end.name());
            items.add(new Item(Words.say("cut.strip", end.name()), type.map(CutList::sheathMm).orElse(20.0)));
            type.filter(t -> t.termination() == Termination.RIBBON)
                    .flatMap(t -> TurnedOver.at(derived, end, t, cable).stream()
                            .map(over -> over.costMm(cable))
                            .max(Double::compare))
                    .ifPresent(mm -> items.add(new Item(Words.say("cut.turned", end.name()), mm)));
        }
        if (laid != Laid.INSIDE) {
            items.add(new Item(Words.say("cut.reserve"), job.ends().size() * reserveMm(laid)));
        }
        return Optional.of(new CutList(items, List.of()));
    }

    /** The wires of a bundle whose runs are all measured, each as long as its own way and what its ends take. */
    private static List<Wire> wires(Derived derived) {
        Assembly assembly = Assembly.of(derived);
        if (!assembly.isOfSingleWires() || assembly.runs().isEmpty()) {
            return List.of();
        }
        CableStock cable = derived.cable().orElseThrow();
        List<Wire> wires = new ArrayList<>();
        for (String wire : cable.conductors()) {
            OptionalDouble laid = assembly.lengthMm(wire);
            List<String> ends = assembly.endsOf(wire);
            if (laid.isEmpty() || ends.isEmpty()) {
                continue;
            }
            Laid lies = derived.job().cable().lies();
            double mm = laid.getAsDouble() * (lies == Laid.BUILDING ? 1 + 2 * SLACK : 1);
            for (String end : ends) {
                boolean splice = derived.job().end(end).isEmpty();
                mm += splice
                        ? SPLICE_MM
                        : reserveMm(lies) + derived.connector(end).map(CutList::sheathMm).orElse(20.0);
            }
            wires.add(new Wire(wire, cable.awgOf(wire), round(mm), ends));
        }
        return wires;
    }

    /** How much of it is needed in one piece: a bundle is as long as its longest wire. */
    public double pieceMm() {
        return wires.isEmpty() ? totalMm() : wires.stream().mapToDouble(Wire::mm).max().orElseThrow();
    }

    /** Slack at one end: a share of the run, and room for a bow that a stiff cable makes before its plug. */
    private static double slack(double run, CableStock cable) {
        double bow = cable == null || cable.flat()
                ? 0
                : cable.diameterMm() * (cable.stranded() ? SOFT_BOW : STIFF_BOW);
        return Math.max(SLACK * run, bow);
    }

    /** What is kept at one end to redo it once. */
    private static double reserveMm(Laid laid) {
        return switch (laid) {
            case LEAD -> LEAD_RESERVE_MM;
            case BUILDING -> RETERMINATION_MM;
            case INSIDE -> 0;
        };
    }

    private static double round(double mm) {
        return Math.ceil(mm / 5) * 5;
    }

    /** How long the sleeve of one joint is: over the cup or lug and as far again on the wire, in mm. */
    static int sleeveMm(ConnectorType type) {
        return switch (type.termination()) {
            case JACK_SOLDER -> 6;
            case SPLICE -> 16;
            default -> 10;
        };
    }

    /**
     * How much sheath comes off at a connector, in mm. Where wires wear sleeves it is at least the bare end and two sleeves,
     * so that a sleeve can be pushed back from the heat by its own length.
     */
    public static double sheathMm(ConnectorType type) {
        return switch (type.termination()) {
            case SOLDER_CUP -> 24;
            case CRIMP -> 25;
            case RIBBON -> 0;
            case CIRCULAR_DISPLACEMENT -> 18;
            case MODULAR -> 30;
            case PUNCH_DOWN -> 40;
            case JACK_SOLDER -> 16;
            case SCREW -> 30;
            case POTTED -> 45;
            case SPLICE -> 40;
            case BARE -> LOOSE_MM;
        };
    }

    public double totalMm() {
        return items.stream().mapToDouble(Item::mm).sum();
    }
}
