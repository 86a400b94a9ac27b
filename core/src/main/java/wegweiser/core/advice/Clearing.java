package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.MeasuredPart;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.wiring.DisjointSets;
import wegweiser.core.wiring.Partition;

/**
 * What is left to be proved once the joins are known, with gangs: that nothing lies between nets that are apart, or
 * which part. Nets with a part between them stay on one side of every gang, so that whatever a gang shows is something
 * new; they are asked pair by pair among themselves. At each placement ohms come first, then diode mode without moving
 * a hand. Which groups face each other when says {@link Isolation#bothWays}. O(nets²) a look.
 */
final class Clearing {
    /** Nets that parts join whose pairs are all read with bare probes too. */
    private static final int FEW = 6;
    /** Between these ohms the volts in diode mode tell the current of the meter. */
    private static final double AMPS_LEAST_OHMS = 40;
    private static final double AMPS_MOST_OHMS = 1500;
    private static final double DIFFERENT = 1.35;

    private final Evidence evidence;
    private final List<int[]> groups;
    private final List<Isolation.Cut> cuts;

    /** A touch by the numbers of its terminals, the mode to read it in, and what is special about it. */
    record Asked(int[][] touch, Mode mode, Why why) {
        /** Why a touch is asked for, where its mode and its gangs do not say so. */
        enum Why {
            PLAIN,
            /** It measures what was only heard. */
            HEARD,
            /** It shows what current the meter sends. */
            AMPS
        }

        boolean isSingle() {
            return touch[0].length == 1 && touch[1].length == 1;
        }
    }

    Clearing(Evidence evidence) {
        this.evidence = evidence;
        this.groups = groups(evidence);
        this.cuts = Isolation.bothWays(groups.size());
    }

    /** The first terminal of each net, those between which parts lie together. */
    private static List<int[]> groups(Evidence evidence) {
        Partition nets = evidence.partition();
        DisjointSets sets = new DisjointSets(nets.size());
        for (MeasuredPart part : evidence.parts()) {
            sets.union(nets.root(evidence.index().of(part.a())), nets.root(evidence.index().of(part.b())));
        }
        Partition group = sets.partition();
        List<List<Integer>> found = new ArrayList<>();
        int[] at = new int[nets.size()];
        Arrays.fill(at, -1);
        for (int i = 0; i < nets.size(); i++) {
            if (!nets.isRoot(i)) {
                continue;
            }
            if (at[group.root(i)] < 0) {
                at[group.root(i)] = found.size();
                found.add(new ArrayList<>());
            }
            found.get(at[group.root(i)]).add(i);
        }
        return found.stream().map(g -> g.stream().mapToInt(Integer::intValue).toArray()).toList();
    }

    /** The placement of the last reading in diode mode, if it was a wide one that was over range in ohms. */
    static Optional<Asked> sameHands(Evidence evidence, Repeats repeats) {
        if (evidence.readings().isEmpty()) {
            return Optional.empty();
        }
        Reading last = evidence.readings().getLast();
        int[] red = evidence.index().of(last.red());
        int[] black = evidence.index().of(last.black());
        boolean wide = red.length > 1 && black.length > 1;
        return wide && last.mode() == Mode.OHMS && last.outcome() instanceof Outcome.Open && !last.isAssumed()
                && any(red, black, (r, b) -> !Proof.isDiodeKnown(evidence, r, b))
                && !repeats.isEnoughInDiodeMode(red, black)
                        ? Optional.of(new Asked(new int[][]{red, black}, Mode.DIODE, Asked.Why.PLAIN))
                        : Optional.empty();
    }

    /** The next touch, or empty when every pair is proved or was touched often enough. */
    Optional<Asked> next(Repeats repeats) {
        for (Isolation.Cut cut : cuts) {
            Optional<Asked> asked = ask(terminals(cut.red()), terminals(cut.black()), repeats);
            if (asked.isPresent()) {
                return asked;
            }
        }
        return within(repeats).or(() -> heard(repeats)).or(() -> amps(repeats));
    }

    /**
     * Where volts may be those of a diode or of a resistance: another resistance in diode mode, by which the current of the
     * meter comes out. The smallest is best, since no diode conducts beside it.
     */
    private Optional<Asked> amps(Repeats repeats) {
        int[] nets = evidence.partition().roots();
        List<int[]> unsettled = Arrays.stream(nets).boxed()
                .flatMap(a -> Arrays.stream(nets).filter(b -> evidence.isUnsettled(a, b))
                        .mapToObj(b -> new int[]{a, b}))
                .toList();
        if (unsettled.isEmpty()) {
            return Optional.empty();
        }
        Optional<int[]> best = Optional.empty();
        double least = AMPS_MOST_OHMS;
        for (int a : nets) {
            for (int b : nets) {
                double ohms = a < b ? evidence.ohms(a, b).orElse(Double.NaN) : Double.NaN;
                boolean tells = ohms >= AMPS_LEAST_OHMS && ohms < least
                        && unsettled.stream().noneMatch(u -> isAlike(ohms, evidence.ohms(u[0], u[1])));
                if (tells && !evidence.looked().wasReadInVolts(a, b)
                        && !repeats.isEnoughInDiodeMode(new int[]{a}, new int[]{b})) {
                    least = ohms;
                    best = Optional.of(new int[]{a, b});
                }
            }
        }
        return best.map(
                pair -> new Asked(new int[][]{{pair[0]}, {pair[1]}}, Mode.DIODE, Asked.Why.AMPS));
    }

