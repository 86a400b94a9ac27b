package wegweiser.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.Side;
import wegweiser.core.drawing.Drawing;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.files.Jobs;
import wegweiser.files.job.BadFile;

class SheetsTest {
    @TempDir
    private Path folder;

    private static Job job() {
        return Job.of("Focuser <1> & dome",
                List.of(End.of("A", "Focuser", "dsub-9-socket", List.of()),
                        End.of("B", "Dome computer", "modular-8p8c-plug", List.of())),
                List.of(Link.of("A.2", "B.5").withConductor(java.util.Optional.of("WH/GN")),
                        Link.of("A.3", "B.6").withConductor(java.util.Optional.of("GN")),
                        Link.of("A.5", "B.4").withConductor(java.util.Optional.of("WH/BU"))),
                List.of()).withCable(CableUse.of("utp-4x2-24", 1800));
    }

    private String written(String name) throws Exception {
        Path file = folder.resolve(name);
        Sheets.write(job(), "W-0042", file);
        if (name.endsWith(".pdf")) {
            try (var document = Loader.loadPDF(file.toFile())) {
                return new PDFTextStripper().getText(document);
            }
        }
        return Files.readString(file);
    }

    @ParameterizedTest
    @ValueSource(strings = {"sheet.pdf", "sheet.svg", "sheet.html", "sheet.md"})
    void everySheetSaysWhatMattersAtTheBench(String name) throws Exception {
        String text = written(name);
        for (String wanted : List.of("W-0042", "Focuser", "Dome computer", "A.2", "B.5", "WH/GN",
                "wiring side", "not yet proved", "Cut", "over range", "a beep", "Cautions")) {
            assertThat(text).contains(wanted);
        }
    }

    @Test
    void markupIsWellFormedWhateverTheTitleIs() throws Exception {
        String svg = written("sheet.svg");
        var document = DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(
                new java.io.ByteArrayInputStream(svg.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
        assertThat(document.getDocumentElement().getTagName()).isEqualTo("svg");
        assertThat(written("sheet.html")).contains("Focuser &lt;1&gt; &amp; dome")
                .doesNotContain("Focuser <1>");
        assertThat(written("sheet.csv")).startsWith("from,from signal,to,to signal,conductor,part")
                .contains("A.2,,B.5,,WH/GN,");
    }

    @Test
    void aConnectorIsDrawnAtItsTrueSize() {
        Drawing drawing = FaceDrawing.of(Catalogue.standard().find("dsub-9-socket").orElseThrow(),
                Side.WIRING, FaceDrawing.Marks.NONE);
        String svg = FaceSvg.element(drawing);
        double between = drawing.shapes().stream().filter(Drawing.Circle.class::isInstance)
                .map(Drawing.Circle.class::cast).filter(c -> c.id().equals("2")).findFirst().orElseThrow().x()
                - drawing.shapes().stream().filter(Drawing.Circle.class::isInstance)
                        .map(Drawing.Circle.class::cast).filter(c -> c.id().equals("1")).findFirst()
                        .orElseThrow().x();
        assertThat(between).isEqualTo(2.77, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(svg)
                .contains("width=\"" + String.format(java.util.Locale.ROOT, "%.2fmm", drawing.widthMm()));
    }

    @Test
    void theTextFormsAreAsTheyWere() throws Exception {
        Golden.check("focuser.md", written("sheet.md"));
        Golden.check("focuser.csv", written("sheet.csv"));
        for (String id : List.of("dsub-9-socket", "modular-8p8c-plug", "box-header-10-socket",
                "jack-3.5-trs-plug", "xlr-3-plug", "row-254-3-socket", "terminal-2", "usb-c-plug",
                "m12-a-4-plug")) {
            for (Side side : Side.values()) {
                Drawing drawing = FaceDrawing.of(Catalogue.standard().find(id).orElseThrow(), side,
                        FaceDrawing.Marks.NONE);
                Golden.check("face-" + id + "-" + side.name().toLowerCase(java.util.Locale.ROOT) + ".svg",
                        FaceSvg.element(drawing) + "\n");
            }
        }
    }

    @Test
    void anyJobHasAPdf() throws Exception {
        SplittableRandom random = new SplittableRandom(12);
        for (int k = 0; k < 8; k++) {
            Path file = folder.resolve(k + ".pdf");
            Sheets.write(Jobs.random(random), "", file);
            try (var document = Loader.loadPDF(file.toFile())) {
                assertThat(document.getNumberOfPages()).isPositive();
            }
        }
    }

    @Test
    void anUnknownEndingIsSaidToBeOne() {
        assertThatThrownBy(() -> Sheets.write(job(), "", folder.resolve("sheet.doc")))
                .isInstanceOf(BadFile.class).hasMessageContaining(".pdf, .svg, .html, .md or .csv");
    }
}
