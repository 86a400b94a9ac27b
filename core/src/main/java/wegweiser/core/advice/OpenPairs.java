package wegweiser.core.advice;

import wegweiser.core.evidence.Evidence;
import wegweiser.core.wiring.PairMatrix;

/**
 * Which pairs of terminals are joined and which are apart, as tables of bits: thousands of gangs are asked for between two
 * touches. O(terminals²) to make.
 */
record OpenPairs(PairMatrix joined, PairMatrix apart) {
    static OpenPairs of(Evidence evidence) {
        int n = evidence.index().size();
        PairMatrix joined = new PairMatrix(n);
        PairMatrix apart = new PairMatrix(n);
        for (int a = 0; a < n; a++) {
            for (int b = 0; b < n; b++) {
                if (evidence.isJoined(a, b)) {
                    joined.mark(a, b);
                }
                if (evidence.isApart(a, b)) {
                    apart.mark(a, b);
                }
            }
        }
        return new OpenPairs(joined, apart);
    }

    /** Whether the answer of a touch is not known beforehand: some pair is unproved and none is joined. */
    boolean isOpen(int[][] touch) {
        return joined.count(touch[0], touch[1]) == 0 && fresh(touch) > 0;
    }

    /** How many pairs of a touch are not known to be apart. */
    int fresh(int[][] touch) {
        return touch[0].length * touch[1].length - apart.count(touch[0], touch[1]);
    }
}
