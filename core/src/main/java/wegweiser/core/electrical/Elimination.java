package wegweiser.core.electrical;

/** Linear equations by Gaussian elimination with pivoting, O(n³). */
final class Elimination {
    /** In siemens: what is less is a rounding error and no conductance. */
    private static final double LEAST_PIVOT = 1e-12;

    private Elimination() {}

    /**
     * Solves n equations; what they leave open is taken as it comes, and spoils nothing else.
     *
     * @param a n rows of n coefficients and the right side; overwritten
     */
    static double[] solve(double[][] a) {
        int n = a.length;
        for (int k = 0; k < n; k++) {
            int pivot = k;
            for (int i = k + 1; i < n; i++) {
                pivot = Math.abs(a[i][k]) > Math.abs(a[pivot][k]) ? i : pivot;
            }
            double[] swap = a[k];
            a[k] = a[pivot];
            a[pivot] = swap;
            if (Math.abs(a[k][k]) < LEAST_PIVOT) {
                // a part of the network that hangs on nothing carries no current: any potential will do
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
