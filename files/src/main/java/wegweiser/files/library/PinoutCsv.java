package wegweiser.files.library;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wegweiser.core.model.Direction;
import wegweiser.core.model.PinRow;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;

/** A pinout as CSV, with a heading that reads back. */
public final class PinoutCsv {
    private PinoutCsv() {}

    /** The text: contact, name as printed, canonical signal, direction, level, voltage. */
    public static String text(List<PinRow> rows) {
        StringBuilder out = new StringBuilder();
        CSVFormat format = CSVFormat.DEFAULT.builder().setRecordSeparator("\n").get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            printer.printRecord("pin", "name", "canonical", "direction", "level", "volts");
            for (PinRow row : rows) {
                printer.printRecord(row.contact(), row.name().or(row::signal).orElse(""),
                        row.signal().orElse(""),
                        row.direction().map(Direction::id).orElse(""), row.level().orElse(""),
                        row.volts().isPresent()
                                ? Quantity.words(row.volts().getAsDouble(), Unit.VOLT, '.')
                                : "");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
