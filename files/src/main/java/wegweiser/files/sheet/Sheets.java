package wegweiser.files.sheet;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Testing;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;

/** Writes the sheet of a cable. */
public final class Sheets {
    private Sheets() {}

    /**
     * Writes the sheet in the format that the file's ending names: .pdf, .svg, .html, .md or .csv.
     *
     * @param label label number of the unit, or empty
     * @param testing how the cable is tested
     * @return the letters that the format's typeface lacks, and that are shown as U+FFFD or a question mark
     * @throws BadFile when the ending names no format
     */
    public static Set<String> write(Job job, String label, Path file, Testing testing)
            throws IOException, BadFile {
        if (file.getFileName() == null) {
            throw BadFile.of(file, "file.folder");
        }
        Set<String> missing = new LinkedHashSet<>();
        AtomicFile.write(file, bytes(job, label, testing, file.getFileName().toString(), missing));
        return missing;
    }

    private static byte[] bytes(Job job, String label, Testing testing, String name, Set<String> missing)
            throws IOException, BadFile {
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return switch (ending) {
            case "pdf" -> pdf(SheetContent.of(job, label, testing), missing);
            case "svg" ->
                utf8(PageLayout.layOut(SheetContent.of(job, label, testing), new SvgPen()).document());
            case "html" -> utf8(HtmlSheet.of(SheetContent.of(job, label, testing)));
            case "md" -> utf8(TextSheets.markdown(SheetContent.of(job, label, testing)));
            case "csv" -> utf8(TextSheets.csv(SheetContent.fromTo(job)));
            default -> throw BadFile.of(name, "sheet.ending");
        };
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] pdf(SheetContent content, Set<String> missing) throws IOException {
        try (PdfPen pen = new PdfPen(missing)) {
            return PageLayout.layOut(content, pen).document();
        }
    }
}
