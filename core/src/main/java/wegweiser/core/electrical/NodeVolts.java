package wegweiser.core.electrical;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * The volts at the nodes of a network of resistors and diodes, some nodes of which are held at known volts: nodal analysis,
 * solved by Gaussian elimination with pivoting; the state of each diode is guessed and corrected until it agrees with its
 * current. O(d n³) for n nodes and d diodes.
 */
public final class NodeVolts {
    /** Forward drop of a silicon diode at a few milliamps, in V, and the slope behind it, in ohm. */
    public static final double DIODE_VOLTS = 0.6;
    private static final double DIODE_OHMS = 1;
    private static final double LEAST_OHMS = 1e-3;

    /** A resistor, or a diode with its anode at {@code from}; {@code ohms} of a diode are not looked at. */
    public record Branch(int from, int to, double ohms, boolean diode) {
        double siemens() {
            return 1 / (diode ? DIODE_OHMS : Math.max(LEAST_OHMS, ohms));
        }

        double drop() {
            return diode ? DIODE_VOLTS : 0;
        }
    }

    private final int nodes;
    private final Map<Integer, Double> held;
    private final List<Branch> branches;
    private final boolean[] on;

    private NodeVolts(int nodes, Map<Integer, Double> held, List<Branch> branches) {
        this.nodes = nodes;
        this.held = held;
        this.branches = branches;
        this.on = new boolean[branches.size()];
        Arrays.fill(on, true);
    }

    /** Volts at each node; NaN at one that nothing holds, directly or through what conducts. */
    public static double[] of(int nodes, Map<Integer, Double> held, List<Branch> branches) {
        // a plan has far more nets than nets with parts between them: only these are solved
        int[] among = branches.stream().flatMapToInt(b -> IntStream.of(b.from(), b.to())).distinct()
                .toArray();
        int[] place = new int[nodes];
        Arrays.fill(place, -1);
        Map<Integer, Double> heldAmong = new HashMap<>();
        for (int k = 0; k < among.length; k++) {
            place[among[k]] = k;
            if (held.containsKey(among[k])) {
                heldAmong.put(k, held.get(among[k]));
            }
        }
        double[] solved = solved(among.length, heldAmong, branches.stream()
                .map(b -> new Branch(place[b.from()], place[b.to()], b.ohms(), b.diode())).toList());
        double[] volts = new double[nodes];
        for (int n = 0; n < nodes; n++) {
            volts[n] = place[n] >= 0 ? solved[place[n]] : held.getOrDefault(n, Double.NaN);
        }
        return volts;
    }

    private static double[] solved(int nodes, Map<Integer, Double> held, List<Branch> branches) {
        NodeVolts network = new NodeVolts(nodes, held, branches);
        double[] volts = network.solve();
        for (int round = 0; round < 2 * branches.size() + 4 && network.corrected(volts); round++) {
            volts = network.solve();
        }
        return network.withoutFloating(volts);
    }

    /** The current through a branch from {@code from} to {@code to} in A; zero where a diode blocks or a node floats. */
    public static double amps(Branch b, double[] volts) {
        double amps = (volts[b.from()] - volts[b.to()] - b.drop()) * b.siemens();
        return Double.isNaN(amps) || b.diode() && amps < 0 ? 0 : amps;
    }

    private boolean corrected(double[] volts) {
        boolean changed = false;
        for (int k = 0; k < on.length; k++) {
            Branch b = branches.get(k);
            boolean conducts = !b.diode() || volts[b.from()] - volts[b.to()] > b.drop() - 1e-9;
            changed |= conducts != on[k];
            on[k] = conducts;
        }
        return changed;
    }

    private double[] solve() {
        double[][] a = new double[nodes][nodes + 1];
        for (int k = 0; k < on.length; k++) {
            if (on[k]) {
                Branch b = branches.get(k);
                add(a, b.from(), b.to(), b.siemens(), b.drop());
                add(a, b.to(), b.from(), b.siemens(), -b.drop());
            }
        }
        for (int n = 0; n < nodes; n++) {
            if (held.containsKey(n) || a[n][n] == 0) {
                Arrays.fill(a[n], 0);
                a[n][n] = 1;
                a[n][nodes] = held.getOrDefault(n, 0.0);
            }
        }
        return Elimination.solve(a);
    }

    private static void add(double[][] a, int row, int column, double siemens, double drop) {
        a[row][row] += siemens;
        a[row][column] -= siemens;
        a[row][a.length] += siemens * drop;
    }

    /** A node that hangs on no held one has no volts of its own. */
    private double[] withoutFloating(double[] volts) {
        boolean[] reached = new boolean[nodes];
        held.keySet().forEach(n -> reached[n] = true);
        for (boolean more = true; more;) {
            more = false;
            for (int k = 0; k < on.length; k++) {
                Branch b = branches.get(k);
                if (on[k] && reached[b.from()] != reached[b.to()]) {
                    reached[b.from()] = true;
                    reached[b.to()] = true;
                    more = true;
                }
            }
        }
        double[] found = volts.clone();
        for (int n = 0; n < nodes; n++) {
            found[n] = reached[n] ? volts[n] : Double.NaN;
        }
        return found;
    }
}