    private static boolean isAlike(double ohms, OptionalDouble other) {
        return other.isPresent() && ohms * DIFFERENT > other.getAsDouble()
                && ohms < other.getAsDouble() * DIFFERENT;
    }

    /** A pair of nets that parts join, by whatever way: ohms first, then diode mode both ways round. */
    private Optional<Asked> within(Repeats repeats) {
        for (int[] group : groups) {
            for (int a : group) {
                for (int b : group) {
                    Optional<Asked> asked = a == b
                            ? Optional.empty()
                            : ask(new int[]{a}, new int[]{b}, repeats);
                    if (asked.isPresent()) {
                        return asked;
                    }
                }
            }
        }
        return Optional.empty();
    }

    /**
     * A pair of nets among those that parts join, in ohms. Only when all of these pairs are read is it certain which
     * part lies where: two in a row, or one beside both.
     */
    Optional<Asked> beside(Repeats repeats) {
        for (int[] group : groups) {
            for (int a : group.length <= FEW ? group : new int[0]) {
                for (int b : group) {
                    if (a < b && !evidence.looked().inOhms(a, b) && !repeats.isEnough(a, b)) {
                        return Optional.of(new Asked(new int[][]{{a}, {b}}, Mode.OHMS, Asked.Why.PLAIN));
                    }
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Asked> ask(int[] red, int[] black, Repeats repeats) {
        if (any(red, black, this::needsOhms) && !repeats.isEnough(red, black)) {
            return Optional.of(new Asked(new int[][]{red, black}, Mode.OHMS, Asked.Why.PLAIN));
        }
        return any(red, black, this::needsDiode) && !repeats.isEnoughInDiodeMode(red, black)
                ? Optional.of(new Asked(new int[][]{red, black}, Mode.DIODE, Asked.Why.PLAIN))
                : Optional.empty();
    }

    private boolean needsOhms(int a, int b) {
        Proof.Need need = Proof.need(evidence, a, b);
        return need == Proof.Need.LOOK || need == Proof.Need.OHMS;
    }

    private boolean needsDiode(int red, int black) {
        return !evidence.isUnsettled(red, black)
                && (!Proof.isDiodeKnown(evidence, red, black) || isNearlyHidden(red, black));
    }

    /** Whether a diode hardly shows beside what was read, so that the next reading might say that it does. */
    private boolean isNearlyHidden(int red, int black) {
        return !evidence.looked().inDiodeMode(red, black)
                && evidence.ohms(red, black).orElse(0) > (1 - Proof.HIDES_MARGIN) * Proof.HIDES_DIODE_OHMS;
    }

    /** A join that was only heard; asked in ohms once. */
    private Optional<Asked> heard(Repeats repeats) {
        for (int a = 0; a < evidence.index().size(); a++) {
            for (int b = a + 1; b < evidence.index().size(); b++) {
                if (evidence.isJoined(a, b) && !evidence.looked().isCopper(a, b) && repeats.count(a, b) < 2) {
                    return Optional.of(new Asked(new int[][]{{a}, {b}}, Mode.OHMS, Asked.Why.HEARD));
                }
            }
        }
        return Optional.empty();
    }

    /** How many placements are left, as far as can be told. */
    int left() {
        int left = (int) cuts.stream()
                .filter(c -> any(terminals(c.red()), terminals(c.black()),
                        (a, b) -> needsOhms(a, b) || needsDiode(a, b)))
                .count();
        for (int[] group : groups) {
            for (int a : group) {
                left += (int) Arrays.stream(group)
                        .filter(b -> a != b && (needsOhms(a, b) || needsDiode(a, b))).count();
            }
        }
        return left;
    }

    @FunctionalInterface
    private interface Pair {
        boolean test(int red, int black);
    }

    private static boolean any(int[] red, int[] black, Pair what) {
        // asked of thousands of pairs a touch: plain loops
        for (int r : red) {
            for (int b : black) {
                if (what.test(r, b)) {
                    return true;
                }
            }
        }
        return false;
    }

    private int[] terminals(int[] some) {
        return Arrays.stream(some).mapToObj(groups::get).flatMapToInt(Arrays::stream).sorted().toArray();
    }
}
