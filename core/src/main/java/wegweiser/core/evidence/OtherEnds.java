package wegweiser.core.evidence;

import java.util.BitSet;
import java.util.HashMap;
import java.util.Map;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.Partition;

/**
 * Which other ends each terminal is proved to be joined to. In most cables a contact goes to one place at each other end, so
 * of two that have theirs it is assumed, and not proved, that they are apart. Building costs O(terminals).
 */
final class OtherEnds {
    private final int[] ownEnd;
    private final BitSet[] reached;

    OtherEnds(TerminalIndex index, Partition classes) {
        int n = index.size();
        ownEnd = new int[n];
        reached = new BitSet[n];
        Map<String, Integer> ends = new HashMap<>();
        for (int i = 0; i < n; i++) {
            ownEnd[i] = ends.computeIfAbsent(index.get(i).end(), _ -> ends.size());
        }
        BitSet[] byRoot = new BitSet[n];
        for (int i = 0; i < n; i++) {
            int root = classes.root(i);
            if (byRoot[root] == null) {
                byRoot[root] = new BitSet();
            }
            byRoot[root].set(ownEnd[i]);
        }
        for (int i = 0; i < n; i++) {
            reached[i] = (BitSet) byRoot[classes.root(i)].clone();
            reached[i].clear(ownEnd[i]);
        }
    }

    boolean isSameEnd(int a, int b) {
        return ownEnd[a] == ownEnd[b];
    }

    /** Whether two terminals are apart if each goes to one place alone. */
    boolean isApartAssumed(int a, int b) {
        return isSameEnd(a, b)
                ? !reached[a].isEmpty() && !reached[b].isEmpty()
                : reached[a].get(ownEnd[b]) || reached[b].get(ownEnd[a]);
    }
}
