package wegweiser.core.evidence;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;

/**
 * Finds touches that gave both results, and beeps that a resistance reading of the same touch explains away.
 * One pass over the readings.
 */
record Intermittence(BitSet doubtful, List<Terminal> terminals) {
    /** A touch either way round, whatever the order of its contacts. */
    private record Key(Set<Terminal> one, Set<Terminal> other) {
        static Key of(Reading reading) {
            return new Key(set(reading.red()), set(reading.black()));
        }

        /** Most touches are of one contact, and a set of one costs next to nothing. */
        private static Set<Terminal> set(List<Terminal> some) {
            return some.size() == 1 ? Set.of(some.getFirst()) : Set.copyOf(some);
        }

        @Override
        public boolean equals(Object o) {
            return o instanceof Key key && (one.equals(key.one) && other.equals(key.other)
                    || one.equals(key.other) && other.equals(key.one));
        }

        @Override
        public int hashCode() {
            return one.hashCode() + other.hashCode();
        }
    }

    /** @param counts whether a reading counts at all */
    static Intermittence of(List<Reading> readings, Predicate<Reading> counts) {
        Map<Key, List<Integer>> byTouch = new HashMap<>();
        for (int i = 0; i < readings.size(); i++) {
            if (readings.get(i).mode() != Mode.REACTION && counts.test(readings.get(i))) {
                byTouch.computeIfAbsent(Key.of(readings.get(i)), _ -> new ArrayList<>(2)).add(i);
            }
        }
        BitSet doubtful = new BitSet();
        TreeSet<Terminal> terminals = new TreeSet<>();
        byTouch.forEach((key, numbers) -> {
            if (numbers.size() < 2) {
                return;
            }
            boolean smallOhms = numbers.stream().anyMatch(i -> isSmallPart(readings.get(i)));
            List<Integer> joins = numbers.stream().filter(i -> Meaning.of(readings.get(i)) == Meaning.JOINS)
                    .toList();
            boolean apart = numbers.stream().anyMatch(i -> Meaning.of(readings.get(i)).isApart());
            if (joins.isEmpty() || !apart) {
                return;
            }
            boolean onlyBeeps = joins.stream().allMatch(i -> readings.get(i).mode() != Mode.OHMS);
            boolean onlyOhms = numbers.stream()
                    .filter(i -> Meaning.of(readings.get(i)).isApart())
                    .allMatch(i -> isSmallPart(readings.get(i)));
            if (smallOhms && onlyBeeps && onlyOhms) {
                // the buzzer sounds through small resistors, and diode mode shows next to nothing there
                // the ohms reading is the better witness
                joins.forEach(doubtful::set);
                return;
            }
            numbers.forEach(doubtful::set);
            terminals.addAll(key.one());
            terminals.addAll(key.other());
        });
        return new Intermittence(doubtful, List.copyOf(terminals));
    }

    private static boolean isSmallPart(Reading reading) {
        return reading.mode() == Mode.OHMS && reading.outcome() instanceof Outcome.Resistance(double ohms)
                && Meaning.of(reading) == Meaning.SHOWS_PART && ohms <= Meaning.BUZZER_MOST_OHMS;
    }

    boolean isDoubtful(int reading) {
        return doubtful.get(reading);
    }
}
