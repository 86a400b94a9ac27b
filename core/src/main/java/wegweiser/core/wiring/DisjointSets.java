package wegweiser.core.wiring;

/**
 * Union-find with path halving and union by size: nearly O(1) an operation.
 *
 * @see <a href="https://doi.org/10.1145/62.2160">Tarjan and van Leeuwen, Worst-case analysis of set union
 *     algorithms, 1984</a>
 */
public final class DisjointSets {
    private final int[] parent;
    private final int[] size;

    public DisjointSets(int n) {
        parent = new int[n];
        size = new int[n];
        for (int i = 0; i < n; i++) {
            parent[i] = i;
            size[i] = 1;
        }
    }

    public int find(int i) {
        int at = i;
        while (parent[at] != at) {
            parent[at] = parent[parent[at]];
            at = parent[at];
        }
        return at;
    }

    /** Joins two sets; false when they were one already. */
    public boolean union(int a, int b) {
        int rootA = find(a);
        int rootB = find(b);
        if (rootA == rootB) {
            return false;
        }
        int big = size[rootA] >= size[rootB] ? rootA : rootB;
        int small = big == rootA ? rootB : rootA;
        parent[small] = big;
        size[big] += size[small];
        return true;
    }

    /** What is joined. */
    public Partition partition() {
        int[] labels = new int[parent.length];
        for (int i = 0; i < labels.length; i++) {
            labels[i] = find(i);
        }
        return Partition.of(labels);
    }
}
