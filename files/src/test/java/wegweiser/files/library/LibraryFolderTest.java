package wegweiser.files.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.library.Library;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;
import wegweiser.files.json.Document;
import wegweiser.files.json.SchemaCheck;

class LibraryFolderTest {
    private static final String HEAD = "{\"format\": \"wegweiser-library\", \"version\": 1, ";
    private static final String FOCUSER = HEAD
            + """
                    "connectors": [{"id": "focuser-5-plug", "title": "focuser plug", "rows": [["1", "2"], ["3", "", "4"]], "pitchMm": 2}],
                    "cables": [{"id": "drawer-grey", "title": "grey, four cores", "conductors": ["WH", "BN", "GN", "YE"], "lengthMm": 6000}],
                    "pinouts": [{"id": "focuser", "title": "focuser port", "connector": "focuser-5", "rows": [{"contact": "1", "signal": "V+", "direction": "supply-in"}]}],
                    "wirings": [{"id": "focuser-lead", "title": "focuser lead", "from": "focuser-5", "to": "dsub-9", "links": [["1", "9"], ["4", "5"]], "weight": 2}]
                    }""";

    @TempDir
    Path folder;

    private Path file(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    @Test
    void aFileMayUseWhatItBringsAndWhatThereIs() throws IOException {
        file("a.json", FOCUSER);
        LibraryFolder.Loaded loaded = new LibraryFolder(folder).load();
        assertThat(loaded.refused()).isEmpty();
        Library library = loaded.library();
        assertThat(library.catalogue().find("focuser-5-plug").orElseThrow().ids()).containsExactly("1", "2",
                "3", "4");
        assertThat(library.cables().getFirst().lengthMm()).hasValue(6000);
        assertThat(library.pinouts().getFirst().family()).isEqualTo("focuser-5");
        assertThat(library.wirings().getFirst().wiring().nets()).hasSize(2);
        assertThat(library.allCables()).hasSize(Cables.all().size() + 1);
    }

    static Stream<Arguments> broken() {
        return Stream.of(Arguments.of("not JSON", "{\"format\":", "ends too early"),
                Arguments.of("something else", "{\"format\": \"wegweiser-job\"}", "not a library file"),
                Arguments.of("no rows", HEAD + "\n\"connectors\": [{\"id\": \"x\", \"title\": \"x\"}]}",
                        "line 2: connectors[0].rows is missing"),
                Arguments.of("contact twice",
                        HEAD + "\n\"connectors\": [{\"id\": \"x\", \"title\": \"x\", \"rows\": [[\"1\", \"1\"]]}]}",
                        "has the contact “1” twice"),
                Arguments.of("no contact",
                        HEAD + "\"connectors\": [{\"id\": \"x\", \"title\": \"x\", \"rows\": [[\"\"]]}]}",
                        "names no contact"),
                Arguments.of("taken", HEAD
                        + "\"connectors\": [{\"id\": \"dsub-9-plug\", \"title\": \"x\", \"rows\": [[\"1\"]]}]}",
                        "is taken already"),
                Arguments.of("unknown connector", HEAD
                        + "\"pinouts\": [{\"id\": \"p\", \"title\": \"p\", \"connector\": \"dsub-10\", \"rows\": [{\"contact\": \"1\"}]}]}",
                        "pinouts[0].connector names no connector"),
                Arguments.of("unknown contact", HEAD
                        + "\"pinouts\": [{\"id\": \"p\", \"title\": \"p\", \"connector\": \"dsub-9\", \"rows\": [{\"contact\": \"10\"}]}]}",
                        "pinouts[0].rows[0].contact is not a contact of dsub-9"),
                Arguments.of("row twice", HEAD
                        + "\"pinouts\": [{\"id\": \"p\", \"title\": \"p\", \"connector\": \"dsub-9\", \"rows\": [{\"contact\": \"1\"}, {\"contact\": \"1\"}]}]}",
                        "appears twice"),
                Arguments.of("direction", HEAD
                        + "\"pinouts\": [{\"id\": \"p\", \"title\": \"p\", \"connector\": \"dsub-9\", \"rows\": [{\"contact\": \"1\", \"direction\": \"up\"}]}]}",
                        "must be one of"),
                Arguments.of("wiring contact", HEAD
                        + "\"wirings\": [{\"id\": \"w\", \"title\": \"w\", \"from\": \"dsub-9\", \"to\": \"dsub-9\", \"links\": [[\"1\", \"11\"]]}]}",
                        "wirings[0].links[0] names a contact"),
                Arguments.of("conductor twice",
                        HEAD + "\"cables\": [{\"id\": \"c\", \"title\": \"c\", \"conductors\": [\"RD\", \"RD\"]}]}",
                        "RD.2"),
                Arguments.of("pair", HEAD
                        + "\"cables\": [{\"id\": \"c\", \"title\": \"c\", \"conductors\": [\"RD\"], \"pairs\": [[\"RD\", \"BK\"]]}]}",
                        "names a conductor that the cable does not have"),
                Arguments.of("id twice", HEAD
                        + "\"cables\": [{\"id\": \"c\", \"title\": \"c\", \"conductors\": [\"RD\"]}, {\"id\": \"c\", \"title\": \"c\", \"conductors\": [\"RD\"]}]}",
                        "is used twice in this file"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("broken")
    void aBrokenFileIsRefusedWithPlaceAndReasonAndTheRestLoads(String name, String text, String reason)
            throws IOException {
        file("a-broken.json", text);
        file("b-good.json", FOCUSER);
        LibraryFolder.Loaded loaded = new LibraryFolder(folder).load();
        assertThat(loaded.refused()).hasSize(1);
        assertThat(loaded.refused().getFirst()).startsWith("a-broken.json").contains(reason).endsWith(".");
        assertThat(loaded.library().connectors()).hasSize(1);
    }

    @Test
    void noFolderIsAnEmptyLibrary() {
        LibraryFolder.Loaded loaded = new LibraryFolder(folder.resolve("none")).load();
        assertThat(loaded.library()).isEqualTo(Library.NONE);
        assertThat(loaded.refused()).isEmpty();
    }

    @Test
    void whatIsAddedIsReadBack() throws Exception {
        LibraryFolder library = new LibraryFolder(folder);
        OwnConnector own = new OwnConnector("own-x-socket", "x", List.of(List.of("1", "2"), List.of("", "3")),
                3, true,
                Extra.NONE);
        Library entries = new Library(List.of(own),
                List.of(Cables.find("usb2").map(LibraryFolderTest::renamed).orElseThrow()),
                List.of(), List.of());
        Path written = library.add(entries, "own-x-socket");
        assertThat(written).exists();
        assertThat(library.load().library()).isEqualTo(entries);
        assertThatThrownBy(() -> library.add(entries, "again")).isInstanceOf(BadFile.class)
                .hasMessageContaining("is taken already");
        assertThat(folder.resolve("again.json")).doesNotExist();
    }

    private static CableStock renamed(CableStock c) {
        return new CableStock("own-usb", "drawer", c.conductors(), c.awg(), c.thick(), c.thickAwg(),
                c.pairs(),
                c.screen(), c.pfPerMetre(), c.diameterMm(), c.stranded(), c.flat(), c.coloursUncertain(),
                OptionalDouble.of(1500), "left over");
    }

    @Test
    void theTablesOfTheProgramFollowTheSchemaAndSurviveWriting() throws Exception {
        Library standard = new Library(List.of(), Cables.all(), NamedPinout.standard(),
                NamedWiring.standard());
        String text = LibraryFolder.text(standard);
        Document document = Document.parse(text, "standard");
        document.check(new SchemaCheck(LibraryFolder.schema()));
        assertThat(NamedWiring.standard()).allSatisfy(w -> {
            Library one = new Library(List.of(), List.of(), List.of(), List.of(w));
            String json = LibraryFolder.text(one);
            NamedWiring back = NamedWiring.of(new wegweiser.core.data.Entry(
                    Document.parse(json, "w").root().get("wirings").get(0), ""),
                    wegweiser.core.catalog.Catalogue.standard());
            assertThat(back).isEqualTo(w);
        });
        for (String table : List.of("pinouts.json", "wirings.json", "cables.json")) {
            var root = wegweiser.core.data.Data.json(table);
            // what those that come with the program are called stands in a bundle
            root.properties().stream().filter(e -> e.getValue().isArray()).forEach(e -> e.getValue().forEach(
                    entry -> ((com.fasterxml.jackson.databind.node.ObjectNode) entry).put("title",
                            "a title")));
            new Document(table, "", root)
                    .check(new SchemaCheck(LibraryFolder.schema()));
        }
    }

    @Test
    void thePublishedSchemaIsTheOneThatIsUsed() throws IOException {
        assertThat(Files.readString(Path.of("../docs/library.schema.json"))).isEqualTo(Files.readString(
                Path.of("src/main/resources/wegweiser/files/library/library.schema.json")));
    }

    @Test
    void aJobTakesItsOwnCableAndConnectorAlong() throws Exception {
        CableStock piece = renamed(Cables.find("usb2").orElseThrow());
        OwnConnector own = new OwnConnector("own-x-plug", "x", List.of(List.of("1")), 3, false, Extra.NONE);
        Job job = Job.of("x", List.of(End.of("A", "", "own-x-plug", List.of())), List.of(), List.of())
                .withConnector(own).withCable(CableUse.NONE.withStock("own-usb", Optional.of(piece)));
        Job back = JobFile.parse(JobFile.text(job), "x");
        assertThat(back).isEqualTo(job);
        assertThat(Cables.of(back)).contains(piece);
    }

    @Test
    void aPinoutGoesThroughCsvAndComesBack() {
        NamedPinout.standard().forEach(p -> {
            String csv = PinoutCsv.text(p.rows());
            var type = wegweiser.core.catalog.Catalogue.standard().family(p.family());
            var read = wegweiser.core.pinout.PastedPinout.read(csv, type);
            assertThat(read.open()).as(csv).isEmpty();
            assertThat(read.rows()).extracting(r -> r.contact() + " " + r.signal().orElse("") + " "
                    + r.direction().map(d -> d.id()).orElse(""))
                    .as(p.id()).containsExactlyElementsOf(p.rows().stream().map(r -> r.contact() + " "
                            + r.signal().orElse("") + " " + r.direction().map(d -> d.id()).orElse(""))
                            .toList());
        });
    }
}
