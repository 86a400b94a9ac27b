package wegweiser.core.rules;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import wegweiser.core.model.Direction;
import wegweiser.core.model.PartKind;
import wegweiser.core.signals.Pin;
import wegweiser.core.wiring.DisjointSets;
import wegweiser.core.wiring.Partition;

/**
 * The ways that supply takes from net to net of a plan, through the diodes and resistors in its line. A part is in a supply
 * line where neither side has a signal or a ground.
 */
final class SupplyPaths {
    /** What a plain diode takes while it feeds something. */
    private static final double DIODE_VOLTS = 0.7;

    private final Circuit circuit;
    private final List<Circuit.Wired> inLine;

    SupplyPaths(Circuit circuit) {
        this.circuit = circuit;
        this.inLine = circuit.parts().stream().filter(p -> p.branch().isPresent())
                .filter(p -> carriesOnlySupply(p.from()) && carriesOnlySupply(p.to())).toList();
    }

    private boolean carriesOnlySupply(int node) {
        return circuit.pins(node).stream().noneMatch(p -> p.isSignal() || p.is(Direction.GROUND));
    }

    /** The contacts that copper and parts in a supply line join, group by group, in the order of their first nets. */
    List<List<Pin>> nets() {
        DisjointSets sets = new DisjointSets(circuit.size());
        inLine.forEach(p -> sets.union(p.from(), p.to()));
        Partition joined = sets.partition();
        Map<Integer, List<Pin>> found = new LinkedHashMap<>();
        for (int node = 0; node < circuit.size(); node++) {
            found.computeIfAbsent(joined.root(node), _ -> new ArrayList<>()).addAll(circuit.pins(node));
        }
        return List.copyOf(found.values());
    }

    /** The parts on the best way from a source to a sink, none where there is no way; O(nets x parts). */
    List<Circuit.Wired> partsBetween(Pin source, Pin sink, double amps) {
        Map<Integer, Circuit.Wired> last = new HashMap<>();
        double[] lost = search(source, amps, last);
        List<Circuit.Wired> found = new ArrayList<>();
        int at = circuit.node(sink.terminal());
        int start = circuit.node(source.terminal());
        while (at != start && !Double.isInfinite(lost[at]) && last.containsKey(at)) {
            Circuit.Wired part = last.get(at);
            found.add(part);
            at = part.from() == at ? part.to() : part.from();
        }
        return found;
    }

    /** The volts lost on the best way from a source to a sink; empty where there is none. O(nets x parts). */
    OptionalDouble lost(Pin source, Pin sink, double amps) {
        double found = search(source, amps, new HashMap<>())[circuit.node(sink.terminal())];
        return Double.isInfinite(found) ? OptionalDouble.empty() : OptionalDouble.of(found);
    }

    private double[] search(Pin source, double amps, Map<Integer, Circuit.Wired> last) {
        double[] lost = new double[circuit.size()];
        Arrays.fill(lost, Double.POSITIVE_INFINITY);
        lost[circuit.node(source.terminal())] = 0;
        boolean negative = source.volts().map(v -> v.least() + v.most() < 0)
                .orElse(source.signal().equals("V-"));
        for (boolean better = true; better;) {
            better = false;
            for (Circuit.Wired part : inLine) {
                boolean diode = part.is(PartKind.DIODE);
                double takes = diode
                        ? part.link().part().orElseThrow().volts().orElse(DIODE_VOLTS)
                        : amps * part.link().part().orElseThrow().ohms().getAsDouble();
                if (pass(lost, part.from(), part.to(), takes, !diode || !negative)) {
                    last.put(part.to(), part);
                    better = true;
                }
                if (pass(lost, part.to(), part.from(), takes, !diode || negative)) {
                    last.put(part.from(), part);
                    better = true;
                }
            }
        }
        return lost;
    }

    private static boolean pass(double[] lost, int from, int to, double takes, boolean open) {
        if (!open || lost[from] + takes >= lost[to] - 1e-9) {
            return false;
        }
        lost[to] = lost[from] + takes;
        return true;
    }
}
