package wegweiser.core.evidence;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import wegweiser.core.model.Superseded;

/**
 * Sets of readings that cannot all be true, each without one to spare. One conflict hides others that share a reading
 * with it, so each reading of a conflict is left out in turn and what then is found is looked at as well: the tree of
 * hitting sets (Reiter, A theory of diagnosis from first principles, 1987), breadth first and cut off after a number of
 * proofs. What a conflict needs is found by halves (Junker, QuickXplain, 2004): for k of n readings O(k log(n/k)) proofs.
 */
final class Conflicts {
    /** So many proofs are tried; a person settles one conflict after the other anyway. */
    private static final int NODES = 48;
    /** So many readings are weighed in all these proofs together; what is left then is told as it was found. */
    private static final int WORK = 120_000;

    private final int terminals;
    private final List<CopperProof.Item> items;
    private final Map<TreeSet<Integer>, int[]> found = new LinkedHashMap<>();
    private int work = WORK;

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
        for (int node = 0; node < NODES && !open.isEmpty() && (node == 0 || work > 0); node++) {
            Set<Integer> without = open.poll();
            List<TreeSet<Integer>> here = proof(kept(i -> !without.contains(i.number()))).conflicts();
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
        found.computeIfAbsent(small,
                s -> proof(kept(i -> s.contains(i.number()))).conflictPairs().getFirst());
    }

    /** The conflict without any reading that it does not need; as it is when there is no more work to spend on it. */
    private TreeSet<Integer> smallest(TreeSet<Integer> conflict) {
        if (work <= 0) {
            return conflict;
        }
        List<CopperProof.Item> these = kept(i -> conflict.contains(i.number()));
        List<CopperProof.Item> needed = explained(List.of(), false, these);
        TreeSet<Integer> left = new TreeSet<>();
        needed.forEach(i -> left.add(i.number()));
        return isConflict(needed) ? left : conflict;
    }

    /** Of some readings those that conflict with what is there already, by halves; {@code changed} says that there is more of it. */
    private List<CopperProof.Item> explained(List<CopperProof.Item> there, boolean changed,
            List<CopperProof.Item> some) {
        if (changed && isConflict(there)) {
            return List.of();
        }
        if (some.size() == 1) {
            return some;
        }
        List<CopperProof.Item> one = some.subList(0, some.size() / 2);
        List<CopperProof.Item> other = some.subList(some.size() / 2, some.size());
        List<CopperProof.Item> ofOther = explained(both(there, one), true, other);
        List<CopperProof.Item> ofOne = explained(both(there, ofOther), !ofOther.isEmpty(), one);
        return both(ofOne, ofOther);
    }

    private static List<CopperProof.Item> both(List<CopperProof.Item> some, List<CopperProof.Item> others) {
        List<CopperProof.Item> all = new ArrayList<>(some);
        all.addAll(others);
        return all;
    }

    private boolean isConflict(List<CopperProof.Item> some) {
        return !proof(some).conflicts().isEmpty();
    }

    private CopperProof proof(List<CopperProof.Item> some) {
        Superseded.check();
        List<CopperProof.Item> inOrder = new ArrayList<>(some);
        inOrder.sort(Comparator.comparingInt(CopperProof.Item::number));
        work -= 1 + some.size();
        return new CopperProof(terminals, inOrder);
    }

    private List<CopperProof.Item> kept(Predicate<CopperProof.Item> which) {
        return new ArrayList<>(items.stream().filter(which).toList());
    }
}
