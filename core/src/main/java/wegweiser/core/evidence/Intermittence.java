package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;

/**
 * Finds touches that gave both results, and beeps that a resistance reading of the same touch explains away.
 *
 * <p>A touch that gave both results is settled by more of the same: the result that was read more often counts, if it also
 * held more often while the cable was bent; the readings of the other one are taken for misread. So is a value, or over
 * range, against others of the same touch. What is settled by only one reading more is not sure: without that one it would
 * not be. One pass over the readings.
 *
 * @param doubtful numbers from 0 of the readings that prove nothing
 * @param terminals of touches that gave both results and are not settled
 * @param disputes touches whose readings differ, with the first to be asked for again first
 */
record Intermittence(BitSet doubtful, List<Terminal> terminals, List<Dispute> disputes) {
    /** So much does a probe show more when it is pressed less. */
    private static final double PRESSING_OHMS = 1;
    /** A contact that is held for so long while the cable is bent would show that it is a bad one. */
    private static final double STEADY_SECONDS = 3;
    /** Values that differ by less are the same: as a share, and in ohms or volts beside. */
    private static final double ALIKE_SHARE = 0.25;
    private static final double ALIKE_OHMS = 3;
    private static final double ALIKE_VOLTS = 0.06;

    /** A touch either way round, whatever the order of its contacts. */
    private record Key(List<Terminal> one, List<Terminal> other, int sum) {
        static Key of(Reading reading) {
            return new Key(reading.red(), reading.black(), sum(reading.red()) + sum(reading.black()));
        }

        private static int sum(List<Terminal> some) {
            int sum = 0;
            for (Terminal terminal : some) {
                sum += terminal.hashCode();
            }
            return sum;
        }

        @Override
        public boolean equals(Object o) {
            return o instanceof Key key && sum == key.sum
                    && (isSame(one, key.one) && isSame(other, key.other)
                            || isSame(one, key.other) && isSame(other, key.one));
        }

        private static boolean isSame(List<Terminal> some, List<Terminal> others) {
            return some.size() == others.size()
                    && (some.equals(others) || Set.copyOf(some).equals(Set.copyOf(others)));
        }

        @Override
        public int hashCode() {
            return sum;
        }
    }

    /** @param counts whether a reading counts at all */
    static Intermittence of(List<Reading> readings, Predicate<Reading> counts) {
        Map<Key, List<Integer>> byTouch = new LinkedHashMap<>();
        for (int i = 0; i < readings.size(); i++) {
            if (readings.get(i).mode() != Mode.REACTION && counts.test(readings.get(i))) {
                byTouch.computeIfAbsent(Key.of(readings.get(i)), _ -> new ArrayList<>(2)).add(i);
            }
        }
        Found found = new Found(readings, new BitSet(), new TreeSet<>(), new ArrayList<>());
        byTouch.forEach((key, numbers) -> {
            if (numbers.size() > 1 && !found.copper(key, numbers)) {
                found.values(numbers);
            }
        });
        return new Intermittence(found.doubtful, List.copyOf(found.terminals), List.copyOf(found.disputes));
    }

