package wegweiser.core.shelf;

import java.util.List;

/**
 * How a need is met by what lies on the shelf.
 *
 * @param lines indices of the lines that it is taken from, and {@code amounts} how much from each
 * @param there all that there is of it; of cable the longest piece
 */
public record Cover(Need need, List<Integer> lines, List<Double> amounts, double there) {
    public Cover {
        lines = List.copyOf(lines);
        amounts = List.copyOf(amounts);
    }

    /** Whether the shelf has enough of it. */
    public boolean isMet() {
        return amounts.stream().mapToDouble(Double::doubleValue).sum() >= need.amount() - 1e-9;
    }

    /** How much is missing; of cable the whole piece. */
    public double missing() {
        return isMet() ? 0 : need.article().isMeasured() ? need.amount() : need.amount() - there;
    }
}
