package wegweiser.core.belief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import wegweiser.core.catalog.Contact;
import wegweiser.core.evidence.CopperProof;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Meaning;
import wegweiser.core.model.Superseded;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.wiring.PairMatrix;
import wegweiser.core.wiring.Partition;

/**
 * "None of these": any partial matching between the ends, with some contacts open and now and then a short.
 * Stands for every wiring that has no name.
 *
 * <p>A contact is open with some probability; otherwise any contact of another end is equally likely to be its partner. How
 * many contacts are open is not known beforehand, so several such probabilities are weighed against each other.
 * {@link MatchingLikelihood} computes how well each fits the readings. Possible cables are drawn at random from the
 * matchings that the evidence allows, in O(samples x terminals²).
 */
final class OtherWirings {
    /** Shares of open contacts that are weighed, and how likely each is before any reading. */
    static final double[][] OPEN_SHARES = {{0.1, 0.45}, {0.4, 0.3}, {0.75, 0.25}};
    /** One drawn cable in so many has a short that no mistake of a named wiring explains. */
    private static final int SHORT_IN = 150;
    /** One in so many has a shell that may be joined to a pin. */
    private static final int SHELL_IN = 50;

    private final int n;
    private final int[] end;
    private final boolean[] shell;
    /** For each end how likely a contact is open, and joined to any one contact elsewhere, before anything is read. */
    private final double[] open;
    private final double[] each;

    OtherWirings(TerminalIndex index, double openShare) {
        n = index.size();
        end = index.ends();
        shell = new boolean[n];
        for (int i = 0; i < n; i++) {
            shell[i] = index.get(i).contact().equals(Contact.SHELL);
        }
        open = new double[Arrays.stream(end).max().orElse(-1) + 1];
        each = new double[open.length];
        for (int e = 0; e < open.length; e++) {
            int own = e;
            int here = (int) IntStream.range(0, n).filter(i -> end[i] == own && !shell[i]).count();
            int elsewhere = (int) IntStream.range(0, n).filter(i -> end[i] != own && !shell[i]).count();
            each[e] = (1 - openShare) / Math.max(1, Math.max(here, elsewhere));
            open[e] = 1 - each[e] * elsewhere;
        }
    }

    /** What the readings are worth if this is the cable. */
    MatchingLikelihood.Weighed weigh(List<CopperProof.Item> items, MeterErrors errors) {
        return weigh(items, errors, Optional.empty());
    }

    /** The same; of readings that begin with those that were weighed before only what came after is looked at. */
    MatchingLikelihood.Weighed weighOn(MatchingLikelihood.Weighed before, List<CopperProof.Item> items,
            MeterErrors errors) {
        return new MatchingLikelihood(end, shell, open, each, Optional.empty()).weigh(items, errors,
                Optional.of(before));
    }

    /** The same of cables that follow a pattern but for some wires. */
    MatchingLikelihood.Weighed weigh(List<CopperProof.Item> items, MeterErrors errors,
            Optional<Partition> pattern) {
        return new MatchingLikelihood(end, shell, open, each, pattern).weigh(items, errors, Optional.empty());
    }

    /**
     * A cable as it may be.
     *
     * @param partition what it joins
     * @param weight how much more likely it is than it is often drawn
     */
    record Drawn(Partition partition, double weight) {}

    /** Random matchings that fit the evidence, with a pair of each gang that beeped joined. */
    List<Drawn> draw(Evidence evidence, List<CopperProof.Item> items, int count, SplittableRandom random) {
        return draw(room(evidence, evidence.partition(), new boolean[n], items), count, random);
    }

    List<Drawn> draw(Room room, int count, SplittableRandom random) {
        List<Drawn> drawn = new ArrayList<>(count);
        for (int k = 0; k < count; k++) {
            Superseded.check();
            drawn.add(drawOne(room, k % SHELL_IN == SHELL_IN - 1 ? room.mayJoin : room.alike, random));
        }
        return drawn;
    }

