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
import wegweiser.core.advice.Fixture;
import wegweiser.core.make.Materials;
import wegweiser.core.make.StripLengths;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Testing;
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
        Sheets.write(job, "", file, Testing.with(Fixture.PROBES));
        StripLengths strip = StripLengths.of(job, job.ends().getFirst()).orElseThrow();
        BufferedImage image = page(file, 0);
        int left = (int) Math.round(15 * MM) + 4;
        // the sheath is a dark bar that begins at the margin; the first is that of the first end
        int top = IntStream.range(0, image.getHeight() - (int) (4 * MM))
                .filter(y -> IntStream.range(y, y + (int) (3.6 * MM))
                        .allMatch(row -> isDark(image, left, row)))
                .findFirst().orElseThrow();
        int middle = top + (int) (2 * MM);
        int sheath = darkUntil(image, left, middle);
        int copper = firstDarkBar(image, sheath, middle);
        int end = darkUntil(image, copper, middle);
        assertThat(sheath / MM - 15).as("sheath, in mm").isCloseTo(Block.SHEATH_MM, within(0.3));
        assertThat((end - sheath) / MM).as("stripped, in mm").isCloseTo(strip.sheathMm(), within(0.3));
        assertThat((end - copper) / MM).as("bared, in mm").isCloseTo(strip.bareMm(), within(0.3));
    }

    /** Where the darkness ends that goes on to the right. */
    private static int darkUntil(BufferedImage image, int from, int y) {
        return IntStream.range(from, image.getWidth()).filter(x -> !isDark(image, x, y)).findFirst()
                .orElseThrow();
    }

    /** Where a bar begins that is more than a line. */
    private static int firstDarkBar(BufferedImage image, int from, int y) {
        return IntStream.range(from, image.getWidth() - 12)
                .filter(x -> IntStream.range(x, x + 12).allMatch(dark -> isDark(image, dark, y))).findFirst()
                .orElseThrow();
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
        List<PagePictures.Page> pages = PagePictures.of(job, "W-0001", Testing.with(Fixture.PROBES), 50);
        assertThat(pages).isNotEmpty().allSatisfy(p -> {
            assertThat(p.width() / 50.0 * 25.4).isCloseTo(210, within(0.6));
            assertThat(p.height() / 50.0 * 25.4).isCloseTo(297, within(0.6));
            assertThat(p.argb()).hasSize(p.width() * p.height()).contains(0xFFFFFFFF);
        });
    }
}
