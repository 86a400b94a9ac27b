package wegweiser.core.belief;

import java.util.Arrays;

/**
 * A partition as the key of a map: equal when the labels are.
 *
 * @param labels canonical, and not changed any more
 */
record LabelKey(int[] labels) {
    @Override
    public boolean equals(Object o) {
        return o instanceof LabelKey k && Arrays.equals(labels, k.labels);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(labels);
    }
}