    /**
     * What the evidence leaves to chance, whatever the share of open contacts.
     *
     * @param proved what is taken to be joined
     * @param loose the roots of what may still be joined
     * @param mayJoin for each of these which others it may be joined to, as bits
     * @param alike the same without a shell to a pin
     * @param sought the roots of the gangs that beeped for no reason yet
     */
    record Room(PairMatrix apart, Partition proved, int[] roots, int[] loose, long[][] mayJoin,
            long[][] alike, List<int[][]> sought) {}

    /**
     * The room that evidence leaves, where more may be taken to be joined than is proved.
     *
     * @param stays for each terminal whether it is joined to nothing more
     */
    Room room(Evidence evidence, Partition proved, boolean[] stays, List<CopperProof.Item> items) {
        int[] roots = proved.roots();
        BitSet[] ends = new BitSet[n];
        for (int i = 0; i < n; i++) {
            if (proved.isRoot(i)) {
                ends[i] = new BitSet();
            }
            ends[proved.root(i)].set(end[i]);
        }
        PairMatrix apart = new PairMatrix(n);
        int[] classes = evidence.partition().roots();
        for (int a : classes) {
            for (int b : classes) {
                if (evidence.isApart(a, b)) {
                    apart.mark(proved.root(a), proved.root(b));
                }
            }
        }
        int[] loose = Arrays.stream(roots).filter(r -> ends[r].cardinality() == 1 && !stays[r])
                .toArray();
        long[][] mayJoin = new long[n][(n + 63) / 64];
        long[][] alike = new long[n][(n + 63) / 64];
        for (int a : loose) {
            for (int b : loose) {
                if (!ends[a].intersects(ends[b]) && !apart.has(a, b)) {
                    mayJoin[a][b / 64] |= 1L << b;
                    if (shell[a] == shell[b]) {
                        alike[a][b / 64] |= 1L << b;
                    }
                }
            }
        }
        List<int[][]> sought = items.stream()
                .filter(i -> i.meaning() == Meaning.JOINS && !i.isSingle() && !i.isBeeping(proved))
                .map(i -> new int[][]{roots(proved, i.red()), roots(proved, i.black())})
                .toList();
        return new Room(apart, proved, roots, loose, mayJoin, alike, sought);
    }

    private Drawn drawOne(Room room, long[][] mayJoin, SplittableRandom random) {
        PairMatrix apart = room.apart;
        int[] roots = room.roots;
        int[] free = room.loose;
        int[] to = new int[n];
        for (int i = 0; i < n; i++) {
            to[i] = i;
        }
        long[] untaken = new long[(n + 63) / 64];
        for (int a : free) {
            untaken[a / 64] |= 1L << a;
        }
        double weight = 1;
        for (int[][] gang : room.sought) {
            weight *= seek(apart, roots, gang, mayJoin, to, untaken, random);
        }
        int[] loose = free.clone();
        for (int i = loose.length - 1; i > 0; i--) {
            int j = random.nextInt(i + 1);
            int swap = loose[i];
            loose[i] = loose[j];
            loose[j] = swap;
        }
        for (int i = 0; i < loose.length; i++) {
            int a = loose[i];
            if (!has(untaken, a)) {
                continue;
            }
            take(untaken, a);
            int candidates = 0;
            for (int w = 0; w < untaken.length; w++) {
                candidates += Long.bitCount(mayJoin[a][w] & untaken[w]);
            }
            double joined = each[end[a]] * candidates;
            if (candidates > 0 && random.nextDouble() * (open[end[a]] + joined) < joined) {
                int chosen = untaken(loose, i + 1, mayJoin[a], untaken, random.nextInt(candidates));
                take(untaken, chosen);
                to[Math.max(a, chosen)] = Math.min(a, chosen);
            }
        }
        if (random.nextInt(SHORT_IN) == 0 && roots.length > 1) {
            int a = roots[random.nextInt(roots.length)];
            int b = roots[random.nextInt(roots.length)];
            if (a != b && to[a] == a && to[b] == b && mayMeet(apart, to, roots, a, b)) {
                to[Math.max(a, b)] = Math.min(a, b);
            }
        }
        int[] drawn = new int[n];
        for (int i = 0; i < n; i++) {
            drawn[i] = find(to, room.proved.root(i));
        }
        return new Drawn(Partition.of(drawn), weight);
    }

