package wegweiser.core.electrical;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Effective resistance of a network of resistors between two sets of nodes, each set taken as one piece of metal: nodal
 * analysis with one volt on red and ground on black, solved by Gaussian elimination with pivoting. O(n³) for n inner
 * nodes.
 */
public final class ResistorNetwork {
    /** What a resistor counts at least, so that a jumper with no resistance does not divide by zero. */
    private static final double LEAST_OHMS = 1e-6;
    private static final double LEAST_SIEMENS = 1e-12;

    /** A resistor between two nodes. */
    public record Branch(int from, int to, double ohms) {}

    private ResistorNetwork() {}

    /** Ohms between two nodes; infinite where nothing conducts. */
    public static double between(List<Branch> branches, int red, int black) {
        return between(branches, Set.of(red), Set.of(black));
    }

    /** Ohms between two sets of nodes; zero where they share a node, infinite where nothing conducts. */
    public static double between(List<Branch> branches, Set<Integer> red, Set<Integer> black) {
        if (red.stream().anyMatch(black::contains)) {
            return 0;
        }
        Map<Integer, Integer> inner = new HashMap<>();
        for (Branch b : branches) {
            for (int node : new int[]{b.from(), b.to()}) {
                if (!red.contains(node) && !black.contains(node)) {
                    inner.putIfAbsent(node, inner.size());
                }
            }
        }
        double[] volts = Elimination.solve(equations(branches, red, inner));
        double current = 0;
        for (Branch b : branches) {
            if (red.contains(b.from()) != red.contains(b.to())) {
                current += Math.abs(volts(b.from(), red, inner, volts) - volts(b.to(), red, inner, volts))
                        * siemens(b);
            }
        }
        return current < LEAST_SIEMENS ? Double.POSITIVE_INFINITY : 1 / current;
    }

    private static double siemens(Branch b) {
        return 1 / Math.max(LEAST_OHMS, b.ohms());
    }

    private static double[][] equations(List<Branch> branches, Set<Integer> red,
            Map<Integer, Integer> inner) {
        int n = inner.size();
        double[][] a = new double[n][n + 1];
        for (Branch b : branches) {
            add(a, inner.get(b.from()), inner.get(b.to()), red.contains(b.to()), siemens(b));
            add(a, inner.get(b.to()), inner.get(b.from()), red.contains(b.from()), siemens(b));
        }
        return a;
    }

    private static void add(double[][] a, Integer row, Integer column, boolean towardsRed, double siemens) {
        if (row == null) {
            return;
        }
        a[row][row] += siemens;
        if (column != null) {
            a[row][column] -= siemens;
        } else if (towardsRed) {
            a[row][a.length] += siemens;
        }
    }

    private static double volts(int node, Set<Integer> red, Map<Integer, Integer> inner, double[] volts) {
        Integer number = inner.get(node);
        return number != null ? volts[number] : red.contains(node) ? 1 : 0;
    }
}