    /** What was found so far. */
    private record Found(List<Reading> readings, BitSet doubtful, TreeSet<Terminal> terminals,
            List<Dispute> disputes) {
        /** Whether readings of one touch differ about copper. */
        boolean copper(Key key, List<Integer> numbers) {
            List<Integer> joins = numbers.stream().filter(i -> meaning(i) == Meaning.JOINS).toList();
            List<Integer> apart = numbers.stream().filter(i -> meaning(i).isApart()).toList();
            if (joins.isEmpty() || apart.isEmpty()) {
                return false;
            }
            boolean onlyBeeps = joins.stream().allMatch(i -> readings.get(i).mode() != Mode.OHMS);
            if (onlyBeeps && apart.stream().allMatch(i -> isSmallPart(readings.get(i)))) {
                // the buzzer sounds through small resistors, and diode mode shows next to nothing there
                // the ohms reading is the better witness
                joins.forEach(doubtful::set);
                return true;
            }
            if (isHardlyMore(numbers.stream().map(readings::get).toList())) {
                // a joint of just as much as copper may have; what pressing harder shows is nearer to it
                apart.forEach(doubtful::set);
                return true;
            }
            int lead = lead(joins, apart);
            (lead > 0 ? apart : lead < 0 ? joins : numbers).forEach(doubtful::set);
            if (lead == 0) {
                terminals.addAll(key.one());
                terminals.addAll(key.other());
            }
            if (Math.abs(lead) < 2) {
                disputes.add(Dispute.of(readings, numbers, true));
            }
            return true;
        }

        /** By how many readings one result leads the other, of all and of those that held while the cable was bent; 0 unless by both. */
        private int lead(List<Integer> some, List<Integer> others) {
            int all = some.size() - others.size();
            int steady = (int) (some.stream().filter(this::isSteady).count()
                    - others.stream().filter(this::isSteady).count());
            return all > 0 && steady > 0
                    ? Math.min(all, steady)
                    : all < 0 && steady < 0 ? Math.max(all, steady) : 0;
        }

        private boolean isSteady(int i) {
            return readings.get(i).how() instanceof Provenance.Wiggled(double seconds)
                    && seconds >= STEADY_SECONDS;
        }

        private Meaning meaning(int i) {
            return Meaning.of(readings.get(i));
        }

        /** Values of one touch in one mode that differ: what was read most often counts. */
        void values(List<Integer> numbers) {
            Map<List<Object>, List<Integer>> alike = new LinkedHashMap<>();
            for (int i : numbers) {
                Reading reading = readings.get(i);
                // what a diode shows depends on which probe is where
                alike.computeIfAbsent(reading.mode() == Mode.DIODE
                        ? List.of(reading.mode(), reading.red(), reading.black())
                        : List.of(reading.mode()), _ -> new ArrayList<>()).add(i);
            }
            alike.values().stream().filter(same -> same.size() > 1).forEach(this::sameMode);
        }

        private void sameMode(List<Integer> numbers) {
            List<List<Integer>> results = new ArrayList<>();
            for (int i : numbers) {
                results.stream().filter(r -> isAlike(readings.get(r.getFirst()), readings.get(i))).findFirst()
                        .ifPresentOrElse(r -> r.add(i), () -> results.add(new ArrayList<>(List.of(i))));
            }
            if (results.size() < 2) {
                return;
            }
            results.sort(Comparator.comparingInt((List<Integer> r) -> r.size()).reversed());
            int lead = results.get(0).size() - results.get(1).size();
            if (lead > 0) {
                results.subList(1, results.size()).forEach(r -> r.forEach(doubtful::set));
            }
            if (lead < 2) {
                disputes.add(Dispute.of(readings, numbers, false));
            }
        }
    }

    private static boolean isAlike(Reading one, Reading other) {
        if (one.outcome() instanceof Outcome.Resistance(double a)
                && other.outcome() instanceof Outcome.Resistance(double b)) {
            return Math.abs(a - b) <= ALIKE_OHMS + ALIKE_SHARE * Math.min(a, b);
        }
        if (one.outcome() instanceof Outcome.Voltage(double a)
                && other.outcome() instanceof Outcome.Voltage(double b)) {
            return Math.abs(a - b) <= ALIKE_VOLTS + ALIKE_SHARE * Math.min(a, b);
        }
        return one.outcome().equals(other.outcome());
    }

    /** Whether all are ohms within what pressing a probe makes out; a buzzer beside them says nothing else. */
    private static boolean isHardlyMore(List<Reading> same) {
        DoubleSummaryStatistics ohms = same.stream().map(Reading::outcome)
                .mapMultiToDouble((o, into) -> {
                    if (o instanceof Outcome.Resistance(double value)) {
                        into.accept(value);
                    }
                }).summaryStatistics();
        return ohms.getCount() > 1 && ohms.getMax() - ohms.getMin() <= PRESSING_OHMS
                && ohms.getMin() <= Meaning.COPPER_OHMS + Meaning.LEAD_OHMS
                && same.stream().map(Reading::outcome)
                        .allMatch(o -> o instanceof Outcome.Resistance || o instanceof Outcome.Beep);
    }

    private static boolean isSmallPart(Reading reading) {
        return reading.mode() == Mode.OHMS && reading.outcome() instanceof Outcome.Resistance(double ohms)
                && Meaning.of(reading) == Meaning.SHOWS_PART && ohms <= Meaning.BUZZER_MOST_OHMS;
    }

    boolean isDoubtful(int reading) {
        return doubtful.get(reading);
    }
}
