package wegweiser.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wegweiser.core.advice.Fixture;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.Side;
import wegweiser.core.drawing.Drawing;
import wegweiser.core.drawing.FaceDrawing;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.core.prove.Enough;
import wegweiser.core.prove.Testing;
import wegweiser.files.Jobs;
import wegweiser.files.io.BadFile;

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
        Sheets.write(job(), "W-0042", file, Testing.with(Fixture.PROBES));
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
                "wiring side", "Not tested yet", "Cut", "at most 2.5 Ω", "what may hurt",
                "Right when")) {
            assertThat(text).contains(wanted);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"sheet.pdf", "sheet.html", "sheet.md"})
    void aDeviceThatCanKillIsTheFirstThingOnTheSheet(String name) throws Exception {
        Path file = folder.resolve(name);
        Sheets.write(job().withEnd("A", e -> e.withDangerous(java.util.Optional.of(true))), "W-0042", file,
                Testing.with(Fixture.PROBES));
        String text = name.endsWith(".pdf") ? text(file) : Files.readString(file);
        assertThat(text).contains("Danger to life").containsSubsequence("Danger to life", "A.2");
        assertThat(written(name)).doesNotContain("Danger to life");
    }

    @ParameterizedTest
    @ValueSource(strings = {"sheet.pdf", "sheet.html", "sheet.md"})
    void aSheetOfMainsSaysThatItIsNotMadeHere(String name) throws Exception {
        Path file = folder.resolve(name);
        Sheets.write(job().withEnd("A", e -> e.withPinout(List.of(PinRow.named("2").withName("L 230 V~")))),
                "", file, Testing.with(Fixture.PROBES));
        String text = name.endsWith(".pdf") ? text(file) : Files.readString(file);
        assertThat(text).contains("licensed electrician").doesNotContain("WH/GN");
    }

    private static String text(Path file) throws Exception {
        try (var document = Loader.loadPDF(file.toFile())) {
            return new PDFTextStripper().getText(document).replace('\n', ' ');
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

    private static Job hostile() {
        String bad = "=1+1 <script>x</script> ](javascript:y) | ` _z_ \u0001 \uFFFE \uD800 \u4E2D \u05D0";
        return Job.of(bad,
                List.of(End.of("A", bad, End.LEADS, List.of(PinRow.named("\u4E2D\n2"), PinRow.named("+5V"))),
                        End.of("B", "@home", End.LEADS, List.of(PinRow.named("-12V"), PinRow.named("=x")))),
                List.of(Link.of("A.+5V", "B.-12V").withConductor(Optional.of("=BK")),
                        Link.of("A.\u4E2D\n2", "B.=x")),
                List.of());
    }

    @ParameterizedTest
    @ValueSource(strings = {"sheet.svg", "sheet.html", "sheet.md", "sheet.csv", "sheet.pdf"})
    void whateverStandsInNamesStaysText(String name) throws Exception {
        Path file = folder.resolve(name);
        Set<String> missing = Sheets.write(hostile(), "", file, Testing.with(Fixture.PROBES));
        if (name.endsWith(".pdf")) {
            assertThat(missing).as("letters that the typeface lacks are told").contains("\u4E2D", "\u05D0");
            return;
        }
        String text = Files.readString(file);
        assertThat(text).doesNotContain("<script>");
        switch (name) {
            case "sheet.svg" -> DocumentBuilderFactory.newInstance().newDocumentBuilder()
                    .parse(new java.io.ByteArrayInputStream(
                            text.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
            case "sheet.md" ->
                assertThat(text).contains("\\](javascript").contains("\\|").contains("\\<script\\>");
            case "sheet.csv" -> assertThat(text.lines().flatMap(l -> java.util.Arrays.stream(l.split(","))))
                    .noneMatch(cell -> cell.matches("\"?[=+@-].*")).anyMatch(cell -> cell.equals("'=BK"));
            default -> assertThat(text).contains("&lt;script&gt;");
        }
    }

    @Test
    void nothingOnPaperIsCutOff() throws Exception {
        String words = "a very long name of a device that no column holds ".repeat(8).strip();
        Job job = job().withEnds(job().ends().stream().map(e -> e.withDevice(words)).toList());
        Path file = folder.resolve("long.pdf");
        Sheets.write(job, "", file, Testing.with(Fixture.PROBES));
        try (var document = Loader.loadPDF(file.toFile())) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).doesNotContain("\u2026");
            assertThat(text.replaceAll("\\s", "")).as("both faces have the whole name")
                    .containsPattern("(?s)" + words.replace(" ", "") + ".*" + words.replace(" ", ""));
        }
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

    /** With bare probes one stays while the other goes round; with a comb what is bridged is written with a plus. */
    @Test
    void theTestsAreThoseOfTheFixtureThatIsAtHand() throws Exception {
        Path probes = folder.resolve("probes.md");
        Path comb = folder.resolve("comb.md");
        Sheets.write(job(), "", probes, Testing.with(Fixture.PROBES).until(Enough.PROVED));
        Sheets.write(job(), "", comb, Testing.with(Fixture.COMB).until(Enough.PROVED));
        long rows = Files.readString(probes).lines().filter(l -> l.endsWith("| OL (open) |  |")).count();
        assertThat(rows).isBetween(2L, 40L);
        assertThat(Files.readString(probes)).containsPattern("\\| A\\.\\S+ \\| \\S+, \\S+")
                .doesNotContain(" + ");
        assertThat(Files.readString(comb)).containsPattern("\\| \\S+ \\+ \\S+");
    }

    /** What was read stands there with what it was, and only what is still wanted below. */
    @Test
    void whatWasTouchedIsARowOfItsOwn() throws Exception {
        Path file = folder.resolve("begun.md");
        Job begun = job().withReading(Reading.beep("A.2", "B.5")).withReading(Reading.beep("A.3", "B.4"));
        Sheets.write(begun, "", file, Testing.with(Fixture.PROBES));
        assertThat(Files.readString(file)).contains("| A.2 | B.5 | beep |  | beep |",
                "| A.3 | B.4 | beep |  | beep: not as planned |", "Failed: not wired as planned")
                .doesNotContain("at most 2.5 Ω");
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
            Sheets.write(Jobs.random(random), "", file, Testing.with(Fixture.PROBES));
            try (var document = Loader.loadPDF(file.toFile())) {
                assertThat(document.getNumberOfPages()).isPositive();
            }
        }
    }

    @Test
    void anUnknownEndingIsSaidToBeOne() {
        assertThatThrownBy(
                () -> Sheets.write(job(), "", folder.resolve("sheet.doc"), Testing.with(Fixture.PROBES)))
                .isInstanceOf(BadFile.class).hasMessageContaining(".pdf, .svg, .html, .md or .csv");
    }
}
