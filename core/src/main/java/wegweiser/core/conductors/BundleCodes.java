package wegweiser.core.conductors;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import wegweiser.core.catalog.ColourCode;

/**
 * Colours by which devices are known that are fed from one bundle of single wires: each device has its own set of colours. As
 * long as it reaches, any two sets differ by two colours, so that one wire taken for another makes no other device; then by
 * one, and by colours that are told apart.
 *
 * @param sets the colours of each device
 * @param possible how many devices there could be with sets that differ like these
 * @param apart by how many colours any two sets differ at least
 */
public record BundleCodes(List<List<String>> sets, int possible, int apart) {
    /** More sets than this are not listed; nobody tells so many apart. */
    private static final int MOST = 2000;

    public BundleCodes {
        sets = sets.stream().map(List::copyOf).toList();
    }

    /**
     * Sets for so many devices. Sets are taken in the order of the colours, each that keeps its distance from those before
     * (a lexicode; Conway and Sloane, "Lexicographic codes", 1986). O(sets² x wires).
     *
     * @param colours the colours there are, without one twice
     * @param wires how many wires go to each device
     * @throws IllegalArgumentException where a device needs more wires than there are colours, or none
     */
    public static BundleCodes of(List<String> colours, int wires, int devices) {
        if (wires < 1 || wires > colours.size()) {
            throw new IllegalArgumentException("wires " + wires);
        }
        List<List<String>> all = sets(colours, wires, 0);
        List<List<String>> byTwo = kept(all, 2, false);
        List<List<String>> clear = kept(all, 1, true);
        return byTwo.size() >= devices
                ? new BundleCodes(byTwo.subList(0, devices), byTwo.size(), 2)
                : clear.size() >= devices
                        ? new BundleCodes(clear.subList(0, devices), clear.size(), 1)
                        : new BundleCodes(all.subList(0, Math.min(devices, all.size())), all.size(), 1);
    }

    private static List<List<String>> sets(List<String> colours, int wires, int from) {
        if (wires == 0) {
            return List.of(List.of());
        }
        List<List<String>> found = new ArrayList<>();
        for (int k = from; k + wires <= colours.size() && found.size() < MOST; k++) {
            for (List<String> rest : sets(colours, wires - 1, k + 1)) {
                List<String> set = new ArrayList<>(List.of(colours.get(k)));
                set.addAll(rest);
                found.add(set);
            }
        }
        return found;
    }

    private static List<List<String>> kept(List<List<String>> all, int apart, boolean clear) {
        List<List<String>> found = new ArrayList<>();
        for (List<String> set : all) {
            if (found.stream().allMatch(f -> differ(f, set, apart, clear))) {
                found.add(set);
            }
        }
        return found;
    }

    /** Whether two sets differ by so many colours; {@code clear} where one alone must not be taken for the other. */
    private static boolean differ(List<String> one, List<String> other, int apart, boolean clear) {
        Set<String> left = new HashSet<>(one);
        other.forEach(left::remove);
        Set<String> right = new HashSet<>(other);
        one.forEach(right::remove);
        return left.size() > 1
                || left.size() >= apart && !(clear && ColourCode.areAlike(left.iterator().next(),
                        right.iterator().next()));
    }

    /** Whether there are sets enough for all. */
    public boolean isEnough(int devices) {
        return sets.size() >= devices;
    }
}
