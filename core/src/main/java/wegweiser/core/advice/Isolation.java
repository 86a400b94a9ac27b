package wegweiser.core.advice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * Proves many nets apart with few ganged touches: each net gets a colour such that nets still to be set apart
 * have different ones, and touch number b puts the nets whose colour has bit b on the black side against the
 * rest. Any two colours differ in some bit, so k nets need ceil(log2 k) touches. Colours are given greedily to
 * the nets with most open pairs first (Welsh and Powell, 1967), O(k²).
 */
public final class Isolation {
    /** One ganged touch, as positions in the list of nets. */
    public record Cut(int[] red, int[] black) {}

    /** Whether two nets, by position, are still to be proved apart. */
    @FunctionalInterface
    public interface OpenPair {
        boolean test(int a, int b);
    }

    private Isolation() {}

    /** The touches that set apart every open pair of {@code count} nets. */
    public static List<Cut> cuts(int count, OpenPair open) {
        int[] colour = colours(count, open);
        int colours = Arrays.stream(colour).max().orElse(-1) + 1;
        List<Cut> cuts = new ArrayList<>();
        for (int bit = 0; 1 << bit < colours; bit++) {
            int mask = 1 << bit;
            int[] red = members(count, i -> colour[i] >= 0 && (colour[i] & mask) == 0);
            int[] black = members(count, i -> colour[i] >= 0 && (colour[i] & mask) != 0);
            cuts.add(new Cut(red, black));
        }
        return cuts;
    }

    /**
     * The touches that have each of {@code count} groups on the red side and each other one on the black side at least
     * once, both ways round: each group is red in its own half of the touches, and no half contains another (Sperner,
     * 1928), so that m touches serve as many groups as there are halves of m. That is one or two touches more than
     * setting them apart takes. O(m x count).
     */
    public static List<Cut> bothWays(int count) {
        if (count < 2) {
            return List.of();
        }
        int touches = 2;
        while (halves(touches) < count) {
            touches++;
        }
        int[] red = new int[count];
        int code = (1 << touches / 2) - 1;
        for (int i = 0; i < count; i++) {
            red[i] = code;
            // the next larger number with as many bits (Gosper's hack)
            int lowest = code & -code;
            int carried = code + lowest;
            code = carried | ((code ^ carried) >>> 2) / lowest;
        }
        List<Cut> cuts = new ArrayList<>();
        for (int touch = 0; touch < touches; touch++) {
            int bit = 1 << touch;
            cuts.add(new Cut(members(count, i -> (red[i] & bit) != 0),
                    members(count, i -> (red[i] & bit) == 0)));
        }
        cuts.removeIf(cut -> cut.red().length == 0 || cut.black().length == 0);
        return cuts;
    }

    /** How many ways there are to choose half of {@code m} things. */
    private static long halves(int m) {
        long ways = 1;
        for (int k = 1; k <= m / 2; k++) {
            ways = ways * (m - m / 2 + k) / k;
        }
        return ways;
    }

    private static int[] members(int count, IntPredicate in) {
        return java.util.stream.IntStream.range(0, count).filter(in).toArray();
    }

    /** Colours from 0; nets without an open pair get -1. */
    static int[] colours(int count, OpenPair open) {
        int[] degree = new int[count];
        for (int i = 0; i < count; i++) {
            for (int j = 0; j < count; j++) {
                if (i != j && open.test(i, j)) {
                    degree[i]++;
                }
            }
        }
        Integer[] order = new Integer[count];
        Arrays.setAll(order, i -> i);
        Arrays.sort(order, (a, b) -> degree[b] != degree[a] ? degree[b] - degree[a] : a - b);
        int[] colour = new int[count];
        Arrays.fill(colour, -1);
        for (int i : order) {
            if (degree[i] == 0) {
                continue;
            }
            boolean[] used = new boolean[count + 1];
            for (int j = 0; j < count; j++) {
                if (colour[j] >= 0 && open.test(i, j)) {
                    used[colour[j]] = true;
                }
            }
            int c = 0;
            while (used[c]) {
                c++;
            }
            colour[i] = c;
        }
        return colour;
    }
}
