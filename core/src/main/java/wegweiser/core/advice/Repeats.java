package wegweiser.core.advice;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
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
    private final Map<List<List<Integer>>, Integer> made = new HashMap<>();
    private final Map<Long, Integer> singles = new HashMap<>();
    private final Map<List<List<Integer>>, Integer> inDiodeMode = new HashMap<>();

    Repeats(Evidence evidence) {
        this.index = evidence.index();
        for (Reading reading : evidence.readings()) {
            if (reading.isAssumed()) {
                continue;
            }
            if (reading.mode() == Mode.DIODE) {
                inDiodeMode.merge(List.of(sorted(evidence.index().of(reading.red())),
                        sorted(evidence.index().of(reading.black()))), 1, Integer::sum);
                continue;
            }
            if (reading.touch().isSingle()) {
                singles.merge(key(evidence.index().of(reading.red())[0],
                        evidence.index().of(reading.black())[0]), 1, Integer::sum);
            }
            made.merge(key(evidence.index().of(reading.red()), evidence.index().of(reading.black())), 1,
                    Integer::sum);
        }
    }

    /** Whether a touch was made often enough. */
    boolean isEnough(int[] red, int[] black) {
        return made.getOrDefault(key(red, black), 0) >= ENOUGH;
    }

    boolean isEnough(int a, int b) {
        return singles.getOrDefault(key(a, b), 0) >= ENOUGH;
    }

    /** Whether a touch was made often enough in diode mode, this way round. */
    boolean isEnoughInDiodeMode(int[] red, int[] black) {
        return inDiodeMode.getOrDefault(List.of(sorted(red), sorted(black)), 0) >= ENOUGH;
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
                ? inDiodeMode.getOrDefault(List.of(sorted(red), sorted(black)), 0)
                : made.getOrDefault(key(red, black), 0);
    }

    /** How often two terminals were touched by themselves. */
    int count(int a, int b) {
        return singles.getOrDefault(key(a, b), 0);
    }

    private static long key(int a, int b) {
        return (long) Math.min(a, b) << 32 | Math.max(a, b);
    }

    private static List<List<Integer>> key(int[] red, int[] black) {
        List<Integer> one = sorted(red);
        List<Integer> other = sorted(black);
        return one.getFirst() <= other.getFirst() ? List.of(one, other) : List.of(other, one);
    }

    private static List<Integer> sorted(int[] some) {
        return some.length == 1 ? List.of(some[0]) : Arrays.stream(some).sorted().boxed().toList();
    }
}
