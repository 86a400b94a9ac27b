package wegweiser.core.conductors;

import java.util.List;

/**
 * All lines on conductors, and what that costs: each line by itself, halves of a pair that are parted, strangers that share a
 * pair, colours at neighbouring contacts that are easily taken for each other.
 *
 * @param own cost of each line on each conductor; columns behind the conductors mean that a line has none
 * @param partner the conductor twisted with each, or -1
 * @param mate the line that is the other half of each, or -1
 * @param quiet lines beside which a signal lies well: supplies and returns
 * @param neighbours pairs of lines at neighbouring contacts
 * @param alike pairs of conductors that are easily taken for each other
 */
record Arrangement(double[][] own, int[] partner, int[] mate, boolean[] quiet, List<int[]> neighbours,
        boolean[][] alike) {
    static final double SPLIT = 100;
    private static final double SHARED = 5;
    private static final double BESIDE_RETURN = -0.5;
    private static final double ALIKE = 1;

    int lines() {
        return own.length;
    }

    int conductors() {
        return partner.length;
    }

    int columns() {
        return own.length == 0 ? 0 : own[0].length;
    }

    /** What it costs to have each line on the column given for it; each column has one line at most. O(lines + neighbours). */
    double cost(int[] at) {
        int[] lineOn = new int[columns()];
        java.util.Arrays.fill(lineOn, -1);
        for (int line = 0; line < at.length; line++) {
            lineOn[at[line]] = line;
        }
        double cost = 0;
        for (int line = 0; line < at.length; line++) {
            int conductor = at[line];
            cost += own[line][conductor];
            int beside = conductor < conductors() && partner[conductor] >= 0
                    ? lineOn[partner[conductor]]
                    : -1;
            if (mate[line] >= 0) {
                cost += beside == mate[line] ? 0 : SPLIT / 2;
            }
            if (beside >= 0 && beside != mate[line]) {
                cost += quiet[line] || quiet[beside] ? BESIDE_RETURN / 2 : SHARED / 2;
            }
        }
        for (int[] two : neighbours) {
            int a = at[two[0]];
            int b = at[two[1]];
            cost += a < conductors() && b < conductors() && alike[a][b] ? ALIKE : 0;
        }
        return cost;
    }
}
