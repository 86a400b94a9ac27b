package wegweiser.core.shelf;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;
import wegweiser.core.make.Article;

/**
 * One line of what lies on the shelf: a single piece of cable, or a number of equal things.
 *
 * @param title as the person calls it
 * @param amount metres of a cable, else a count
 * @param low the amount from which on there is little of it, where the person named one
 * @param more what else the person's table says of it, by the names of its columns
 */
public record ShelfLine(Article article, String title, double amount, OptionalDouble low,
        Map<String, String> more) {
    /** @throws IllegalArgumentException when the amount is no amount */
    public ShelfLine {
        more = Collections.unmodifiableMap(new LinkedHashMap<>(more));
        if (!(amount >= 0) || !Double.isFinite(amount)
                || !article.isMeasured() && amount != Math.rint(amount)) {
            throw new IllegalArgumentException("no amount of " + article + ": " + amount);
        }
    }

    public static ShelfLine of(Article article, String title, double amount) {
        return new ShelfLine(article, title, amount, OptionalDouble.empty(), Map.of());
    }

    /** Whether so little is left that more should be bought: nothing at all, or no more than the person named. */
    public boolean isLow() {
        return amount <= low.orElse(0);
    }

    /** The same with the amount from which on there is little of it. */
    public ShelfLine withLow(OptionalDouble newLow) {
        return new ShelfLine(article, title, amount, newLow, more);
    }

    public ShelfLine withAmount(double newAmount) {
        // lengths are measured to the millimetre
        return new ShelfLine(article, title, Math.round(1000 * newAmount) / 1000.0, low, more);
    }
}
