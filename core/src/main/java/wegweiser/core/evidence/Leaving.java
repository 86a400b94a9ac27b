package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import wegweiser.core.evidence.CopperProof.Item;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.wiring.DisjointSets;
import wegweiser.core.wiring.PairMatrix;
import wegweiser.core.wiring.Partition;

/**
 * Which pairs would be lost without one reading, where that can be told without weighing all the others again: for a touch
 * that showed nothing it is those that no other touch covers; for a join those that its net falls apart into. Where parts,
 * or gangs that beeped and now may mean something else, come into it, it says nothing. O(readings x gang size²) once, then
 * O(readings x gang size) a reading.
 */
final class Leaving {
    private static final int SEVERAL = -1;

    private final Evidence evidence;
    private final Partition nets;
    private final int[][] members;
    private final List<Item> items;
    private final Map<Integer, Item> byNumber;
    private final BitSet withParts = new BitSet();
    private final boolean plain;
    /** Joins that no single touch shows. */
    private final List<CopperProof.Resolved> resolved;
    /** The readings behind these. */
    private final BitSet behindGangs = new BitSet();
    /** By two nets the number of the one reading in ohms that covers them. */
    private final int[][] inOhms;
    /** The same in diode mode, red first. */
    private final int[][] inDiodeMode;
    /** For each terminal the nets that some touch set apart from it. */
    private final PairMatrix apart;
    /** The nets that ohms held against it. */
    private final PairMatrix heldInOhms;
    /** The nets at the black probe in diode mode while it was at the red one, and the other way round. */
    private final PairMatrix heldAtRed;
    private final PairMatrix heldAtBlack;
    /** By net the gangs that beeped with some of it at either probe. */
    private final Map<Integer, List<Item>> gangs;
    private final List<Item> joins;

    /** @param evidence by which every pair is known */
    Leaving(Evidence evidence) {
        this.evidence = evidence;
        this.nets = evidence.partition();
        this.items = evidence.items();
        this.byNumber = items.stream().collect(Collectors.toMap(Item::number, item -> item));
        int n = nets.size();
        this.members = members(nets);
        this.inOhms = new int[n][n];
        this.inDiodeMode = new int[n][n];
        for (MeasuredPart part : evidence.parts()) {
            withParts.set(nets.root(evidence.index().of(part.a())));
            withParts.set(nets.root(evidence.index().of(part.b())));
        }
        this.apart = new PairMatrix(n);
        this.heldInOhms = new PairMatrix(n);
        this.heldAtRed = new PairMatrix(n);
        this.heldAtBlack = new PairMatrix(n);
        this.gangs = new HashMap<>();
        this.joins = items.stream().filter(i -> i.meaning() == Meaning.JOINS && i.isSingle()).toList();
        DisjointSets single = new DisjointSets(n);
        joins.forEach(join -> single.union(join.red()[0], join.black()[0]));
        for (Item item : items) {
            if (item.meaning() == Meaning.JOINS && !item.isSingle()) {
                netsAtBoth(item)
                        .forEach(net -> gangs.computeIfAbsent(net, _ -> new ArrayList<>(1)).add(item));
            } else if (item.meaning().isApart()) {
                hold(item);
            }
        }
        this.resolved = evidence.resolved().stream()
                .filter(j -> single.find(j.red()) != single.find(j.black())).toList();
        resolved.stream().flatMapToInt(j -> Arrays.stream(j.because())).forEach(behindGangs::set);
        this.plain = evidence.supposed() == evidence;
    }

    private Mode mode(Item item) {
        return evidence.readings().get(item.number() - 1).mode();
    }

    /** Whether a touch that showed nothing counts as having looked beyond copper; see {@link Looked}. */
    private boolean covers(Item item) {
        return item.isSingle()
                || evidence.readings().get(item.number() - 1).outcome() instanceof Outcome.Open;
    }

    private IntStream netsAtBoth(Item gang) {
        BitSet red = set(nets.roots(gang.red()));
        red.and(set(nets.roots(gang.black())));
        return red.stream();
    }

    private void hold(Item item) {
        int[] red = nets.roots(item.red());
        int[] black = nets.roots(item.black());
        apart.markEach(item.red(), black);
        apart.markEach(item.black(), red);
        boolean ohms = mode(item) == Mode.OHMS;
        if (!covers(item) || !ohms && mode(item) != Mode.DIODE) {
            return;
        }
        (ohms ? heldInOhms : heldAtRed).markEach(item.red(), black);
        (ohms ? heldInOhms : heldAtBlack).markEach(item.black(), red);
        for (int r : red) {
            for (int b : black) {
                if (ohms) {
                    note(inOhms, r, b, item.number());
                    note(inOhms, b, r, item.number());
                } else {
                    note(inDiodeMode, r, b, item.number());
                }
            }
        }
    }

    private static void note(int[][] by, int from, int to, int number) {
        if (by[from][to] != number) {
            by[from][to] = by[from][to] == 0 ? number : SEVERAL;
        }
    }

