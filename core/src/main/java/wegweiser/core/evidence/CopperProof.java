package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import wegweiser.core.wiring.PairMatrix;
import wegweiser.core.wiring.Partition;

/**
 * What a set of readings proves about copper: classes of joined terminals, the classes that are apart, and the
 * readings behind either.
 *
 * <p>A beep between gangs is a disjunction. It is resolved when all but one of the pairs of classes it could
 * mean are known to be apart; that may happen late, so the disjunctions are looked at again until nothing
 * changes. Cost: O(readings x gang size) for the classes, times the number of disjunctions resolved.
 */
public final class CopperProof {
    private final List<Item> items;
    /** Those that say that some are apart. */
    private final List<Item> parting;
    /** The same, to be asked by pairs; there once a gang came down to a join. */
    private SilentTouches between;
    private final JoinGraph graph;
    private final List<TreeSet<Integer>> conflicts = new ArrayList<>();
    private final List<int[]> conflictPairs = new ArrayList<>();
    private final List<Resolved> found = new ArrayList<>();
    private Partition classes;
    private PairMatrix apart;

    /** One reading about copper, with terminals as numbers. */
    public record Item(int number, Meaning meaning, int[] red, int[] black) {
        public boolean isSingle() {
            return red.length == 1 && black.length == 1;
        }

        /** Whether another item says the same of the same terminals, and is the same reading in its list. */
        public boolean isSame(Item other) {
            return this == other || number == other.number && meaning == other.meaning
                    && Arrays.equals(red, other.red) && Arrays.equals(black, other.black);
        }

        /** Whether the reading is what the touch shows on a cable that is wired like this. */
        public boolean fits(Partition wired) {
            return isBeeping(wired) == (meaning == Meaning.JOINS);
        }

        /** Whether the touch would beep on a cable that is wired like this. */
        public boolean isBeeping(Partition wired) {
            return wired.isAnyJoined(red, black);
        }
    }

    /**
     * A join that a gang came down to.
     *
     * @param number of the gang's reading
     * @param because the numbers of all readings behind it, the gang's own among them
     */
    record Resolved(int red, int black, int number, int[] because) {}

    CopperProof(int terminals, List<Item> items) {
        this.items = items;
        this.parting = items.stream().filter(i -> i.meaning().isApart()).toList();
        this.graph = new JoinGraph(terminals);
        for (Item item : items) {
            if (item.meaning() == Meaning.JOINS && item.isSingle()) {
                graph.join(item.red()[0], item.black()[0], new int[]{item.number()});
            }
        }
        classes = graph.partition();
        apart = new PairMatrix(terminals);
        for (Item item : parting) {
            apart.markBetween(classes.roots(item.red()), classes.roots(item.black()));
        }
        List<Item> open = new ArrayList<>(
                items.stream().filter(i -> i.meaning() == Meaning.JOINS && !i.isSingle()).toList());
        boolean changed = !open.isEmpty();
        while (changed) {
            changed = false;
            for (Item item : List.copyOf(open)) {
                if (resolve(item)) {
                    open.remove(item);
                    changed = true;
                }
            }
        }
        findConflicts();
    }

    /** One more join: what is apart from the class that goes up in the other is apart from that one. */
    private void join(int a, int b, int[] because) {
        int one = classes.root(a);
        int other = classes.root(b);
        graph.join(a, b, because);
        classes = graph.partition();
        apart.copy(Math.max(one, other), Math.min(one, other));
    }

    /** Whether this disjunction needs no further look: satisfied, resolved or contradicted. */
    private boolean resolve(Item item) {
        if (classes.isAnyJoined(item.red(), item.black())) {
            return true;
        }
        int keptRed = -1;
        int keptBlack = -1;
        for (int r : item.red()) {
            for (int b : item.black()) {
                if (isApart(r, b)) {
                    continue;
                }
                boolean samePair = keptRed >= 0
                        && (isJoined(r, keptRed) && isJoined(b, keptBlack)
                                || isJoined(r, keptBlack) && isJoined(b, keptRed));
                if (keptRed >= 0 && !samePair) {
                    return false;
                }
                if (keptRed < 0) {
                    keptRed = r;
                    keptBlack = b;
                }
            }
        }
        TreeSet<Integer> because = new TreeSet<>();
        because.add(item.number());
        for (int r : item.red()) {
            for (int b : item.black()) {
                if (isApart(r, b)) {
                    because.addAll(anyWhyApart(r, b));
                } else if (keptRed >= 0) {
                    // another pair of the same two classes: it means the same only by the joins that made it so
                    boolean sameWay = isJoined(r, keptRed);
                    because.addAll(whyJoined(r, sameWay ? keptRed : keptBlack));
                    because.addAll(whyJoined(b, sameWay ? keptBlack : keptRed));
                }
            }
        }
        if (keptRed < 0) {
            conflicts.add(because);
            conflictPairs.add(new int[]{item.red()[0], item.black()[0]});
        } else {
            int[] all = because.stream().mapToInt(Integer::intValue).toArray();
            found.add(new Resolved(keptRed, keptBlack, item.number(), all));
            join(keptRed, keptBlack, all);
        }
        return true;
    }

