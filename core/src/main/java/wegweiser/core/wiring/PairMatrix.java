package wegweiser.core.wiring;

/**
 * Marks on pairs of numbered things, a bit each. O(1) a mark and a question, memory for the rows that have marks. It is asked
 * millions of times a touch, so there are plain words of bits in it and no set.
 */
public final class PairMatrix {
    private static final int BITS = 6;

    private final long[][] rows;
    private final int words;

    public PairMatrix(int size) {
        this.rows = new long[size][];
        this.words = (size + 63) >> BITS;
    }

    /** The same marks, to make more of them. O(size² / 64). */
    public PairMatrix copy() {
        PairMatrix copy = new PairMatrix(rows.length);
        for (int i = 0; i < rows.length; i++) {
            copy.rows[i] = rows[i] == null ? null : rows[i].clone();
        }
        return copy;
    }

    /** Marks the pair in this order. */
    public void mark(int from, int to) {
        row(from)[to >> BITS] |= 1L << to;
    }

    private long[] row(int from) {
        if (rows[from] == null) {
            rows[from] = new long[words];
        }
        return rows[from];
    }

    /** Marks the pair in both orders. */
    public void markBoth(int a, int b) {
        mark(a, b);
        mark(b, a);
    }

    /** Marks each of some with each of others, in both orders. O((some + others) x size / 64). */
    public void markBetween(int[] some, int[] others) {
        markEach(some, others);
        markEach(others, some);
    }

    /** Marks each of some with each of others in this order. */
    public void markEach(int[] some, int[] others) {
        if (others.length == 1) {
            for (int from : some) {
                mark(from, others[0]);
            }
            return;
        }
        long[] all = new long[words];
        for (int to : others) {
            all[to >> BITS] |= 1L << to;
        }
        for (int from : some) {
            long[] row = row(from);
            for (int w = 0; w < words; w++) {
                row[w] |= all[w];
            }
        }
    }

    /** Whether the pair was marked in this order. */
    public boolean has(int from, int to) {
        long[] row = rows[from];
        return row != null && (row[to >> BITS] >> to & 1) != 0;
    }

    /** How many pairs of one of some and one of others are marked in this order. O((some + others) x size / 64). */
    public int count(int[] some, int[] others) {
        if (some.length == 1 && others.length == 1) {
            return has(some[0], others[0]) ? 1 : 0;
        }
        long[] all = new long[words];
        for (int to : others) {
            all[to >> BITS] |= 1L << to;
        }
        int count = 0;
        for (int from : some) {
            for (int w = 0; rows[from] != null && w < words; w++) {
                count += Long.bitCount(rows[from][w] & all[w]);
            }
        }
        return count;
    }

    /** Marks for one thing whatever is marked for another, in both orders. O(size). */
    public void copy(int from, int to) {
        for (int i = 0; i < rows.length; i++) {
            if (has(i, from)) {
                mark(i, to);
            }
            if (has(from, i)) {
                mark(to, i);
            }
        }
    }
}
