package wegweiser.instruments;

import java.util.List;

/**
 * Effective resistance between two nodes of a resistor network: nodal analysis with one volt on red and ground on
 * black, solved by Gaussian elimination with pivoting. O(n³) for n inner nodes.
 */
final class ResistorNetwork {
    private ResistorNetwork() {}

    static double between(List<SimulatedCable.Branch> resistors, List<Integer> red, List<Integer> black,
            List<Integer> inner) {
        int n = inner.size();
        double[][] a = new double[n][n + 1];
        for (SimulatedCable.Branch r : resistors) {
            double g = 1 / Math.max(1e-6, r.value());
            int i = inner.indexOf(r.from());
            int j = inner.indexOf(r.to());
            if (i >= 0) {
                a[i][i] += g;
                add(a, i, j, r.to(), red, g);
            }
            if (j >= 0) {
                a[j][j] += g;
                add(a, j, i, r.from(), red, g);
            }
        }
        double[] volts = solve(a, n);
        double current = 0;
        for (SimulatedCable.Branch r : resistors) {
            double from = volts(r.from(), red, black, inner, volts);
            double to = volts(r.to(), red, black, inner, volts);
            if (red.contains(r.from()) != red.contains(r.to())) {
                current += Math.abs(from - to) / Math.max(1e-6, r.value());
            }
        }
        return current < 1e-12 ? Double.POSITIVE_INFINITY : 1 / current;
    }

    private static void add(double[][] a, int row, int column, int label, List<Integer> red, double g) {
        if (column >= 0) {
            a[row][column] -= g;
        } else if (red.contains(label)) {
            a[row][a.length] += g;
        }
    }

    private static double volts(int label, List<Integer> red, List<Integer> black, List<Integer> inner,
            double[] volts) {
        return red.contains(label) ? 1 : black.contains(label) ? 0 : volts[inner.indexOf(label)];
    }

    private static double[] solve(double[][] a, int n) {
        for (int k = 0; k < n; k++) {
            int pivot = k;
            for (int i = k + 1; i < n; i++) {
                pivot = Math.abs(a[i][k]) > Math.abs(a[pivot][k]) ? i : pivot;
            }
            double[] swap = a[k];
            a[k] = a[pivot];
            a[pivot] = swap;
            if (Math.abs(a[k][k]) < 1e-12) {
                // a part of the network that hangs on neither probe carries no current: any potential will do
                a[k][k] = 1;
                continue;
            }
            for (int i = k + 1; i < n; i++) {
                double factor = a[i][k] / a[k][k];
                for (int j = k; j <= n; j++) {
                    a[i][j] -= factor * a[k][j];
                }
            }
        }
        double[] x = new double[n];
        for (int i = n - 1; i >= 0; i--) {
            double sum = a[i][n];
            for (int j = i + 1; j < n; j++) {
                sum -= a[i][j] * x[j];
            }
            x[i] = sum / a[i][i];
        }
        return x;
    }
}
