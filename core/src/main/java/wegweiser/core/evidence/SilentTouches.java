package wegweiser.core.evidence;

import java.util.List;
import wegweiser.core.evidence.CopperProof.Item;

/**
 * Which touches held two terminals at different probes. For each terminal and probe there is a row of bits, one a touch:
 * O(touches x gang size) to set up, O(touches / 64) a question.
 */
final class SilentTouches {
    private static final int BITS = 6;

    private final List<Item> items;
    private final long[][] atRed;
    private final long[][] atBlack;

    /** @param items touches that showed nothing, in their order */
    SilentTouches(int terminals, List<Item> items) {
        this.items = items;
        int words = (items.size() + 63) >> BITS;
        this.atRed = new long[terminals][words];
        this.atBlack = new long[terminals][words];
        for (int k = 0; k < items.size(); k++) {
            mark(atRed, items.get(k).red(), k);
            mark(atBlack, items.get(k).black(), k);
        }
    }

    private static void mark(long[][] rows, int[] terminals, int touch) {
        for (int terminal : terminals) {
            rows[terminal][touch >> BITS] |= 1L << touch;
        }
    }

    /** The number of the first touch between two terminals, or -1. */
    int first(int a, int b) {
        for (int w = 0; w < atRed[a].length; w++) {
            long both = atRed[a][w] & atBlack[b][w] | atRed[b][w] & atBlack[a][w];
            if (both != 0) {
                return items.get((w << BITS) + Long.numberOfTrailingZeros(both)).number();
            }
        }
        return -1;
    }
}
