package wegweiser.core.evidence;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;

/**
 * Sets of readings that cannot all be true, each without one to spare. One conflict hides others that share a reading
 * with it, so each reading of a conflict is left out in turn and what then is found is looked at as well: the tree of
 * hitting sets (Reiter, A theory of diagnosis from first principles, 1987), breadth first and cut off after a number of
 * proofs. O(nodes x proof).
 */
final class Conflicts {
    /** So many proofs are tried; a person settles one conflict after the other anyway. */
    private static final int NODES = 48;

    private final int terminals;
    private final List<CopperProof.Item> items;
    private final Map<TreeSet<Integer>, int[]> found = new LinkedHashMap<>();

    private Conflicts(int terminals, List<CopperProof.Item> items) {
        this.terminals = terminals;
        this.items = items;
    }

    /** The conflicts of a proof that has some, each with a pair of terminals to touch again. */
    static Map<TreeSet<Integer>, int[]> of(int terminals, List<CopperProof.Item> items, CopperProof proof) {
        Conflicts all = new Conflicts(terminals, items);
        if (!proof.conflicts().isEmpty()) {
            all.search();
        }
        return all.found;
    }

    private void search() {
        ArrayDeque<Set<Integer>> open = new ArrayDeque<>(List.of(Set.of()));
        Set<Set<Integer>> seen = new HashSet<>();
        for (int node = 0; node < NODES && !open.isEmpty(); node++) {
            Set<Integer> without = open.poll();
            List<TreeSet<Integer>> here = new CopperProof(terminals, kept(i -> !without.contains(i.number())))
                    .conflicts();
            for (TreeSet<Integer> conflict : here) {
                note(conflict);
            }
            if (here.isEmpty()) {
                continue;
            }
            for (int reading : smallest(here.getFirst())) {
                Set<Integer> more = new HashSet<>(without);
                more.add(reading);
                if (seen.add(more)) {
                    open.add(more);
                }
            }
        }
    }

    private void note(TreeSet<Integer> conflict) {
        TreeSet<Integer> small = smallest(conflict);
        found.computeIfAbsent(small, s -> {
            CopperProof proof = new CopperProof(terminals, kept(i -> s.contains(i.number())));
            return proof.conflictPairs().getFirst();
        });
    }

    /** The conflict without every reading that it does not need. */
    private TreeSet<Integer> smallest(TreeSet<Integer> conflict) {
        TreeSet<Integer> left = new TreeSet<>(conflict);
        List<CopperProof.Item> these = kept(i -> conflict.contains(i.number()));
        for (int reading : conflict) {
            List<CopperProof.Item> fewer = new ArrayList<>(these);
            fewer.removeIf(i -> i.number() == reading);
            if (!new CopperProof(terminals, fewer).conflicts().isEmpty()) {
                left.remove(reading);
                these = fewer;
            }
        }
        return left;
    }

    private List<CopperProof.Item> kept(Predicate<CopperProof.Item> which) {
        return new ArrayList<>(items.stream().filter(which).toList());
    }
}
