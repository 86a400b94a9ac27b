package wegweiser.core.electrical;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A network of resistors that grows and whose values change, with the resistance between any two nodes always at hand. It
 * keeps the inverse of its matrix of conductances; a change of one resistor is a correction of rank one (Sherman and
 * Morrison, 1950). A question is O(1), a change O(n²), {@link #refresh} O(n³) for n nodes.
 */
public final class GrowingNetwork {
    /** What each node leaks to ground, so that there is an inverse; what is no more than that conducts nothing. */
    private static final double LEAK_SIEMENS = 1e-11;
    private static final double INFINITE_OHMS = 2e9;
    private static final double LEAST_SIEMENS = 1e-12;

    private final double[][] inverse;
    private final List<Resistor> resistors = new ArrayList<>();

    private record Resistor(int from, int to, double siemens) {}

    public GrowingNetwork(int nodes) {
        this.inverse = new double[nodes][nodes];
        for (int n = 0; n < nodes; n++) {
            inverse[n][n] = 1 / LEAK_SIEMENS;
        }
    }

    /** Ohms between two nodes, infinite where nothing leads across. */
    public double ohms(int from, int to) {
        double ohms = inverse[from][from] + inverse[to][to] - 2 * inverse[from][to];
        return ohms > INFINITE_OHMS ? Double.POSITIVE_INFINITY : Math.max(0, ohms);
    }

    /** Conductance of a resistor, by its number from 0. */
    public double siemens(int number) {
        return resistors.get(number).siemens();
    }

    /** What would lie between the ends of a resistor if it were not there. */
    public double ohmsWithout(int number) {
        Resistor r = resistors.get(number);
        double left = 1 / ohms(r.from(), r.to()) - r.siemens();
        return left <= LEAST_SIEMENS ? Double.POSITIVE_INFINITY : 1 / left;
    }

    /** One more resistor; its number is how many there were. */
    public void add(int from, int to, double siemens) {
        resistors.add(new Resistor(from, to, siemens));
        correct(from, to, siemens);
    }

    /** Makes a resistor conduct more or less, but never less than nothing. */
    public void change(int number, double siemens) {
        Resistor r = resistors.get(number);
        double now = Math.max(LEAST_SIEMENS, r.siemens() + siemens);
        resistors.set(number, new Resistor(r.from(), r.to(), now));
        correct(r.from(), r.to(), now - r.siemens());
    }

    /** Takes a resistor out; those after it move up by one. */
    public void remove(int number) {
        resistors.remove(number);
        refresh();
    }

    private void correct(int from, int to, double siemens) {
        int n = inverse.length;
        double[] column = new double[n];
        for (int i = 0; i < n; i++) {
            column[i] = inverse[i][from] - inverse[i][to];
        }
        double factor = siemens / (1 + siemens * (column[from] - column[to]));
        for (int i = 0; i < n; i++) {
            double share = factor * column[i];
            if (share != 0) {
                for (int j = 0; j < n; j++) {
                    inverse[i][j] -= share * column[j];
                }
            }
        }
    }

    /** Works the inverse out from the start, as many corrections add up their errors. */
    public void refresh() {
        for (int i = 0; i < inverse.length; i++) {
            Arrays.fill(inverse[i], 0);
            inverse[i][i] = 1 / LEAK_SIEMENS;
        }
        for (Resistor r : resistors) {
            correct(r.from(), r.to(), r.siemens());
        }
    }
}
