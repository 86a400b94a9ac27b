package wegweiser.core.batch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import org.ojalgo.optimisation.integer.IntegerStrategy;
import org.ojalgo.type.context.NumberContext;

/**
 * From which pieces cables are cut, so that as little as possible becomes too short to be of use. A cutting stock problem
 * with pieces of any length, put as an integer programme (Kantorovich, Mathematical methods of organizing and planning
 * production, 1939) and given to a solver; where its time is over, the best it found stands, with how far it may be from
 * the best there is; its word that a plan is the best is not taken. For one length {@link OneLength} is exact. Exponential in
 * the worst case, held to two seconds.
 *
 * @param cuts what is cut from which piece; pieces that stay as they are are not named
 * @param missing how many of each length could not be cut at all, in the order asked for
 * @param missedMm the same as a length
 * @param wasteMm how much is left in ends that are too short to be used
 * @param boundMm no plan that cuts as much wastes less than this; nothing where that is not known
 * @param fewest whether it is known that no plan can cut more
 */
public record CutPlan(List<Cut> cuts, List<Integer> missing, double missedMm, double wasteMm,
        double boundMm, boolean fewest) {
    /** A shorter end is waste, in mm. */
    public static final double USEFUL_MM = 300;
    private static final long MOST_MILLISECONDS = 2000;
    private static final double ROUNDING = 1e-6;
    /** Among plans of equal waste, the one that opens the fewest and shortest pieces. */
    private static final double OPENED = 0.001;

    public CutPlan {
        cuts = List.copyOf(cuts);
        missing = List.copyOf(missing);
    }

    /** So many cables of one length. */
    public record Wanted(double mm, int count) {}

    /**
     * What is cut from one piece.
     *
     * @param piece its number among those that were given, from 0
     * @param counts how many of each length asked for
     * @param leftMm what remains of it
     */
    public record Cut(int piece, List<Integer> counts, double leftMm) {
        public Cut {
            counts = List.copyOf(counts);
        }

        public boolean isLeftOfUse() {
            return leftMm >= USEFUL_MM;
        }
    }

    /** Whether no better plan exists. */
    public boolean isBest() {
        return fewest && wasteMm <= boundMm + 1;
    }

    /** Whether every cable could be cut. */
    public boolean isWhole() {
        return missing.stream().allMatch(m -> m == 0);
    }

    static {
        // the library would speak of the machine on standard output
        System.setProperty("shut.up.ojAlgo", "yes");
    }

    /** Plans for pieces of so many mm each. */
    public static CutPlan of(List<Double> pieces, List<Wanted> wanted) {
        if (wanted.size() == 1) {
            // the solver was seen to take less than the best for it, and this is reckoned in full
            CutPlan plan = plan(pieces, wanted, OneLength.counts(pieces, wanted.getFirst()));
            return new CutPlan(plan.cuts, plan.missing, plan.missedMm, plan.wasteMm, plan.wasteMm, true);
        }
        CutPlan best = plan(pieces, wanted, longestFirst(pieces, wanted));
        Programme most = new Programme(pieces, wanted, false);
        Optional<int[][]> whole = most.solved();
        if (whole.isPresent()) {
            best = plan(pieces, wanted, whole.get()).orBetter(best);
        }
        Programme least = new Programme(pieces, wanted, true);
        least.missing(best.missing());
        Optional<int[][]> found = least.solved();
        if (found.isPresent()) {
            best = plan(pieces, wanted, found.get()).orBetter(best);
        }
        return best;
    }

    /** The programme: how many of each length from each piece. In metres, so that numbers are of one size. */
    private static final class Programme {
        private static final double M = 1000;

        private final ExpressionsBasedModel model = new ExpressionsBasedModel();
        private final Variable[][] counts;
        private final List<Variable> missed = new ArrayList<>();
        private final List<Double> pieces;
        private final List<Wanted> wanted;

        /** @param byWaste whether waste is to be the least, and not what is given up */
        Programme(List<Double> pieces, List<Wanted> wanted, boolean byWaste) {
            this.pieces = pieces;
            this.wanted = wanted;
            model.options.time_abort = MOST_MILLISECONDS;
            model.options.time_suffice = MOST_MILLISECONDS;
            model.options.integer(IntegerStrategy.newConfigurable().withGapTolerance(NumberContext.of(9)));
            counts = new Variable[pieces.size()][wanted.size()];
            for (int p = 0; p < pieces.size(); p++) {
                double metres = pieces.get(p) / M;
                for (int w = 0; w < wanted.size(); w++) {
                    int most = Math.min(wanted.get(w).count(),
                            (int) Math.floor(pieces.get(p) / wanted.get(w).mm() + ROUNDING));
                    counts[p][w] = model.addVariable("x" + p + "-" + w).integer(true).lower(0).upper(most);
                }
                if (byWaste) {
                    waste(p, metres);
                } else {
                    used(p, "used", 1).upper(metres);
                }
            }
            for (int w = 0; w < wanted.size(); w++) {
                Variable none = model.addVariable("missed" + w).integer(true).lower(0)
                        .upper(wanted.get(w).count());
                if (!byWaste) {
                    none.weight(wanted.get(w).mm() / M);
                }
                missed.add(none);
                Expression all = model.addExpression("all" + w).level(wanted.get(w).count()).set(none, 1);
                for (Variable[] of : counts) {
                    all.set(of[w], 1);
                }
            }
        }

        /** What is cut from a piece, so many times. */
        private Expression used(int p, String name, double times) {
            Expression used = model.addExpression(name + p);
            for (int w = 0; w < wanted.size(); w++) {
                used.set(counts[p][w], times * wanted.get(w).mm() / M);
            }
            return used;
        }

        /** What is left of a piece is the piece, where it is opened, less what is cut from it; too short, it is waste. */
        private void waste(int p, double metres) {
            Variable opened = model.addVariable("opened" + p).binary().weight(OPENED * (1 + metres / M));
            Variable useful = model.addVariable("useful" + p).binary();
            Variable waste = model.addVariable("waste" + p).lower(0).upper(metres).weight(1);
            used(p, "left", -1).set(opened, metres).lower(0);
            used(p, "wasted", 1).set(waste, 1).set(useful, metres).set(opened, -metres).lower(0);
            used(p, "kept", -1).set(opened, metres).set(useful, -USEFUL_MM / M).lower(0);
        }

        /** So many of each length are given up. */
        void missing(List<Integer> counts) {
            for (int w = 0; w < counts.size(); w++) {
                missed.get(w).level(counts.get(w));
            }
        }

        /** The best counts; empty where the time was not enough for any. */
        Optional<int[][]> solved() {
            Optimisation.Result result = model.minimise();
            if (!result.getState().isFeasible()) {
                return Optional.empty();
            }
            int[][] found = new int[pieces.size()][wanted.size()];
            for (int p = 0; p < pieces.size(); p++) {
                for (int w = 0; w < wanted.size(); w++) {
                    found[p][w] = (int) Math.round(counts[p][w].getValue().doubleValue());
                }
            }
            return Optional.of(found);
        }
    }

    /** The better of two plans; one that takes more from a piece than there is, by a solver's rounding, is none. */
    private CutPlan orBetter(CutPlan other) {
        int less = Long.compare(Math.round(missedMm), Math.round(other.missedMm));
        boolean better = less < 0 || less == 0 && wasteMm < other.wasteMm - 1;
        return better && cuts.stream().allMatch(c -> c.leftMm() > -ROUNDING) ? this : other;
    }

    /** Each length into the shortest piece that still has room, the longest lengths first. */
    private static int[][] longestFirst(List<Double> pieces, List<Wanted> wanted) {
        int[][] counts = new int[pieces.size()][wanted.size()];
        double[] left = pieces.stream().mapToDouble(Double::doubleValue).toArray();
        List<Integer> order = IntStream.range(0, wanted.size()).boxed()
                .sorted(Comparator.comparingDouble(w -> -wanted.get(w).mm())).toList();
        for (int w : order) {
            for (int n = 0; n < wanted.get(w).count(); n++) {
                double mm = wanted.get(w).mm();
                OptionalInt piece = IntStream.range(0, left.length).filter(p -> left[p] >= mm - ROUNDING)
                        .boxed()
                        .min(Comparator.comparingDouble(p -> left[p])).map(OptionalInt::of)
                        .orElse(OptionalInt.empty());
                if (piece.isEmpty()) {
                    break;
                }
                left[piece.getAsInt()] -= mm;
                counts[piece.getAsInt()][w]++;
            }
        }
        return counts;
    }

    private static CutPlan plan(List<Double> pieces, List<Wanted> wanted, int[][] counts) {
        List<Cut> cuts = new ArrayList<>();
        double waste = 0;
        int[] made = new int[wanted.size()];
        for (int p = 0; p < pieces.size(); p++) {
            List<Integer> of = new ArrayList<>();
            double left = pieces.get(p);
            for (int w = 0; w < wanted.size(); w++) {
                int n = counts[p][w];
                of.add(n);
                made[w] += n;
                left -= n * wanted.get(w).mm();
            }
            if (of.stream().anyMatch(n -> n > 0)) {
                Cut cut = new Cut(p, of, left);
                cuts.add(cut);
                waste += cut.isLeftOfUse() ? 0 : left;
            }
        }
        List<Integer> missing = new ArrayList<>();
        double missedMm = 0;
        for (int w = 0; w < wanted.size(); w++) {
            missing.add(wanted.get(w).count() - made[w]);
            missedMm += missing.getLast() * wanted.get(w).mm();
        }
        return new CutPlan(cuts, missing, missedMm, waste, 0, missedMm == 0);
    }
}
