package wegweiser.core.wiring;

import java.util.BitSet;

/** Marks on pairs of numbered things. O(1) a mark and a question, memory for the rows that have marks. */
public final class PairMatrix {
    private final BitSet[] rows;

    public PairMatrix(int size) {
        this.rows = new BitSet[size];
    }

    /** The same marks, to make more of them. O(size² / 64). */
    public PairMatrix copy() {
        PairMatrix copy = new PairMatrix(rows.length);
        for (int i = 0; i < rows.length; i++) {
            copy.rows[i] = rows[i] == null ? null : (BitSet) rows[i].clone();
        }
        return copy;
    }

    /** Marks the pair in this order. */
    public void mark(int from, int to) {
        row(from).set(to);
    }

    private BitSet row(int from) {
        if (rows[from] == null) {
            rows[from] = new BitSet(rows.length);
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
                row(from).set(others[0]);
            }
            return;
        }
        BitSet all = new BitSet(rows.length);
        for (int to : others) {
            all.set(to);
        }
        for (int from : some) {
            row(from).or(all);
        }
    }

    /** Whether the pair was marked in this order. */
    public boolean has(int from, int to) {
        return rows[from] != null && rows[from].get(to);
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
