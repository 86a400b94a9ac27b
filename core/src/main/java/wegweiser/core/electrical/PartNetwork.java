package wegweiser.core.electrical;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wegweiser.core.electrical.ResistorNetwork.Branch;

/**
 * Resistors and diodes between pieces of copper, and what a meter shows across two sets of these, in ohms and in diode
 * mode, this way round and that. What a plan foresees, what readings are explained by and what a simulated meter shows
 * all come from here. A diode is an ideal switch with its forward volts and a slope of an ohm. In ohms a meter puts too
 * little across it for a diode to conduct. A capacitor shows as nothing once it is charged.
 *
 * <p>In diode mode a meter sends a current and shows the volts that it takes. The potentials of the nodes are where the
 * co-content of the network, less current times volts at the probes, is least (Millar, Some general theorems for
 * nonlinear systems possessing resistance, 1951); it is convex and made of parabolas, so Newton's method with a step
 * that is halved until it descends ends exactly. O(n³) a step for the n nodes that parts lead to from red, and few steps.
 */
public final class PartNetwork {
    private static final double DIODE_SIEMENS = 1;
    private static final double LEAST_OHMS = 1e-3;
    /** What every node leaks to black, so that a network that conducts nowhere has volts too: far more than any meter shows. */
    private static final double LEAK_SIEMENS = 1e-9;
    private static final double MOST_VOLTS = 20;
    private static final double STILL_VOLTS = 1e-7;
    private static final int STEPS = 200;

    /** A diode between two nodes with its forward volts. */
    public record Diode(int anode, int cathode, double volts) {}

    private final List<Branch> resistors;
    private final List<Diode> diodes;
    private final Map<Integer, List<Integer>> beside = new HashMap<>();

    public PartNetwork(List<Branch> resistors, List<Diode> diodes) {
        this.resistors = List.copyOf(resistors);
        this.diodes = List.copyOf(diodes);
        this.resistors.forEach(r -> note(r.from(), r.to()));
        this.diodes.forEach(d -> note(d.anode(), d.cathode()));
    }

    private void note(int a, int b) {
        beside.computeIfAbsent(a, _ -> new ArrayList<>(2)).add(b);
        beside.computeIfAbsent(b, _ -> new ArrayList<>(2)).add(a);
    }

    /** Ohms between two sets of nodes, each taken as one piece of metal; zero where they share one, infinite where no resistors lead across. */
    public double ohms(Set<Integer> red, Set<Integer> black) {
        return resistors.isEmpty() && red.stream().noneMatch(black::contains)
                ? Double.POSITIVE_INFINITY
                : ResistorNetwork.between(resistors, red, black);
    }

    /** Whether any parts lead from one set of nodes to the other. */
    public boolean isNear(Set<Integer> red, Set<Integer> black) {
        return reached(red, Set.of()).stream().anyMatch(black::contains);
    }

    /**
     * Volts that a current from red to black takes; zero where they share a node, infinite where nothing conducts.
     *
     * @param amps of the meter, above zero
     */
    public double volts(Set<Integer> red, Set<Integer> black, double amps) {
        if (red.stream().anyMatch(black::contains)) {
            return 0;
        }
        Set<Integer> near = reached(red, black);
        if (near.stream().noneMatch(black::contains)) {
            return Double.POSITIVE_INFINITY;
        }
        double volts = new Solved(near, red, black, amps).volts();
        return volts > MOST_VOLTS ? Double.POSITIVE_INFINITY : volts;
    }

    /** The nodes that parts lead to, not beyond those at which to stop. */
    private Set<Integer> reached(Set<Integer> from, Set<Integer> stop) {
        Set<Integer> reached = new HashSet<>(from);
        Deque<Integer> open = new ArrayDeque<>(from);
        while (!open.isEmpty()) {
            for (int next : beside.getOrDefault(open.poll(), List.of())) {
                if (reached.add(next) && !stop.contains(next)) {
                    open.add(next);
                }
            }
        }
        return reached;
    }

