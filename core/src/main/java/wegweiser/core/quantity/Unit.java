package wegweiser.core.quantity;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What is measured, how it is spelled, and in which steps it is shown. */
public enum Unit {
    OHM(List.of("\u03A9", "\u2126", "ohm", "ohms", "R"), new Prefix("M", 1e6), new Prefix("k", 1e3),
            Prefix.NONE),
    VOLT(List.of("V", "volt", "volts", "VDC", "VAC"), Prefix.NONE, new Prefix("m", 1e-3)),
    AMP(List.of("A", "amp", "amps"), Prefix.NONE, new Prefix("m", 1e-3)),
    FARAD(List.of("F"), new Prefix("\u00B5", 1e-6), new Prefix("n", 1e-9), new Prefix("p", 1e-12)),
    METRE(List.of("m"), Prefix.NONE);

    /** A step of a unit, such as kilo. */
    record Prefix(String sign, double factor) {
        static final Prefix NONE = new Prefix("", 1);
    }

    /** Of volts and amps the thousandth is shown only below a tenth, as meters do. */
    private static final double SMALL = 0.1;
    private final List<String> spellings;
    private final List<Prefix> prefixes;

    Unit(List<String> spellings, Prefix... prefixes) {
        this.spellings = spellings;
        this.prefixes = List.of(prefixes);
    }

    static Optional<Unit> of(String word) {
        return Arrays.stream(values()).filter(u -> u.spellings.contains(word)
                || word.length() > 1 && u.spellings.contains(word.toLowerCase(Locale.ROOT))
                || u == VOLT
                        && (word.equals("v") || word.equalsIgnoreCase("vdc") || word.equalsIgnoreCase("vac")))
                .findFirst();
    }

    /** As it stands behind a number. */
    public String sign() {
        return spellings.getFirst();
    }

    /** The step in which a value is shown; zero in the largest that is no multiple. */
    Prefix prefix(double value) {
        double size = Math.abs(value);
        return prefixes.stream().filter(p -> size >= (p == Prefix.NONE && this != OHM ? SMALL : p.factor()))
                .findFirst()
                .orElseGet(
                        () -> size == 0 && prefixes.contains(Prefix.NONE) ? Prefix.NONE : prefixes.getLast());
    }
}
