package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.derived.Derived;
import wegweiser.core.electrical.Copper;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.Splice;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Volts;

/**
 * The way of a supply along the cable, from its source to one device that takes it, and back.
 *
 * @param amps what the device takes
 * @param there ohms of a metre of the conductors that lead to it, together
 * @param back ohms of a metre of those that lead back
 * @param lostAtRest volts that components in line take while no current flows, as a diode does
 * @param lostInParts volts that they take under load
 * @param metres how far it is along the cable; 0 where nobody said
 * @param lostBeforeSplices volts that the wires which several loads share take beyond what {@code there} and {@code back} tell
 * @param wires the conductors, each with its gauge and the current in it
 */
public record SupplyRun(Pin source, Pin sink, double amps, double there, double back, double lostAtRest,
        double lostInParts, double metres, double lostBeforeSplices, List<Wire> wires) {
    /** Ohms of each of the four contacts that a supply passes, there and back; 10 to 20 milliohm are usual. */
    public static final double CONTACT_OHMS = 0.015;

    public SupplyRun {
        wires = List.copyOf(wires);
    }

    /** A conductor, what flows in it, in A, and the ends it runs between. */
    public record Wire(String conductor, int awg, double amps, Set<String> ends) {}

    /** The supplies of a plan whose source says its volts; none without a cable. O(nets x links). */
    public static List<SupplyRun> of(Derived derived) {
        return derived.cable().map(cable -> derived.once(SupplyRun.class, () -> all(derived, cable)))
                .orElse(List.of());
    }

    private static List<SupplyRun> all(Derived derived, CableStock cable) {
        List<SupplyRun> found = new ArrayList<>();
        for (Feed feed : Feed.of(derived)) {
            for (String end : feed.sinkEnds()) {
                feed.weakest().filter(s -> !s.isAt(end))
                        .ifPresent(source -> found.add(run(derived, cable, feed, source, end)));
            }
        }
        return found;
    }

    private static SupplyRun run(Derived derived, CableStock cable, Feed feed, Pin source, String end) {
        Runs there = Runs.to(derived, cable, feed.pins(), end);
        List<Pin> grounds = Grounds.shared(derived, end);
        Runs back = grounds.isEmpty() ? there : Runs.to(derived, cable, grounds, end);
        Pin sink = feed.sinks().stream().filter(p -> p.isAt(end)).findFirst().orElseThrow();
        double amps = feed.load(end);
        List<Wire> wires = new ArrayList<>();
        for (Runs runs : grounds.isEmpty() ? List.of(there) : List.of(there, back)) {
            for (Link link : runs.links()) {
                wires.add(new Wire(link.conductor().orElse(""), runs.awg(link), amps * runs.share(link),
                        Set.of(link.from().end(), link.to().orElseThrow().end())));
            }
        }
        String from = source.terminal().end();
        List<Pin> returning = grounds.isEmpty() ? feed.pins() : grounds;
        return new SupplyRun(source, sink, amps, there.ohmsPerMetre(), back.ohmsPerMetre(),
                feed.lost(source, sink, 0).orElse(0), feed.lost(source, sink, amps).orElse(0),
                Assembly.of(derived).lengthMm(from, end).orElse(0) / 1000,
                beforeSplices(derived, cable, feed.pins(), from, end, feed.load(), amps)
                        + beforeSplices(derived, cable, returning, from, end, feed.load(), amps),
                wires);
    }

    /** Up to a splice there is the wire of its own gauge, and the current of all that hang on it. */
    private static double beforeSplices(Derived derived, CableStock cable, List<Pin> net, String from,
            String to,
            double all, double amps) {
        Loom loom = derived.job().cable().loom();
        double volts = 0;
        for (Splice splice : loom.splices()) {
            Optional<String> trunk = wire(derived, splice, net, from);
            Optional<String> branch = wire(derived, splice, net, to);
            if (trunk.isPresent() && branch.isPresent()) {
                double metres = loom.lengthMm(from, splice.at()).orElse(0) / 1000;
                volts += metres * (all * ohmsPerMetre(cable, trunk.get())
                        - amps * ohmsPerMetre(cable, branch.get()));
            }
        }
        return volts;
    }

    private static Optional<String> wire(Derived derived, Splice splice, List<Pin> net, String end) {
        return splice.wires().stream().filter(t -> t.to().end().equals(end) && net.stream()
                .anyMatch(p -> derived.nets().joined(p.terminal(), t.to()))).map(Splice.Tail::wire)
                .findFirst();
    }

    private static double ohmsPerMetre(CableStock cable, String wire) {
        return Copper.ohmsPerMetre(cable.awgOf(wire), cable.stranded());
    }

    /** Volts that are lost over its own way. */
    public double lost() {
        return lost(metres);
    }

    /** Volts that are lost over so many metres of cable, its contacts and what lies in line. */
    public double lost(double metres) {
        return amps * (metres * (there + back) + 4 * CONTACT_OHMS) + lostInParts + lostBeforeSplices;
    }

    /** Volts that may be lost before the device has less than it needs; empty where it does not say what that is. */
    public OptionalDouble allowed() {
        return sink.volts().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(given().smallest() - sink.volts().orElseThrow().needs());
    }

    public Volts given() {
        return source.volts().orElseThrow();
    }
}
