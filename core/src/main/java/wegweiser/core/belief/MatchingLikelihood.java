package wegweiser.core.belief;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import wegweiser.core.evidence.CopperProof;
import wegweiser.core.evidence.Meaning;
import wegweiser.core.wiring.PairMatrix;
import wegweiser.core.wiring.Partition;

/**
 * How likely readings are of a cable whose contacts are joined at random in part: estimated one reading after the
 * other, given those before it. O(readings x gang size x terminals).
 *
 * @param end for each terminal the number of its end
 * @param shell for each terminal whether it is the shell of its connector
 * @param open for each end how likely a contact is open
 * @param each for each end how likely a contact is joined to any one contact elsewhere
 * @param pattern a wiring that the cable has but for some wires, if it follows one
 */
record MatchingLikelihood(int[] end, boolean[] shell, double[] open, double[] each,
        Optional<Partition> pattern) {
    private static final double SAME_END = 0.03;
    static final double SECOND_PARTNER = 0.02;
    private static final double SHELL_TO_PIN = 0.004;

    /**
     * What readings are worth.
     *
     * @param log log of the probability of them all
     * @param doubt how likely the last one is wrong, given those before it
     * @param items the readings
     * @param wired what they join, and {@code apart} what they set apart; nobody writes there any more
     * @param sought gangs that beeped, whose pair is not known yet
     */
    record Weighed(double log, double doubt, List<CopperProof.Item> items, Partition wired, PairMatrix apart,
            List<CopperProof.Item> sought) {
        /** Whether these readings begin with those. */
        boolean isBeginningOf(List<CopperProof.Item> all) {
            return items.size() <= all.size()
                    && IntStream.range(0, items.size()).allMatch(k -> items.get(k).isSame(all.get(k)));
        }
    }

    /** Weighs readings, one after the other; from where an earlier weighing left off, if these begin with its readings. */
    Weighed weigh(List<CopperProof.Item> items, MeterErrors errors, Optional<Weighed> earlier) {
        Optional<Weighed> before = earlier.filter(w -> w.isBeginningOf(items));
        Partition wired = before.map(Weighed::wired)
                .orElseGet(() -> Partition.of(IntStream.range(0, end.length).toArray()));
        PairMatrix apart = before.map(w -> w.apart().copy()).orElseGet(() -> new PairMatrix(end.length));
        double sum = before.map(Weighed::log).orElse(0.0);
        double doubt = before.map(Weighed::doubt).orElse(0.0);
        List<CopperProof.Item> sought = new ArrayList<>(before.map(Weighed::sought).orElse(List.of()));
        for (CopperProof.Item item : items.subList(before.map(w -> w.items().size()).orElse(0),
                items.size())) {
            double p = beepProbability(wired, apart, item);
            CopperProof.Item narrowed = item;
            for (CopperProof.Item gang : sought) {
                CopperProof.Item within = within(item, gang);
                if (within != null) {
                    p = Math.min(1, beepProbability(wired, apart, within)
                            / Math.max(errors.beep(), beepProbability(wired, apart, gang)));
                    if (size(within) < size(item)) {
                        p += (1 - p) * SECOND_PARTNER;
                    }
                    narrowed = within.black().length > 0 ? within : item;
                    break;
                }
            }
            boolean joins = item.meaning() == Meaning.JOINS;
            sum += errors.log(Math.clamp(p, 0, 1), joins);
            doubt = errors.doubt(Math.clamp(p, 0, 1), joins);
            if (joins && item.isSingle()) {
                wired = joined(wired, apart, item.red()[0], item.black()[0]);
                sought.removeIf(isBeeping(wired));
            } else if (joins && !item.isBeeping(wired)) {
                sought.addFirst(narrowed);
            } else if (!joins) {
                for (int r : item.red()) {
                    for (int b : item.black()) {
                        apart.markBoth(wired.root(r), wired.root(b));
                    }
                }
            }
        }
        return new Weighed(sum, doubt, List.copyOf(items), wired, apart, List.copyOf(sought));
    }

    /** Probability that a touch beeps: contacts of one end exclude each other as partners of a contact of the other. */
    private double beepProbability(Partition wired, PairMatrix apart, CopperProof.Item item) {
        boolean byRed = item.red().length <= item.black().length;
        double none = 1;
        for (int one : byRed ? item.red() : item.black()) {
            double some = 0;
            for (int other : byRed ? item.black() : item.red()) {
                some += joinProbability(wired, apart, one, other);
            }
            none *= Math.max(0, 1 - some);
        }
        return 1 - none;
    }

    /**
     * The part of a touch that concerns a gang that beeped before. Where the gang covers the whole touch, that is the
     * touch itself. Where both look for the partner of the same single contact, it is what they have in common.
     * Otherwise null.
     */
    private static CopperProof.Item within(CopperProof.Item item, CopperProof.Item gang) {
        if (isSubset(item.red(), gang.red()) && isSubset(item.black(), gang.black())
                || isSubset(item.red(), gang.black()) && isSubset(item.black(), gang.red())) {
            return item;
        }
        return item.red().length == 1 && Arrays.equals(item.red(), gang.red())
                ? new CopperProof.Item(item.number(), item.meaning(), item.red(),
                        Arrays.stream(item.black()).filter(b -> isSubset(new int[]{b}, gang.black()))
                                .toArray())
                : null;
    }

    private static boolean isSubset(int[] part, int[] whole) {
        return Arrays.stream(part).allMatch(i -> Arrays.stream(whole).anyMatch(w -> w == i));
    }

    private static int size(CopperProof.Item item) {
        return item.red().length * item.black().length;
    }

    private double joinProbability(Partition wired, PairMatrix apart, int a, int b) {
        if (wired.isJoined(a, b)) {
            return 1;
        }
        if (apart.has(wired.root(a), wired.root(b))) {
            return 0;
        }
        if (pattern.isPresent() && pattern.get().isJoined(a, b)) {
            return 1 - Changed.WIRE;
        }
        if (end[a] == end[b]) {
            return pattern.isPresent() ? Changed.SAME_END : SAME_END;
        }
        if (shell[a] != shell[b]) {
            return SHELL_TO_PIN;
        }
        int forA = 0;
        int forB = 0;
        for (int i = 0; i < end.length; i++) {
            if (wired.isJoined(i, a) && end[i] == end[b] || wired.isJoined(i, b) && end[i] == end[a]) {
                return SECOND_PARTNER;
            }
            forA += end[i] == end[b] && shell[i] == shell[b] && !apart.has(wired.root(a), wired.root(i))
                    ? 1
                    : 0;
            forB += end[i] == end[a] && shell[i] == shell[a] && !apart.has(wired.root(b), wired.root(i))
                    ? 1
                    : 0;
        }
        return Math.sqrt(share(a, forA) * share(b, forB)) * loose(apart, wired, a) * loose(apart, wired, b);
    }

    /** How likely a contact without a partner so far has left the one that it has in the pattern. */
    private double loose(PairMatrix apart, Partition wired, int contact) {
        if (pattern.isEmpty()) {
            return 1;
        }
        Partition given = pattern.get();
        if (given.isAlone(contact)) {
            return Changed.OPEN_TAKEN;
        }
        for (int i = 0; i < end.length; i++) {
            if (i != contact && given.isJoined(i, contact) && end[i] != end[contact]
                    && apart.has(wired.root(i), wired.root(contact))) {
                return 1;
            }
        }
        return Changed.WIRE;
    }

    /** Probability that a contact is joined to a certain one of those that it may still be joined to. */
    private double share(int contact, int possible) {
        int e = end[contact];
        return each[e] / (open[e] + each[e] * possible);
    }

    private static Predicate<CopperProof.Item> isBeeping(Partition wired) {
        return gang -> gang.isBeeping(wired);
    }

    /** Joins two contacts; what is apart from one of them is apart from both. */
    private static Partition joined(Partition wired, PairMatrix apart, int a, int b) {
        Partition joined = wired.joining(a, b);
        int gone = Math.max(wired.root(a), wired.root(b));
        if (gone != joined.root(a)) {
            apart.copy(gone, joined.root(a));
        }
        return joined;
    }
}
