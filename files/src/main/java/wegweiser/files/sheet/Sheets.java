package wegweiser.files.sheet;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import wegweiser.core.model.Job;
import wegweiser.files.job.AtomicFile;
import wegweiser.files.job.BadFile;

/** Writes the sheet of a cable. */
public final class Sheets {
    private Sheets() {}

    /**
     * Writes the sheet in the format that the file's ending names: .pdf, .svg, .html, .md or .csv.
     *
     * @param label label number of the unit, or empty
     * @throws BadFile when the ending names no format
     */
    public static void write(Job job, String label, Path file) throws IOException, BadFile {
        AtomicFile.write(file, bytes(SheetContent.of(job, label), file.getFileName().toString()));
    }

    private static byte[] bytes(SheetContent content, String name) throws IOException, BadFile {
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return switch (ending) {
            case "pdf" -> pdf(content);
            case "svg" -> svg(content).getBytes(StandardCharsets.UTF_8);
            case "html" -> HtmlSheet.of(content).getBytes(StandardCharsets.UTF_8);
            case "md" -> TextSheets.markdown(content).getBytes(StandardCharsets.UTF_8);
            case "csv" -> TextSheets.csv(content).getBytes(StandardCharsets.UTF_8);
            default -> throw new BadFile(name + ": the ending must be .pdf, .svg, .html, .md or .csv.");
        };
    }

    private static byte[] pdf(SheetContent content) throws IOException {
        try (PdfPen pen = new PdfPen()) {
            PageLayout.layOut(content, pen);
            return pen.document();
        }
    }

    private static String svg(SheetContent content) {
        SvgPen pen = new SvgPen();
        PageLayout.layOut(content, pen);
        return pen.document();
    }
}
