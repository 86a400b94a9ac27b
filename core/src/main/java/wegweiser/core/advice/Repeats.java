package wegweiser.core.advice;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;

/**
 * How often each touch was made, whichever probe was on which side; in diode mode the side matters. A touch that was made three times will not say
 * anything else the fourth time: a contact that changes its mind is a fault to be seen to, and no reason to go on asking.
 */
final class Repeats {
    private static final int ENOUGH = 3;

    private final TerminalIndex index;
    private final Map<Gangs, Integer> made = new HashMap<>();
    private final Map<Long, Integer> singles = new HashMap<>();
    private final Map<Gangs, Integer> inDiodeMode = new HashMap<>();

    /** The terminals at both probes, each side in order. */
    private record Gangs(int[] red, int[] black) {
        Gangs {
            red = sorted(red);
            black = sorted(black);
        }

        /** The same whichever probe is on which side. */
        static Gangs eitherWay(int[] red, int[] black) {
            return least(red) <= least(black) ? new Gangs(red, black) : new Gangs(black, red);
        }

        private static int[] sorted(int[] some) {
            int[] sorted = some.clone();
            Arrays.sort(sorted);
            return sorted;
        }

        private static int least(int[] some) {
            int least = some[0];
            for (int i : some) {
                least = Math.min(least, i);
            }
            return least;
        }

        @Override
        public boolean equals(Object o) {
            return o instanceof Gangs(int[] r, int[] b) && Arrays.equals(red, r) && Arrays.equals(black, b);
        }

        @Override
        public int hashCode() {
            return 31 * Arrays.hashCode(red) + Arrays.hashCode(black);
        }
    }

    Repeats(Evidence evidence) {
        this.index = evidence.index();
        for (int i = 0; i < evidence.readings().size(); i++) {
            Reading reading = evidence.readings().get(i);
            if (reading.isAssumed()) {
                continue;
            }
            int[] red = evidence.red(i + 1);
            int[] black = evidence.black(i + 1);
            if (reading.mode() == Mode.DIODE) {
                inDiodeMode.merge(new Gangs(red, black), 1, Integer::sum);
                continue;
            }
            if (reading.touch().isSingle()) {
                singles.merge(key(red[0], black[0]), 1, Integer::sum);
            }
            made.merge(Gangs.eitherWay(red, black), 1, Integer::sum);
        }
    }

    /** Whether a touch was made often enough. */
    boolean isEnough(int[] red, int[] black) {
        return made.getOrDefault(Gangs.eitherWay(red, black), 0) >= ENOUGH;
    }

    boolean isEnough(int a, int b) {
        return singles.getOrDefault(key(a, b), 0) >= ENOUGH;
    }

    /** Whether a touch was made often enough in diode mode, this way round. */
    boolean isEnoughInDiodeMode(int[] red, int[] black) {
        return inDiodeMode.getOrDefault(new Gangs(red, black), 0) >= ENOUGH;
    }

    /** Whether the touch of a reading was made often enough in its mode. */
    boolean isEnough(Reading reading) {
        int[] red = index.of(reading.red());
        int[] black = index.of(reading.black());
        return reading.mode() == Mode.DIODE ? isEnoughInDiodeMode(red, black) : isEnough(red, black);
    }

    /** How often the touch of a reading was made in its mode. */
    int count(Reading reading) {
        int[] red = index.of(reading.red());
        int[] black = index.of(reading.black());
        return reading.mode() == Mode.DIODE
                ? inDiodeMode.getOrDefault(new Gangs(red, black), 0)
                : made.getOrDefault(Gangs.eitherWay(red, black), 0);
    }

    /** How often two terminals were touched by themselves. */
    int count(int a, int b) {
        return singles.getOrDefault(key(a, b), 0);
    }

    private static long key(int a, int b) {
        return (long) Math.min(a, b) << 32 | Math.max(a, b);
    }
}
