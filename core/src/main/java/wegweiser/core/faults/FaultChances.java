package wegweiser.core.faults;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import wegweiser.core.derived.Derived;
import wegweiser.core.evidence.Meaning;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Touch;

/**
 * How likely each fault still is. Faults happen independently of each other; a good reading makes those less likely that
 * would have shown, by Bayes' rule, and not impossible: a probe may sit badly, and now and then a meter beeps out of
 * nothing. O(faults) a reading.
 */
public final class FaultChances {
    /** A short that is there is not seen: a probe did not touch. */
    private static final double UNSEEN = 0.01;
    /** A joint that is open beeps all the same. */
    private static final double OUT_OF_NOTHING = 0.003;
    /** The same touch once more is likelier to be wrong in the same way. */
    private static final double AGAIN = 0.1;
    /** So much less likely must a fault be that does harm than any. */
    public static final double HARM = 10;

    /** So small a share of its chance is left of a fault that a reading excludes. */
    private static final double EXCLUDED = 0.05;
    /** What a fault that does harm counts against one that does not. */
    private static final double HARM_WEIGHT = 5;

    private final List<PossibleFault> faults;
    private final Foretold foretold;
    private final boolean[] harms;
    private final Map<Reading, int[]> known = new ConcurrentHashMap<>();

    /**
     * How likely one fault is after some readings.
     *
     * @param harm whether it may destroy what is plugged in
     */
    public record Chance(PossibleFault fault, double chance, boolean harm) {
        /** Whether readings speak against it so much that it need not be looked for. */
        public boolean isExcluded() {
            return chance < EXCLUDED * fault.chance();
        }
    }

    /** A touch with what the meter was set to. */
    private record Asked(Touch touch, Mode mode) {
        static Asked of(Reading reading) {
            return new Asked(reading.touch(), reading.mode());
        }
    }

    private FaultChances(Derived derived) {
        Harm harm = new Harm(derived);
        this.faults = Faults.of(derived);
        this.foretold = new Foretold(derived.index(), faults, derived.foreseen());
        this.harms = new boolean[faults.size()];
        for (int k = 0; k < harms.length; k++) {
            harms[k] = harm.isDoneBy(foretold.nets(k));
        }
    }

    public static FaultChances of(Derived derived) {
        Derived plan = derived.plan();
        return plan.once(FaultChances.class, () -> new FaultChances(plan));
    }

    /** The probability that any fault of a kind happened, before anything was read. */
    public double before(FaultKind kind) {
        return any(before(), k -> faults.get(k).kind() == kind);
    }

    private double[] before() {
        return faults.stream().mapToDouble(PossibleFault::chance).toArray();
    }

    /** The probability of any of some faults, each with its own. */
    private static double any(double[] chance, IntPredicate those) {
        return 1 - IntStream.range(0, chance.length).filter(those).mapToDouble(k -> 1 - chance[k])
                .reduce(1, (a, b) -> a * b);
    }

    /** The faults, by their numbers, on which a meter would not show what it shows on a good cable. */
    public int[] against(Reading reading) {
        // the same readings are asked for after every touch
        return known.computeIfAbsent(reading, foretold::against);
    }

    /** What is left after readings, each of which a good cable shows. */
    public Left after(List<Reading> readings) {
        Left left = new Left(before(), new HashMap<>());
        readings.forEach(left::heed);
        return left;
    }

    /** The chance that a fault is left after the first of the readings, after the first two, and so on. */
    public List<Double> falling(List<Reading> readings) {
        Left left = new Left(before(), new HashMap<>());
        List<Double> falling = new ArrayList<>();
        for (Reading reading : readings) {
            left.heed(reading);
            falling.add(left.chance());
        }
        return falling;
    }

    /** How likely a fault that should have shown did not. */
    private static double miss(Reading reading, int before) {
        double once = Meaning.of(reading) == Meaning.JOINS ? OUT_OF_NOTHING : UNSEEN;
        return before == 0 ? once : before == 1 ? once / AGAIN : 1;
    }

    /** What is left of every chance. */
    public final class Left {
        private final double[] chance;
        private final Map<Asked, Integer> made;

        private Left(double[] chance, Map<Asked, Integer> made) {
            this.chance = chance;
            this.made = made;
        }

        private void heed(Reading reading) {
            if (!reading.isAssumed()) {
                double miss = miss(reading, made.getOrDefault(Asked.of(reading), 0));
                for (int k : against(reading)) {
                    chance[k] = chance[k] * miss / (1 - chance[k] + chance[k] * miss);
                }
                made.merge(Asked.of(reading), 1, Integer::sum);
            }
        }

        /** Each fault with how likely it still is, in the order in which they were listed. */
        public List<Chance> chances() {
            return IntStream.range(0, chance.length)
                    .mapToObj(k -> new Chance(faults.get(k), chance[k], harms[k])).toList();
        }

        /** The probability that the cable has any of the faults. */
        public double chance() {
            return any(chance, _ -> true);
        }

        /** The probability that it has one that does harm. */
        public double harm() {
            return any(chance, k -> harms[k]);
        }

        /**
         * Whether no more than so much chance is left, of harm a share of it, and every wire was looked at. Of a cable on
         * which nothing is planned nothing can be said.
         */
        public boolean isEnough(double most) {
            return chance.length > 0 && isSureOf(most)
                    && IntStream.range(0, chance.length).noneMatch(this::isWireUnseen);
        }

        private boolean isSureOf(double most) {
            return chance() <= most && harm() <= most / HARM;
        }

        private boolean isWireUnseen(int k) {
            return faults.get(k).kind() == FaultKind.OPEN && chance[k] == faults.get(k).chance();
        }

        /**
         * What each fault counts, by its chance, harm more; once it is sure enough nothing but that every wire is looked at.
         */
        public double[] weights(double most) {
            boolean sure = isSureOf(most);
            return IntStream.range(0, chance.length)
                    .mapToDouble(k -> sure && !isWireUnseen(k) ? 0 : chance[k] * (harms[k] ? HARM_WEIGHT : 1))
                    .toArray();
        }

        /** The share that a good reading takes away of what would have shown in it. */
        public double taken(Reading reading) {
            return 1 - miss(reading, made.getOrDefault(Asked.of(reading), 0));
        }
    }
}