    private void findConflicts() {
        for (Item item : parting) {
            TreeSet<Integer> smallest = null;
            int[] pair = null;
            for (int r : item.red()) {
                for (int b : item.black()) {
                    if (!isJoined(r, b)) {
                        continue;
                    }
                    TreeSet<Integer> set = whyJoined(r, b);
                    set.add(item.number());
                    if (smallest == null || set.size() < smallest.size()) {
                        smallest = set;
                        pair = new int[]{r, b};
                    }
                }
            }
            if (smallest != null) {
                conflicts.add(smallest);
                conflictPairs.add(pair);
            }
        }
    }

    Partition classes() {
        return classes;
    }

    boolean isJoined(int a, int b) {
        return classes.isJoined(a, b);
    }

    boolean isApart(int a, int b) {
        return apart.has(classes.root(a), classes.root(b));
    }

    /** How many pairs are neither joined nor apart: of each two classes as many as they have members to pair. O(terminals x classes). */
    int countUnknown() {
        int[] roots = classes.roots();
        int[] members = Arrays.stream(roots).map(classes::members).toArray();
        int open = 0;
        for (int i = 0; i < roots.length; i++) {
            for (int j = i + 1; j < roots.length; j++) {
                open += apart.has(roots[i], roots[j]) ? 0 : members[i] * members[j];
            }
        }
        return open;
    }

    /** The joins that gangs came down to. */
    List<Resolved> found() {
        return found;
    }

    /** Sets of readings that cannot all hold, and for each the pair to touch again. */
    List<TreeSet<Integer>> conflicts() {
        return conflicts;
    }

    List<int[]> conflictPairs() {
        return conflictPairs;
    }

    /** The readings of the shortest proof that two terminals of one class are joined. */
    TreeSet<Integer> whyJoined(int a, int b) {
        TreeSet<Integer> because = new TreeSet<>();
        graph.from(a).collect(b, because);
        return because;
    }

    /** The readings of the shortest proof that two terminals are apart. */
    TreeSet<Integer> whyApart(int a, int b) {
        return whyApart(graph.from(a), graph.from(b));
    }

    /** A proof that two terminals are apart: by one reading of both, or else the shortest. */
    private TreeSet<Integer> anyWhyApart(int a, int b) {
        between = between == null ? new SilentTouches(classes.size(), parting) : between;
        int first = between.first(a, b);
        return first < 0 ? whyApart(a, b) : new TreeSet<>(List.of(first));
    }

    TreeSet<Integer> whyApart(JoinGraph.Paths fromA, JoinGraph.Paths fromB) {
        int best = Integer.MAX_VALUE;
        Item bestItem = null;
        int bestA = -1;
        int bestB = -1;
        for (Item item : parting) {
            for (int turn = 0; turn < 2; turn++) {
                int atA = nearest(fromA, turn == 0 ? item.red() : item.black());
                int atB = nearest(fromB, turn == 0 ? item.black() : item.red());
                if (atA >= 0 && atB >= 0 && fromA.cost()[atA] + fromB.cost()[atB] < best) {
                    best = fromA.cost()[atA] + fromB.cost()[atB];
                    bestItem = item;
                    bestA = atA;
                    bestB = atB;
                }
            }
        }
        TreeSet<Integer> because = new TreeSet<>();
        if (bestItem != null) {
            because.add(bestItem.number());
            fromA.collect(bestA, because);
            fromB.collect(bestB, because);
        }
        return because;
    }

    /**
     * The readings of a proof without those that it does not need. Only gangs that beeped bring such readings in,
     * since each may rest on others that rest on what is known already. One new proof for each reading.
     */
    TreeSet<Integer> needed(TreeSet<Integer> because, int a, int b, boolean joined) {
        boolean gang = items.stream().anyMatch(i -> i.meaning() == Meaning.JOINS && !i.isSingle()
                && because.contains(i.number()));
        TreeSet<Integer> left = because;
        for (int reading : gang ? List.copyOf(because) : List.<Integer>of()) {
            TreeSet<Integer> fewer = new TreeSet<>(left);
            fewer.remove(reading);
            CopperProof proof = new CopperProof(classes.size(),
                    items.stream().filter(i -> fewer.contains(i.number())).toList());
            left = (joined ? proof.isJoined(a, b) : proof.isApart(a, b)) ? fewer : left;
        }
        return left;
    }

    JoinGraph.Paths paths(int from) {
        return graph.from(from);
    }

    private static int nearest(JoinGraph.Paths paths, int[] among) {
        int best = -1;
        for (int i : among) {
            if (paths.reaches(i) && (best < 0 || paths.cost()[i] < paths.cost()[best])) {
                best = i;
            }
        }
        return best;
    }
}
