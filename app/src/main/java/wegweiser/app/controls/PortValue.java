package wegweiser.app.controls;

import static wegweiser.app.texts.Texts.t;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wegweiser.core.port.PortMeasure;

/** A value as people type it: "-9.1", "4.7k", "OL", "open", "0,3 V". */
public final class PortValue {
    private static final Pattern NUMBER = Pattern
            .compile("([+-]?\\d+(?:[.,]\\d+)?)\\s*([kKM])?\\s*(?:V|v|\u03A9|\u2126|ohm|ohms|R)?");

    private PortValue() {}

    /** The value, or empty when the text is none; a word for "over range" stands for more ohms than a meter shows. */
    public static OptionalDouble parse(String text, PortMeasure measure) {
        String word = text.strip().replace('\u2212', '-');
        if (measure == PortMeasure.OHMS
                && java.util.List.of("ol", "0l", "open", "inf", "\u221E")
                        .contains(word.toLowerCase(Locale.ROOT))) {
            return OptionalDouble.of(PortMeasure.BEYOND_OHMS);
        }
        Matcher number = NUMBER.matcher(word);
        if (!number.matches() || number.group(2) != null && measure != PortMeasure.OHMS) {
            return OptionalDouble.empty();
        }
        double factor = number.group(2) == null ? 1 : number.group(2).equals("M") ? 1e6 : 1e3;
        double value = Double.parseDouble(number.group(1).replace(',', '.')) * factor;
        return measure == PortMeasure.OHMS && value < 0 ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** The value as it is shown. */
    public static String words(PortMeasure measure, double value) {
        return switch (measure) {
            case SHELL -> t(value > 0.5 ? "port.yes.shell" : "port.no.shell");
            case SENDING -> t(value > 0.5 ? "port.yes.sending" : "port.no.sending");
            case OHMS -> value >= PortMeasure.BEYOND_OHMS
                    ? t("port.beyond")
                    : wegweiser.core.words.Words.ohms(Math.abs(value) < 0.005 ? 0 : value);
            case VOLTS, LOADED -> number(value) + " V";
        };
    }

    private static String number(double value) {
        return wegweiser.core.words.Words.number(Math.abs(value) < 0.005 ? 0 : value);
    }
}