    /** The pairs that would be lost without a reading; empty where only weighing the others tells. */
    Optional<PairList> without(int number) {
        Item item = byNumber.get(number);
        if (!plain || item == null || behindGangs.get(number)) {
            return Optional.empty();
        }
        boolean single = item.meaning() == Meaning.JOINS && item.isSingle();
        if (item.meaning() == Meaning.SEPARATES || item.meaning() == Meaning.SEPARATES_FULLY) {
            boolean nearParts = item.isSingle() && (withParts.get(nets.root(item.red()[0]))
                    || withParts.get(nets.root(item.black()[0])));
            return nearParts ? Optional.empty() : Optional.of(uncovered(item));
        }
        boolean join = item.meaning() == Meaning.JOINS && !withParts.get(nets.root(item.red()[0]));
        return !join ? Optional.empty() : single ? parted(item) : Optional.of(nothing());
    }

    private PairList nothing() {
        return new PairList(evidence.index());
    }

    private PairList uncovered(Item item) {
        PairList lost = nothing();
        for (int r : nets.roots(item.red())) {
            for (int b : nets.roots(item.black())) {
                boolean ohms = inOhms[r][b] == item.number();
                boolean diode = inDiodeMode[r][b] == item.number()
                        && evidence.ohms(r, b).orElse(Double.MAX_VALUE) >= Proof.HIDES_DIODE_OHMS;
                if (ohms || diode) {
                    lose(lost, members[r], members[b]);
                }
            }
        }
        return lost;
    }

    /** By the root of each net its members, ascending. */
    private static int[][] members(Partition nets) {
        int[][] members = new int[nets.size()][];
        for (int root : nets.roots()) {
            members[root] = new int[nets.members(root)];
        }
        int[] count = new int[nets.size()];
        for (int i = 0; i < nets.size(); i++) {
            members[nets.root(i)][count[nets.root(i)]++] = i;
        }
        return members;
    }

    private static void lose(PairList lost, int[] some, int[] others) {
        for (int a : some) {
            for (int b : others) {
                if (a != b) {
                    lost.add(a, b);
                }
            }
        }
    }

    /** What is lost with a join: nothing where its net holds together without it, also by ohms alone. */
    private Optional<PairList> parted(Item join) {
        Partition left = joinsWithout(join, false);
        int a = join.red()[0];
        int b = join.black()[0];
        int[] net = members[nets.root(a)];
        PairList lost = nothing();
        if (left.isJoined(a, b)) {
            Partition copper = joinsWithout(join, true);
            for (int one : net) {
                for (int other : net) {
                    if (one < other && !copper.isJoined(one, other)) {
                        lost.add(one, other);
                    }
                }
            }
            return Optional.of(lost);
        }
        int[] near = Arrays.stream(net).filter(m -> left.isJoined(m, a)).toArray();
        int[] far = Arrays.stream(net).filter(m -> !left.isJoined(m, a)).toArray();
        for (Item gang : gangs.getOrDefault(nets.root(a), List.of())) {
            if (!gang.isBeeping(left) && comesDownTo(gang, near, far)) {
                return mode(gang) == Mode.OHMS ? Optional.of(nothing()) : Optional.empty();
            }
        }
        lose(lost, near, far);
        loseUncovered(lost, near);
        loseUncovered(lost, far);
        return Optional.of(lost);
    }

    /** The nets that touches join without one of them on which nothing else rests, or those in ohms alone. */
    private Partition joinsWithout(Item join, boolean ohmsOnly) {
        DisjointSets sets = new DisjointSets(nets.size());
        for (Item item : joins) {
            if (item != join && (!ohmsOnly || mode(item) == Mode.OHMS)) {
                sets.union(item.red()[0], item.black()[0]);
            }
        }
        for (CopperProof.Resolved other : resolved) {
            boolean ohms = evidence.readings().get(other.number() - 1).mode() == Mode.OHMS;
            if (ohms || !ohmsOnly) {
                sets.union(other.red(), other.black());
            }
        }
        return sets.partition();
    }

    /** Whether a gang that beeped can mean nothing but the join between the two halves of a net, without the touch that showed it. */
    private boolean comesDownTo(Item gang, int[] near, int[] far) {
        BitSet one = set(near);
        BitSet other = set(far);
        boolean between = false;
        for (int r : gang.red()) {
            for (int k : gang.black()) {
                if (one.get(r) && other.get(k) || one.get(k) && other.get(r)) {
                    between = true;
                    continue;
                }
                int inHalf = one.get(r) || other.get(r) ? r : one.get(k) || other.get(k) ? k : -1;
                if (inHalf >= 0
                        && !isAny(apart, one.get(inHalf) ? near : far, nets.root(inHalf == r ? k : r))) {
                    return false;
                }
            }
        }
        return between;
    }

    private static boolean isAny(PairMatrix held, int[] some, int net) {
        for (int i : some) {
            if (held.has(i, net)) {
                return true;
            }
        }
        return false;
    }

    private static BitSet set(int[] some) {
        BitSet set = new BitSet();
        Arrays.stream(some).forEach(set::set);
        return set;
    }

    /** Half of a net against all the others: what only the other half was held against. */
    private void loseUncovered(PairList lost, int[] half) {
        for (int other : nets.roots()) {
            if (other != nets.root(half[0]) && !(isAny(heldInOhms, half, other)
                    && isAny(heldAtRed, half, other) && isAny(heldAtBlack, half, other))) {
                lose(lost, half, members[other]);
            }
        }
    }
}
