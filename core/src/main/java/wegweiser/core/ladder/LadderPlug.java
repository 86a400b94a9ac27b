package wegweiser.core.ladder;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/**
 * A plug with another resistor on each contact, all joined to one common lead: then a single resistance reading from a
 * contact at the far end to that lead names the contact of the plug, and two contacts that are joined show the
 * resistance of both in parallel. The values are chosen so that every contact, and every pair that matters, has a range
 * of readings of its own, whatever the tolerance of the parts, the error of the meter and the resistance of the cable.
 *
 * <p>Values are looked for by {@link LadderSearch}. Where that finds none, choosing is greedy: values are tried in a random
 * order, and one is taken when none of the ranges that it brings meets one that is there; the best of many tries is kept,
 * and tells how many contacts there is room for. O(tries x series x contacts²).
 *
 * @param values in ohms, one for each contact
 */
public record LadderPlug(List<Double> values, Errors error) {
    private static final int TRIES = 60;
    private static final double LOWEST = 150;
    private static final double HIGHEST = 1e6;

    public LadderPlug {
        values = List.copyOf(values);
    }

    /** A series of preferred numbers (IEC 60063) with the tolerance its parts usually have. */
    public enum Series {
        E12(12, 0.05),
        E24(24, 0.01),
        E96(96, 0.01),
        E96_CLOSE(96, 0.001);

        private final int steps;
        private final double tolerance;

        Series(int steps, double tolerance) {
            this.steps = steps;
            this.tolerance = tolerance;
        }

        public double tolerance() {
            return tolerance;
        }

        /** The values of the series between two resistances, in ohms. */
        public List<Double> between(double from, double to) {
            List<Double> found = new ArrayList<>();
            for (double decade = 1; decade <= to; decade *= 10) {
                for (int k = 0; k < steps; k++) {
                    double value = Math.round(1000 * decade * number(k)) / 1000.0;
                    if (value >= from && value <= to) {
                        found.add(value);
                    }
                }
            }
            return found;
        }

        private double number(int k) {
            if (steps == 96) {
                return Math.round(100 * Math.pow(10, k / 96.0)) / 100.0;
            }
            double[] e24 = {1.0, 1.1, 1.2, 1.3, 1.5, 1.6, 1.8, 2.0, 2.2, 2.4, 2.7, 3.0, 3.3, 3.6, 3.9, 4.3,
                    4.7, 5.1,
                    5.6, 6.2, 6.8, 7.5, 8.2, 9.1};
            return e24[steps == 24 ? k : 2 * k];
        }
    }

    /**
     * What may be wrong with a reading.
     *
     * @param tolerance of the resistors, as a share; what is left of it when they were measured beforehand
     * @param meter error of the meter, as a share
     * @param cableOhms most that cable, leads and contacts add, in ohms
     */
    public record Errors(double tolerance, double meter, double cableOhms) {
        /** What a meter may show for a resistance, the least and the most, in ohms. */
        double[] range(double ohms) {
            return new double[]{ohms * (1 - tolerance) * (1 - meter),
                    (ohms * (1 + tolerance) + cableOhms) * (1 + meter)};
        }
    }

    /** Which pairs of contacts must be told apart from everything else. */
    @FunctionalInterface
    public interface Pairs {
        /** Every pair: any two contacts may be shorted. */
        Pairs ALL = (_, _) -> true;
        /** No pair: only the contacts themselves. */
        Pairs NONE = (_, _) -> false;

        boolean matter(int one, int other);
    }

    /** A plan, or the number of contacts that can be told apart when not all of them can. */
    public record Design(Optional<LadderPlug> plug, int most) {}

    /** Chooses values for so many contacts, such that the contacts and the pairs that matter can be told apart. */
    public static Design design(int contacts, Pairs pairs, Series series, Errors error, long seed) {
        List<Double> all = series.between(LOWEST, HIGHEST);
        if (contacts > 0 && mayFit(contacts, pairs, error)) {
            Optional<LadderPlug> plug = LadderSearch.best(contacts, pairs, all, error, seed)
                    .map(found -> new LadderPlug(found.values(), error));
            if (plug.isPresent()) {
                return new Design(plug, contacts);
            }
        }
        SplittableRandom random = new SplittableRandom(seed);
        List<Double> best = List.of();
        for (int round = 0; round < TRIES && best.size() < contacts; round++) {
            List<Double> chosen = chosen(all, contacts, pairs, error, random);
            best = chosen.size() > best.size() ? chosen : best;
        }
        return best.size() >= contacts
                ? new Design(Optional.of(new LadderPlug(best.subList(0, contacts), error)), contacts)
                : new Design(Optional.empty(), best.size());
    }

