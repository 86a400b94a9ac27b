package wegweiser.core.trace;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.model.Reading;

/**
 * How often each touch was made, whichever probe was on which side. A touch that was made three times will not say
 * anything else the fourth time: a contact that changes its mind is a fault to be seen to, and no reason to go on asking.
 */
final class Repeats {
    private static final int ENOUGH = 3;

    private final Map<List<List<Integer>>, Integer> made = new HashMap<>();
    private final Map<Long, Integer> singles = new HashMap<>();

    Repeats(Evidence evidence) {
        for (Reading reading : evidence.readings()) {
            if (reading.isAssumed()) {
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

    private static long key(int a, int b) {
        return (long) Math.min(a, b) << 32 | Math.max(a, b);
    }

    private static List<List<Integer>> key(int[] red, int[] black) {
        List<Integer> one = Arrays.stream(red).sorted().boxed().toList();
        List<Integer> other = Arrays.stream(black).sorted().boxed().toList();
        return one.getFirst() <= other.getFirst() ? List.of(one, other) : List.of(other, one);
    }
}