    /** One touch: red is node 0, black is ground and no node. */
    private final class Solved {
        private final double amps;
        private final int nodes;
        private final List<int[]> ends = new ArrayList<>();
        private final List<double[]> values = new ArrayList<>();

        Solved(Set<Integer> near, Set<Integer> red, Set<Integer> black, double amps) {
            this.amps = amps;
            Map<Integer, Integer> number = new HashMap<>();
            red.forEach(r -> number.put(r, 0));
            black.forEach(b -> number.put(b, -1));
            int next = 1;
            for (int node : near) {
                if (number.putIfAbsent(node, next) == null) {
                    next++;
                }
            }
            this.nodes = next;
            for (Branch r : resistors) {
                add(number, r.from(), r.to(), 1 / Math.max(LEAST_OHMS, r.ohms()), Double.NEGATIVE_INFINITY);
            }
            for (Diode d : diodes) {
                add(number, d.anode(), d.cathode(), DIODE_SIEMENS, d.volts());
            }
        }

        private void add(Map<Integer, Integer> number, int from, int to, double siemens, double drop) {
            Integer a = number.get(from);
            Integer b = number.get(to);
            if (a != null && b != null && !a.equals(b)) {
                ends.add(new int[]{a, b});
                values.add(new double[]{siemens, drop});
            }
        }

        double volts() {
            double[] at = new double[nodes];
            double least = content(at);
            for (int step = 0; step < STEPS && at[0] <= MOST_VOLTS; step++) {
                double[] wanted = Elimination.solve(equations(at));
                double most = 0;
                for (int n = 0; n < nodes; n++) {
                    most = Math.max(most, Math.abs(wanted[n] - at[n]));
                }
                if (most <= STILL_VOLTS) {
                    break;
                }
                // far away other diodes conduct than here, so it goes on by a volt at most
                double share = Math.min(1, 1 / most);
                double[] next = between(at, wanted, share);
                double content = content(next);
                while (content > least && share * most > STILL_VOLTS) {
                    share /= 2;
                    next = between(at, wanted, share);
                    content = content(next);
                }
                at = next;
                least = content;
            }
            return at[0];
        }

        private double across(double[] at, int[] end) {
            return (end[0] < 0 ? 0 : at[end[0]]) - (end[1] < 0 ? 0 : at[end[1]]);
        }

        private double content(double[] at) {
            double content = -amps * at[0];
            for (double volts : at) {
                content += LEAK_SIEMENS * volts * volts / 2;
            }
            for (int k = 0; k < ends.size(); k++) {
                double over = over(across(at, ends.get(k)), values.get(k));
                content += values.get(k)[0] * over * over / 2;
            }
            return content;
        }

        /** The volts that drive a current: all of them at a resistor, those above its own at a diode. */
        private static double over(double volts, double[] value) {
            return Double.isInfinite(value[1]) ? volts : Math.max(0, volts - value[1]);
        }

        private double[][] equations(double[] at) {
            double[][] a = new double[nodes][nodes + 1];
            a[0][nodes] = amps;
            for (int n = 0; n < nodes; n++) {
                a[n][n] = LEAK_SIEMENS;
            }
            for (int k = 0; k < ends.size(); k++) {
                double[] value = values.get(k);
                boolean diode = !Double.isInfinite(value[1]);
                if (!diode || across(at, ends.get(k)) > value[1]) {
                    add(a, ends.get(k)[0], ends.get(k)[1], value[0], diode ? value[1] : 0);
                    add(a, ends.get(k)[1], ends.get(k)[0], value[0], diode ? -value[1] : 0);
                }
            }
            return a;
        }

        private void add(double[][] a, int row, int column, double siemens, double drop) {
            if (row < 0) {
                return;
            }
            a[row][row] += siemens;
            if (column >= 0) {
                a[row][column] -= siemens;
            }
            a[row][nodes] += siemens * drop;
        }

        private double[] between(double[] from, double[] to, double share) {
            double[] at = new double[nodes];
            Arrays.setAll(at, n -> from[n] + share * (to[n] - from[n]));
            return at;
        }
    }
}
