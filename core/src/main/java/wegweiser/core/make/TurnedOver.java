package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Link;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;

/**
 * Neighbouring wires of a ribbon that are turned over as one at an end.
 *
 * @param first and {@code last}: the outer wires
 * @param contact where the last of them comes to lie
 * @param contacts where they lie afterwards
 */
record TurnedOver(String first, String last, String contact, List<String> contacts) {
    TurnedOver {
        contacts = List.copyOf(contacts);
    }

    /** Split so far back in widths of the run, it lies flat; shorter ones cannot be turned by fingers, in mm. */
    private static final double WIDTHS = 2.5;
    private static final double SHORTEST_MM = 20;

    /** How far back the run is split, in mm, rounded up to 5. */
    int splitMm(CableStock cable) {
        return 5 * (int) Math.ceil(Math.max(SHORTEST_MM, WIDTHS * contacts.size() * pitchMm(cable)) / 5);
    }

    /**
     * By how much a wire of the run ends short of the wires beside the run, in mm. A strip that is turned over is half a turn
     * of a screw: over a length L a wire at a distance r from its middle runs along sqrt(L² + (pi r)²).
     *
     * @param k its place in the run, from 0
     */
    double shortMm(CableStock cable, int k) {
        double r = Math.abs(k - (contacts.size() - 1) / 2.0) * pitchMm(cable);
        double split = splitMm(cable);
        return Math.hypot(split, Math.PI * r) - split;
    }

    /** How much longer the cable is cut where the run is pressed flat, which takes up to its width, in mm. */
    double costMm(CableStock cable) {
        return Math.max(SHORTEST_MM, Math.ceil(contacts.size() * pitchMm(cable)));
    }

    private static double pitchMm(CableStock cable) {
        return cable.diameterMm() / cable.conductors().size();
    }

    /** A wire and the place in the connector that the plan gives it, both counted from the marked edge. */
    private record Lies(int wire, int place) {
        boolean isWithin(int first, int last) {
            return wire >= first && wire <= last || place >= first && place <= last;
        }
    }

    /**
     * The runs that the plan turns over at an end, from the marked edge. Of a run that is turned over, wire and place have
     * one sum; it is one when that holds of everything that the plan has there. O(wires squared).
     */
    static List<TurnedOver> at(Derived derived, End end, ConnectorType type, CableStock cable) {
        List<TurnedOver> found = new ArrayList<>();
        List<Lies> all = lies(derived, end, type, cable);
        for (int sum : all.stream().filter(l -> l.wire != l.place).map(l -> l.wire + l.place).distinct()
                .sorted()
                .toList()) {
            List<Lies> run = all.stream().filter(l -> l.wire != l.place && l.wire + l.place == sum).toList();
            int first = run.stream().mapToInt(l -> Math.min(l.wire, l.place)).min().orElseThrow();
            int last = sum - first;
            boolean whole = last < Math.min(type.ribbonOrder().size(), cable.conductors().size())
                    && all.stream().filter(l -> l.isWithin(first, last))
                            .allMatch(l -> l.wire + l.place == sum);
            if (whole) {
                found.add(new TurnedOver(cable.conductors().get(first), cable.conductors().get(last),
                        type.ribbonOrder().get(first), type.ribbonOrder().subList(first, last + 1)));
            }
        }
        return found;
    }

    /** Contacts whose wire lies at another place without being part of a turned run: these have to be sorted by hand. */
    static List<String> sortedByHand(Derived derived, End end, ConnectorType type, CableStock cable) {
        List<TurnedOver> runs = at(derived, end, type, cable);
        return lies(derived, end, type, cable).stream().filter(l -> l.wire != l.place)
                .map(l -> type.ribbonOrder().get(l.place))
                .filter(c -> runs.stream().noneMatch(r -> r.contacts().contains(c))).distinct().toList();
    }

    private static List<Lies> lies(Derived derived, End end, ConnectorType type, CableStock cable) {
        List<Lies> found = new ArrayList<>();
        if (cable == null || !cable.flat()) {
            return found;
        }
        for (Link link : Assembly.of(derived).links()) {
            int wire = link.conductor().map(cable.conductors()::indexOf).orElse(-1);
            Terminal here = link.from().end().equals(end.name())
                    ? link.from()
                    : link.to().orElse(link.from());
            int place = type.ribbonOrder().indexOf(here.contact());
            if (wire >= 0 && place >= 0 && here.end().equals(end.name()) && !link.isWithinOneEnd()
                    && !link.is(PartKind.CUT)) {
                found.add(new Lies(wire, place));
            }
        }
        return found;
    }
}
