package wegweiser.files.sheet;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import wegweiser.core.model.Job;
import wegweiser.core.prove.Testing;

/** The pages of a sheet as pictures, to be looked at or printed. */
public final class PagePictures {
    private PagePictures() {}

    /** A page: width times height colours, each alpha, red, green and blue in eight bits. */
    public record Page(int width, int height, int[] argb) {}

    /** The pages of a job's sheet at so many dots per inch. */
    public static List<Page> of(Job job, String label, Testing testing, float dpi) throws IOException {
        try (PdfPen pen = new PdfPen(new LinkedHashSet<>())) {
            return of(PageLayout.layOut(SheetContent.of(job, label, testing), pen).document(), dpi);
        }
    }

    private static List<Page> of(byte[] pdf, float dpi) throws IOException {
        List<Page> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int k = 0; k < document.getNumberOfPages(); k++) {
                BufferedImage image = renderer.renderImageWithDPI(k, dpi, ImageType.RGB);
                pages.add(new Page(image.getWidth(), image.getHeight(),
                        image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth())));
            }
        }
        return pages;
    }
}
