package wegweiser.files.sheet;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import wegweiser.core.make.Materials;
import wegweiser.core.words.Words;

/** What a cable is built of, as CSV: how many, in words, and as the shelf knows it. */
public final class PartsCsv {
    private PartsCsv() {}

    public static String of(List<Materials.Item> parts) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord((Object[]) Words.say("csv.parts").split(", "));
            for (Materials.Item item : parts) {
                printer.printRecord(item.count(), Markup.cell(item.words()), item.article());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