    /** The one of the contacts from a place on that are free to be joined to another, once so many were skipped. */
    private static int untaken(int[] loose, int from, long[] mayJoin, long[] untaken, int skipped) {
        // a third of the time of a draw: plain words, looked up once
        long[] free = new long[mayJoin.length];
        for (int w = 0; w < free.length; w++) {
            free[w] = mayJoin[w] & untaken[w];
        }
        int left = skipped;
        for (int k = from; k < loose.length; k++) {
            int b = loose[k];
            left -= (int) (free[b >> 6] >>> b & 1);
            if (left < 0) {
                return b;
            }
        }
        throw new IllegalStateException("fewer are free than were counted");
    }

    /**
     * Joins a pair of a gang that beeped, where none is joined yet: contacts without a partner before others.
     *
     * @return how likely that is against contacts that are joined one to one
     */
    private static double seek(PairMatrix apart, int[] roots, int[][] gang, long[][] mayJoin,
            int[] to,
            long[] untaken, SplittableRandom random) {
        List<int[]> single = new ArrayList<>();
        for (int r : gang[0]) {
            for (int b : gang[1]) {
                int a = find(to, r);
                int c = find(to, b);
                if (a == c) {
                    return 1;
                }
                if (has(mayJoin[r], b) && has(untaken, r) && has(untaken, b)) {
                    single.add(new int[]{a, c});
                }
            }
        }
        List<int[]> pairs = single.isEmpty() ? meeting(apart, roots, gang, to) : single;
        if (pairs.isEmpty()) {
            return MeterErrors.USUAL.beep();
        }
        int[] pair = pairs.get(random.nextInt(pairs.size()));
        take(untaken, pair[0]);
        take(untaken, pair[1]);
        to[Math.max(pair[0], pair[1])] = Math.min(pair[0], pair[1]);
        return single.isEmpty() ? MatchingLikelihood.SECOND_PARTNER : 1;
    }

    /** The pairs of a gang that may be joined beside what they are joined to already. */
    private static List<int[]> meeting(PairMatrix apart, int[] roots, int[][] gang, int[] to) {
        List<int[]> pairs = new ArrayList<>();
        for (int r : gang[0]) {
            for (int b : gang[1]) {
                if (mayMeet(apart, to, roots, find(to, r), find(to, b))) {
                    pairs.add(new int[]{find(to, r), find(to, b)});
                }
            }
        }
        return pairs;
    }

    private static boolean has(long[] set, int i) {
        return (set[i / 64] >> i & 1) != 0;
    }

    private static void take(long[] set, int i) {
        set[i / 64] &= ~(1L << i);
    }

    private static int[] roots(Partition proved, int[] terminals) {
        return Arrays.stream(terminals).map(proved::root).distinct().toArray();
    }

    private static int find(int[] to, int root) {
        int at = root;
        while (to[at] != at) {
            at = to[at];
        }
        return at;
    }

    /** Whether no class that was drawn to one root is proved apart from one that was drawn to the other. */
    private static boolean mayMeet(PairMatrix apart, int[] to, int[] roots, int a, int b) {
        // tens of thousands of times a touch: plain loops
        for (int r : roots) {
            if (find(to, r) == a) {
                for (int s : roots) {
                    if (apart.has(r, s) && find(to, s) == b) {
                        return false;
                    }
                }
            }
        }
        return true;
    }
}
