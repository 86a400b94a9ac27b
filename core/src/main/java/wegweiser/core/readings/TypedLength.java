package wegweiser.core.readings;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;

/** A length as it is typed: a number with mm, cm or m behind it; without a unit it is metres. */
final class TypedLength {
    private static final MathContext EXACT = new MathContext(15);

    private TypedLength() {}

    /**
     * Millimetres.
     *
     * @param unit may be null
     * @throws IllegalArgumentException when the number is none
     */
    static double mm(String number, String unit) {
        int factor = switch (unit == null ? "m" : unit.toLowerCase(Locale.ROOT)) {
            case "mm" -> 1;
            case "cm" -> 10;
            default -> 1000;
        };
        // 2.03 times a thousand is 2030, which it is not in binary
        return BigDecimal.valueOf(Quantity.parse(number, Unit.METRE))
                .multiply(BigDecimal.valueOf(factor), EXACT)
                .doubleValue();
    }
}
