package wegweiser.files.json;

import com.fasterxml.jackson.databind.util.StdConverter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SequencedMap;
import wegweiser.core.model.LadderValues;
import wegweiser.core.model.Terminal;

/** The values of a ladder plug as they stand in a file: over range is the word "open", as JSON has no infinity. */
record LadderShape(String connector, List<Double> resistors, Ohms ohms, Map<String, Object> extra) {
    private static final String OPEN = "open";

    /** A number, or "open", by terminal, in the order in which they were read. */
    static final class Ohms extends LinkedHashMap<Terminal, Object> {
        private static final long serialVersionUID = 1L;
    }

    static final class From extends StdConverter<LadderValues, LadderShape> {
        @Override
        public LadderShape convert(LadderValues values) {
            Ohms ohms = new Ohms();
            values.ohms().forEach((t, v) -> ohms.put(t, ohms(v)));
            return new LadderShape(values.connector(), values.resistors(), ohms, values.extra());
        }
    }

    static final class To extends StdConverter<LadderShape, LadderValues> {
        @Override
        public LadderValues convert(LadderShape shape) {
            SequencedMap<Terminal, Double> ohms = new LinkedHashMap<>();
            shape.ohms.forEach((t, v) -> ohms.put(t, ohms(v)));
            return new LadderValues(shape.connector, shape.resistors, ohms, shape.extra);
        }
    }

    /** A value as it is written. */
    static Object ohms(double value) {
        return Double.isInfinite(value) ? OPEN : (Object) value;
    }

    /** A value as it was written. */
    static double ohms(Object written) {
        return written instanceof Number n ? n.doubleValue() : Double.POSITIVE_INFINITY;
    }
}