    /** Whether as many ranges as must be kept apart have room beside each other at all. */
    private static boolean mayFit(int contacts, Pairs pairs, Errors error) {
        int ranges = contacts;
        for (int i = 0; i < contacts; i++) {
            for (int j = 0; j < i; j++) {
                ranges += pairs.matter(j, i) ? 1 : 0;
            }
        }
        double[] widest = error.range(HIGHEST);
        return ranges * Math.log(widest[1] / widest[0]) < Math.log(2 * HIGHEST / LOWEST);
    }

    private static List<Double> chosen(List<Double> all, int wanted, Pairs pairs, Errors error,
            SplittableRandom random) {
        List<Double> order = new ArrayList<>(all);
        for (int i = order.size() - 1; i > 0; i--) {
            int j = random.nextInt(i + 1);
            double kept = order.get(i);
            order.set(i, order.get(j));
            order.set(j, kept);
        }
        List<Double> chosen = new ArrayList<>();
        List<double[]> ranges = new ArrayList<>();
        for (double value : order) {
            if (chosen.size() == wanted) {
                break;
            }
            List<double[]> more = new ArrayList<>();
            more.add(error.range(value));
            for (int k = 0; k < chosen.size(); k++) {
                if (pairs.matter(k, chosen.size())) {
                    more.add(error.range(parallel(value, chosen.get(k))));
                }
            }
            if (apart(ranges, more)) {
                chosen.add(value);
                ranges.addAll(more);
            }
        }
        return chosen;
    }

    private static boolean apart(List<double[]> ranges, List<double[]> more) {
        for (int i = 0; i < more.size(); i++) {
            for (double[] there : ranges) {
                if (meet(more.get(i), there)) {
                    return false;
                }
            }
            for (int j = 0; j < i; j++) {
                if (meet(more.get(i), more.get(j))) {
                    return false;
                }
            }
        }
        return true;
    }

    private static boolean meet(double[] one, double[] other) {
        return one[0] <= other[1] && other[0] <= one[1];
    }

    private static double parallel(double a, double b) {
        return a * b / (a + b);
    }

    /**
     * What a reading may stand for: contacts by position from 0, each alone or two together, the single ones first. An
     * empty list means that nothing fits: three or more are joined, or a part lies in the way.
     */
    public List<List<Integer>> decode(double ohms) {
        List<List<Integer>> found = new ArrayList<>();
        for (int i = 0; i < values.size(); i++) {
            if (fits(ohms, values.get(i))) {
                found.add(List.of(i));
            }
        }
        for (int i = 0; i < values.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (fits(ohms, parallel(values.get(i), values.get(j)))) {
                    found.add(List.of(j, i));
                }
            }
        }
        return found;
    }

    /** How many contacts share their readings with some shorted pair, so that a touch without the plug has to settle them. */
    public long ambiguous() {
        return values.stream().filter(this::isShared).count();
    }

    private boolean isShared(double value) {
        double[] own = error.range(value);
        for (int i = 0; i < values.size(); i++) {
            for (int j = 0; j < i; j++) {
                if (meet(own, error.range(parallel(values.get(i), values.get(j))))) {
                    return true;
                }
            }
        }
        return false;
    }

    /** What a reading may stand for, nothing at all for a reading over range. */
    public List<List<Integer>> meanings(OptionalDouble ohms) {
        return ohms.isEmpty() || ohms.getAsDouble() > openOhms()
                ? List.of(List.of())
                : decode(ohms.getAsDouble());
    }

    /** What shows where these contacts are joined, by position, in ohms; empty where none is. */
    public OptionalDouble shows(IntPredicate joined) {
        double siemens = IntStream.range(0, values.size()).filter(joined).mapToDouble(k -> 1 / values.get(k))
                .sum();
        return siemens == 0 ? OptionalDouble.empty() : OptionalDouble.of(1 / siemens);
    }

    /**
     * Whether a reading shows that a contact is not joined, whatever else is joined or lies in the cable: joined, it would
     * have pulled the reading down to its own resistance at the most.
     *
     * @param ohms the reading; infinite for one over range
     * @param contact by position
     */
    public boolean excludes(double ohms, int contact) {
        return ohms > error.range(values.get(contact))[1];
    }

    private boolean fits(double ohms, double value) {
        double[] range = error.range(value);
        return ohms >= range[0] && ohms <= range[1];
    }

    /** From here on a reading means that nothing is joined. */
    public double openOhms() {
        return 3 * values.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    }
}
