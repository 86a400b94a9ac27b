package wegweiser.files.sheet;

import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.words.Words;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;

/**
 * Labels that are wrapped around both ends of a cable: the number of the unit, where the end belongs, and the number again
 * as a QR code (ISO/IEC 18004), which a scanner types into the finder. The blank part of a label goes round the cable and
 * over itself.
 */
public final class Labels {
    private static final double LEFT = 12;
    private static final double TOP = 14;
    private static final double WIDE = 62;
    private static final double HIGH = 16;
    private static final int COLUMNS = 3;
    private static final int ROWS = 16;
    private static final double CODE = 12;
    private static final double TEXT_WIDE = 26;

    private Labels() {}

    /**
     * Writes a sheet of labels, as .pdf or .svg by the file's ending: one for each end of each unit.
     *
     * @param numbers label numbers of the units
     * @return the letters that the typeface lacks
     * @throws BadFile when the ending names no format
     */
    public static Set<String> write(Job job, List<String> numbers, Path file) throws IOException, BadFile {
        Set<String> missing = new LinkedHashSet<>();
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".pdf")) {
            try (PdfPen pen = new PdfPen(missing)) {
                layOut(job, numbers, pen);
                AtomicFile.write(file, pen.document());
            }
        } else if (name.endsWith(".svg")) {
            SvgPen pen = new SvgPen();
            layOut(job, numbers, pen);
            AtomicFile.write(file, pen.document().getBytes(StandardCharsets.UTF_8));
        } else {
            throw BadFile.of(file, "labels.ending");
        }
        return missing;
    }

    private static void layOut(Job job, List<String> numbers, Pen pen) {
        int at = 0;
        pen.page();
        for (String number : numbers) {
            for (End end : job.ends()) {
                if (at == COLUMNS * ROWS) {
                    pen.page();
                    at = 0;
                }
                int row = at / COLUMNS;
                label(job, number, end, LEFT + at % COLUMNS * WIDE, TOP + row * HIGH, pen);
                at++;
            }
        }
    }

    private static void label(Job job, String number, End end, double x, double y, Pen pen) {
        pen.box(x, y, WIDE - 2, HIGH - 1, false);
        code(number, x + 1, y + 1.2, pen);
        double text = x + CODE + 3;
        pen.text(text, y + 5, 3.6, Fonts.MONO_MEDIUM, number);
        String far = Words
                .list(job.ends().stream().filter(e -> !e.name().equals(end.name())).map(Labels::named)
                        .toList());
        List<String> lines = Wrap.lines(Words.say("label.towards", named(end), far), TEXT_WIDE, 2.2,
                Fonts.TEXT);
        for (int k = 0; k < Math.min(3, lines.size()); k++) {
            pen.text(text, y + 8.2 + k * 2.7, 2.2, Fonts.TEXT, lines.get(k));
        }
        // from here on it goes over itself
        pen.line(text + TEXT_WIDE + 1, y, text + TEXT_WIDE + 1, y + HIGH - 1, 0.1);
    }

    private static String named(End end) {
        return end.device().isBlank() ? end.name() : end.name() + " " + end.device();
    }

    /** A code of filled squares. */
    private static void code(String text, double x, double y, Pen pen) {
        BitMatrix bits = matrix(text);
        double cell = CODE / bits.getWidth();
        for (int r = 0; r < bits.getHeight(); r++) {
            int c = 0;
            while (c < bits.getWidth()) {
                int from = c;
                while (c < bits.getWidth() && bits.get(c, r)) {
                    c++;
                }
                if (c > from) {
                    pen.square(x + from * cell, y + r * cell, (c - from) * cell, cell);
                }
                c++;
            }
        }
    }

    /** The smallest code for a text, without a margin. */
    static BitMatrix matrix(String text) {
        try {
            return new QRCodeWriter().encode(text, com.google.zxing.BarcodeFormat.QR_CODE, 1, 1,
                    Map.of(EncodeHintType.MARGIN, 0, EncodeHintType.ERROR_CORRECTION,
                            ErrorCorrectionLevel.M));
        } catch (WriterException e) {
            throw new IllegalArgumentException(text, e);
        }
    }
}
