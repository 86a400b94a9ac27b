package wegweiser.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.Result;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.multi.qrcode.QRCodeMultiReader;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wegweiser.core.make.Materials;
import wegweiser.core.model.Job;
import wegweiser.core.usual.UsualCable;
import wegweiser.files.io.BadFile;

/** Labels and strip templates, read back from the paper. */
class LabelsTest {
    private static final float DPI = 300;
    private static final double MM = DPI / 25.4;

    @TempDir
    Path folder;

    private final Job job = UsualCable.all().getFirst().job();

    private static BufferedImage page(Path pdf, int page) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            return new PDFRenderer(document).renderImageWithDPI(page, DPI);
        }
    }

    @Test
    void aScannerReadsEveryNumberAtBothEnds() throws Exception {
        Path file = folder.resolve("labels.pdf");
        assertThat(Labels.write(job, List.of("W-0007", "W-0008"), file)).isEmpty();
        BufferedImage image = page(file, 0);
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        Result[] found = new QRCodeMultiReader().decodeMultiple(
                new BinaryBitmap(new HybridBinarizer(
                        new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels))),
                Map.of(DecodeHintType.TRY_HARDER, true));
        assertThat(new TreeSet<>(Arrays.stream(found).map(Result::getText).toList()))
                .containsExactly("W-0007", "W-0008");
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("W-0007", "W-0008");
            job.ends().forEach(e -> assertThat(text).contains(e.device().split(" ")[0]));
        }
    }

    @Test
    void aBatchGoesOnMorePages() throws Exception {
        Path file = folder.resolve("labels.pdf");
        Labels.write(job, IntStream.range(0, 100).mapToObj(n -> "W-" + n).toList(), file);
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo((100 * job.ends().size() + 47) / 48);
        }
        Path svg = folder.resolve("labels.svg");
        Labels.write(job, List.of("W-1"), svg);
        assertThat(Files.readString(svg)).startsWith("<svg").contains("W-1");
        assertThatThrownBy(() -> Labels.write(job, List.of("W-1"), folder.resolve("labels.txt")))
                .isInstanceOf(BadFile.class);
    }

    @Test
    void aStripTemplateIsTrueOnPaper() throws Exception {
        Path file = folder.resolve("sheet.pdf");
        Sheets.write(job, "", file);
        double longest = 0;
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            for (int p = 0; p < document.getNumberOfPages(); p++) {
                BufferedImage image = new PDFRenderer(document).renderImageWithDPI(p, DPI);
                // the drawn sheath: a dark bar four millimetres high that begins at the margin, 15 mm long
                for (int y = 0; y + (int) (3.6 * MM) < image.getHeight(); y++) {
                    int x = (int) Math.round(15 * MM) + 4;
                    boolean bar = IntStream.range(y, y + (int) (3.6 * MM))
                            .allMatch(row -> isDark(image, x, row));
                    if (bar) {
                        int to = x;
                        while (to < image.getWidth() && isDark(image, to, y + (int) (1.8 * MM))) {
                            to++;
                        }
                        longest = Math.max(longest, to / MM - 15);
                    }
                }
            }
        }
        assertThat(longest).as("the sheath, in mm").isCloseTo(Block.SHEATH_MM, within(0.3));
    }

    private static boolean isDark(BufferedImage image, int x, int y) {
        return (image.getRGB(x, y) & 0xFF) < 0x60;
    }

    @Test
    void partsAreATable() {
        List<String> lines = PartsCsv.of(Materials.parts(job)).lines().toList();
        assertThat(lines.getFirst()).isEqualTo("count,what,article");
        assertThat(lines).hasSize(1 + Materials.parts(job).size())
                .anyMatch(l -> l.matches("14,\"shrink sleeve .*\",sleeve .*"));
    }

    @Test
    void pagesCanBeLookedAt() throws Exception {
        List<PagePictures.Page> pages = PagePictures.of(job, "W-0001", 50);
        assertThat(pages).isNotEmpty().allSatisfy(p -> {
            assertThat(p.width() / 50.0 * 25.4).isCloseTo(210, within(0.6));
            assertThat(p.height() / 50.0 * 25.4).isCloseTo(297, within(0.6));
            assertThat(p.argb()).hasSize(p.width() * p.height()).contains(0xFFFFFFFF);
        });
    }
}
