package wegweiser.core.signals;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wegweiser.core.model.PinRow;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/**
 * The volts of a contact, with their sign.
 *
 * @param least and {@code most}: the range, {@code least} at most {@code most}
 * @param alternating whether they are those of an alternating voltage, as effective values
 */
public record Volts(double least, double most, boolean alternating) {
    /** Above this many volts a bare contact is no longer safe to touch (IEC 61140, ripple-free direct current). */
    public static final double TOUCHABLE = 60;
    /** What supplies and devices usually allow for, either way of a nominal voltage. */
    public static final double TOLERANCE = 0.1;
    /** Above this many volts of alternating voltage the same is true (IEC 60364-4-41, extra-low voltage). */
    public static final double TOUCHABLE_ALTERNATING = 50;
    /** What says that volts alternate: 24 VAC, 230 V~, AC 12 V, 48 V AC. */
    private static final Pattern ALTERNATING = Pattern
            .compile("(?i)\\d\\s*v?\\s*(?:ac\\b|~|\u223C)|(?:\\bac|~|\u223C)\\s*\\d");
    private static final Pattern SIGNED = Pattern.compile("([+\u2212-])\\s?(\\d{1,3})");

    /** Direct volts. */
    public Volts(double least, double most) {
        this(least, most, false);
    }

    /** The volts of a row: what it says, else what its printed name says, else what its signal always has. */
    public static Optional<Volts> of(PinRow row) {
        if (row.volts().isPresent()) {
            double volts = row.volts().getAsDouble();
            boolean alternating = row.name().filter(Volts::saysAlternating).isPresent()
                    || row.signal().filter(Volts::saysAlternating).isPresent();
            return Optional.of(between(volts, row.voltsMax().orElse(volts), alternating));
        }
        return row.name().flatMap(Volts::within).or(() -> row.signal().flatMap(Volts::within))
                .or(() -> Signals.canonical(row.signal().or(row::name).orElse("")).equals("VBUS")
                        ? Optional.of(new Volts(5, 5))
                        : Optional.empty());
    }

    /** The volts that stand in a printed name, with their sign: {@code -12V}, {@code 3V3}, {@code 10-30 V}, {@code +5}. */
    public static Optional<Volts> within(String text) {
        try {
            boolean alternating = saysAlternating(text);
            Optional<Quantity.Range> found = Quantity.within(text, Unit.VOLT);
            if (found.isPresent()) {
                return Optional.of(between(found.get().from(), found.get().to(), alternating));
            }
        } catch (IllegalArgumentException _) {
            return Optional.empty();
        }
        Matcher bare = SIGNED.matcher(text.strip());
        return bare.matches()
                ? Optional.of(between(sign(bare) * Double.parseDouble(bare.group(2)),
                        sign(bare) * Double.parseDouble(bare.group(2)), false))
                : Optional.empty();
    }

    private static int sign(Matcher bare) {
        return bare.group(1).equals("+") ? 1 : -1;
    }

    private static Volts between(double a, double b, boolean alternating) {
        return new Volts(Math.min(a, b), Math.max(a, b), alternating);
    }

    /** Whether a printed name says that its volts alternate. */
    static boolean saysAlternating(String text) {
        return ALTERNATING.matcher(text).find();
    }

    /** Whether so much is dangerous between two bare contacts. */
    public boolean isDangerous() {
        return size() > (alternating ? TOUCHABLE_ALTERNATING : TOUCHABLE) + 1e-9;
    }

    /** Whether one voltage is named, which devices keep within {@link #TOLERANCE}. */
    public boolean isNominal() {
        return least == most;
    }

    /** The larger of the two without its sign. */
    public double size() {
        return Math.max(Math.abs(least), Math.abs(most));
    }

    /** Whether a source of these volts, and their tolerance, can be above what a sink of others stands, or of the other sign. */
    public boolean exceeds(Volts sink) {
        return !alternating && !sink.alternating && sign() * sink.sign() < 0
                || size() > sink.size() * (sink.isNominal() ? 1 + TOLERANCE : 1) + 1e-9;
    }

    /** Whether a meter at a supply of these volts could show so many; open supplies often stand above their name. */
    public boolean couldBe(double volts) {
        return volts * sign() > 0 && Math.abs(volts) > 0.8 * smallest() && Math.abs(volts) < 1.25 * size();
    }

    /** Whether a source of these volts is less than what a sink of others needs, after losing some on the way. */
    public boolean fallsShort(Volts sink, double lost) {
        return smallest() - lost < sink.needs() - 1e-9;
    }

    /** The least volts, without sign, with which a sink of these works. */
    public double needs() {
        return smallest() * (isNominal() ? 1 - TOLERANCE : 1);
    }

    /** The smaller of the two without its sign. */
    public double smallest() {
        return Math.min(Math.abs(least), Math.abs(most));
    }

    private double sign() {
        return Math.signum(least + most);
    }

    /** "12 V" or "10 to 30 V". */
    public String words() {
        String kind = alternating ? "-ac" : "";
        return isNominal()
                ? Words.say("volts.one" + kind, Words.number(least))
                : Words.say("volts.range" + kind, Words.number(least), Words.number(most));
    }
}
