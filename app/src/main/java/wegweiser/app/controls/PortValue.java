package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.OptionalDouble;
import wegweiser.core.port.PortMeasure;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;

/** A value as people type it: "-9.1", "4.7k", "OL", "open", "0,3 V". */
public final class PortValue {
    private PortValue() {}

    /** The value, or empty when the text is none; a word for "over range" stands for more ohms than a meter shows. */
    public static OptionalDouble parse(String text, PortMeasure measure) {
        boolean ohms = measure == PortMeasure.OHMS;
        if (ohms && Quantity.isOverRange(text)) {
            return OptionalDouble.of(PortMeasure.BEYOND_OHMS);
        }
        try {
            double value = Quantity.parse(text, ohms ? Unit.OHM : Unit.VOLT);
            return ohms && value < 0 ? OptionalDouble.empty() : OptionalDouble.of(value);
        } catch (IllegalArgumentException _) {
            return OptionalDouble.empty();
        }
    }

    /** The value as it is shown. */
    public static String words(PortMeasure measure, double value) {
        return switch (measure) {
            case SHELL -> t(value > 0.5 ? "port.yes.shell" : "port.no.shell");
            case SENDING -> t(value > 0.5 ? "port.yes.sending" : "port.no.sending");
            case OHMS -> value >= PortMeasure.BEYOND_OHMS
                    ? t("port.beyond")
                    : Quantity.words(value, Unit.OHM);
            case VOLTS, LOADED -> Quantity.words(value, Unit.VOLT);
        };
    }
}
