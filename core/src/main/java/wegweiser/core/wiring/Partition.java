package wegweiser.core.wiring;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Which of some numbered things are joined: a partition into classes, each named by its smallest member, its root. Two
 * partitions are equal when they join the same. What is not said otherwise takes O(1), the rest O(size).
 */
public final class Partition {
    /** Of so many pairs each is looked at by itself. */
    private static final int FEW_PAIRS = 64;

    private final int[] roots;

    private Partition(int[] roots) {
        this.roots = roots;
    }

    /** Things with the same label are joined; labels are not negative. O(size + largest label). */
    public static Partition of(int... labels) {
        int largest = 0;
        for (int label : labels) {
            largest = Math.max(largest, label);
        }
        int[] first = new int[largest + 1];
        Arrays.fill(first, -1);
        int[] roots = new int[labels.length];
        for (int i = 0; i < labels.length; i++) {
            first[labels[i]] = first[labels[i]] < 0 ? i : first[labels[i]];
            roots[i] = first[labels[i]];
        }
        return new Partition(roots);
    }

    /** How many things there are. */
    public int size() {
        return roots.length;
    }

    /** The smallest member of the class of a thing. */
    public int root(int i) {
        return roots[i];
    }

    /** The roots of some things, in their order. */
    public int[] roots(int[] some) {
        int[] found = new int[some.length];
        for (int k = 0; k < some.length; k++) {
            found[k] = roots[some[k]];
        }
        return found;
    }

    /** The root of each thing, as a table of the caller's own. */
    public int[] toArray() {
        return roots.clone();
    }

    /** A number for the pair of classes of two things, whichever of them comes first. */
    public long pair(int a, int b) {
        return (long) Math.min(roots[a], roots[b]) << 32 | Math.max(roots[a], roots[b]);
    }

    public boolean isRoot(int i) {
        return roots[i] == i;
    }

    public boolean isJoined(int a, int b) {
        return roots[a] == roots[b];
    }

    /** Whether any of some is joined to any of others. O(some + others), or O(size) for many. */
    public boolean isAnyJoined(int[] some, int[] others) {
        if (some.length * others.length <= FEW_PAIRS) {
            for (int a : some) {
                for (int b : others) {
                    if (roots[a] == roots[b]) {
                        return true;
                    }
                }
            }
            return false;
        }
        boolean[] marked = new boolean[roots.length];
        for (int a : some) {
            marked[roots[a]] = true;
        }
        for (int b : others) {
            if (marked[roots[b]]) {
                return true;
            }
        }
        return false;
    }

    /** Whether a thing is joined to no other. */
    public boolean isAlone(int i) {
        for (int k = 0; k < roots.length; k++) {
            if (k != i && roots[k] == roots[i]) {
                return false;
            }
        }
        return true;
    }

    /** The smallest member of each class, ascending. */
    public int[] roots() {
        return IntStream.range(0, roots.length).filter(this::isRoot).toArray();
    }

    /** How many classes there are. */
    public int count() {
        return (int) IntStream.range(0, roots.length).filter(this::isRoot).count();
    }

    /** How many things are in the class with a root. */
    public int members(int root) {
        return (int) Arrays.stream(roots).filter(r -> r == root).count();
    }

    /** The same with the classes of two things joined. */
    public Partition joining(int a, int b) {
        int keep = Math.min(roots[a], roots[b]);
        int gone = Math.max(roots[a], roots[b]);
        int[] joined = roots.clone();
        for (int i = 0; i < joined.length; i++) {
            if (joined[i] == gone) {
                joined[i] = keep;
            }
        }
        return new Partition(joined);
    }

    /** The same with a thing taken out of its class. */
    public Partition without(int i) {
        int[] labels = roots.clone();
        labels[i] = roots.length;
        return of(labels);
    }

    /** Joins whatever one of both joins; this one, which mostly holds the joins of the other already, where it does. */
    public Partition and(Partition other) {
        boolean holds = true;
        for (int i = 0; i < roots.length && holds; i++) {
            holds = isJoined(i, other.roots[i]);
        }
        if (holds) {
            return this;
        }
        DisjointSets sets = new DisjointSets(roots.length);
        for (int i = 0; i < roots.length; i++) {
            sets.union(i, roots[i]);
            sets.union(i, other.roots[i]);
        }
        return sets.partition();
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Partition p && Arrays.equals(roots, p.roots);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(roots);
    }

    /** The roots of all things, in order. */
    @Override
    public String toString() {
        return Arrays.toString(roots);
    }
}
