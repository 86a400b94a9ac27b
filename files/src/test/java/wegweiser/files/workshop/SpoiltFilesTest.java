package wegweiser.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.library.Library;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.shelf.Shelf;
import wegweiser.core.words.Unshowable;
import wegweiser.files.io.BadFile;
import wegweiser.files.library.LibraryFolder;

/**
 * Libraries, shelves and settings that were spoilt at random: each is taken, or refused in one sentence, and what is taken
 * can be shown, written and read again. {@code -Dfuzz.rounds=200000} tries for long.
 */
class SpoiltFilesTest {
    private static final int ROUNDS = Integer.getInteger("fuzz.rounds", 2500) / 5;
    private static final String LIBRARY = """
            {"format": "wegweiser-library", "version": 1,
             "connectors": [{"id": "focuser-5-plug", "title": "focuser plug", "rows": [["1", "2"], ["3", "", "4"]], "pitchMm": 2}],
             "cables": [{"id": "drawer-grey", "title": "grey, four cores", "conductors": ["WH", "BN", "GN", "YE"], "lengthMm": 6000}],
             "pinouts": [{"id": "focuser", "title": "focuser port", "connector": "focuser-5",
               "rows": [{"contact": "1", "signal": "V+", "direction": "supply-in", "volts": 12}]}],
             "wirings": [{"id": "focuser-lead", "title": "focuser lead", "from": "focuser-5", "to": "dsub-9",
               "links": [["1", "9"], ["4", "5"]]}]}
            """;
    private static final String SHELF = """
            kind,item,title,amount,unit,low,where
            connector,dsub-9-socket,D-sub 9 socket,4,pieces,1,drawer 3
            cable,control-4,grey,"12,5",m,,reel
            sleeve,3.2,sleeve,20,pieces,,
            part,1N4007,diode,7,pieces,2,"box ""small\"""
            """;
    private static final String SETTINGS = "job=/tmp/a.wegweiser.json\naway.b=true\nwindow=10 20\n";
    private static final List<String> PIECES = List.of("1e308", "-1", "\"\"", "\\u0007", "\\u202E", "\\uD800",
            "{",
            "]", ",", "\"", "\n", "\t", ";", "\u0000", "\u202E", "\u2003", "1,234", "NaN", "null", "[[]]",
            "\\", "=",
            "x".repeat(11_000), "\u03B1");

    @TempDir
    private Path folder;
    private Workshop workshop;

    @BeforeEach
    void workshop() throws IOException {
        workshop = new Workshop(folder);
        Files.createDirectories(workshop.library().folder());
    }

    private static byte[] spoilt(String text, SplittableRandom random) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        int places = 1 + random.nextInt(3);
        int[] at = random.ints(places, 0, bytes.length).sorted().toArray();
        int from = 0;
        for (int place : at) {
            out.write(bytes, from, Math.max(0, place - from));
            from = Math.max(from, place);
            switch (random.nextInt(4)) {
                case 0 -> from = Math.min(bytes.length, from + 1 + random.nextInt(12));
                case 1 -> out.write(random.nextInt(256));
                default -> out.writeBytes(PIECES.get(random.nextInt(PIECES.size()))
                        .getBytes(StandardCharsets.UTF_8));
            }
        }
        out.write(bytes, from, bytes.length - from);
        return out.toByteArray();
    }

    private static void isASentence(String said) {
        assertThat(said).endsWith(".").doesNotContain("\n").doesNotContain("Exception")
                .doesNotContain("java.");
        assertThat(said.length()).isLessThan(500);
    }

    @Test
    void aSpoiltLibraryIsRefusedOrCanBeShown() throws Exception {
        SplittableRandom random = new SplittableRandom(1);
        Path file = workshop.library().folder().resolve("own.json");
        int taken = 0;
        for (int round = 0; round < ROUNDS; round++) {
            Files.write(file, spoilt(LIBRARY, random));
            LibraryFolder.Loaded loaded = workshop.library().load();
            loaded.refused().forEach(SpoiltFilesTest::isASentence);
            taken += loaded.refused().isEmpty() ? 1 : 0;
            for (OwnConnector own : loaded.library().connectors()) {
                assertThat(Unshowable.in(own.title())).isEmpty();
                assertThat(own.title().lines().count()).isEqualTo(1);
                ConnectorType type = loaded.library().catalogue().find(own.id()).orElseThrow();
                type.contacts().forEach(c -> assertThat(Double.isFinite(c.xMm() + c.yMm())
                        && Math.abs(c.xMm()) < 1e5).as(c.toString()).isTrue());
                type.ids().forEach(
                        id -> assertThat(id.lines().count() == 1 && Unshowable.in(id).isEmpty()).isTrue());
            }
        }
        assertThat(taken).isBetween(ROUNDS / 50, ROUNDS - ROUNDS / 50);
    }

    @Test
    void aSpoiltShelfIsRefusedOrComesBack() throws Exception {
        SplittableRandom random = new SplittableRandom(2);
        int taken = 0;
        for (int round = 0; round < ROUNDS; round++) {
            Files.write(folder.resolve("shelf.csv"), spoilt(SHELF, random));
            try {
                Shelf shelf = workshop.shelf(Library.NONE).read();
                taken++;
                assertThat(ShelfCsv.parse(ShelfCsv.text(shelf), "again", Library.NONE)).isEqualTo(shelf);
            } catch (BadFile e) {
                isASentence(e.getMessage());
            }
        }
        assertThat(taken).isBetween(ROUNDS / 50, ROUNDS - ROUNDS / 50);
    }

    @Test
    void spoiltSettingsAreAsGoodAsNoneAndAreWrittenAnew() throws Exception {
        SplittableRandom random = new SplittableRandom(3);
        Path file = folder.resolve("settings.properties");
        for (int round = 0; round < ROUNDS; round++) {
            Files.write(file, spoilt(SETTINGS, random));
            workshop.setting("job");
            workshop.settingsUnder("away.");
            if (round % 20 == 0) {
                workshop.remember(Map.of("theme", "dark"));
                assertThat(workshop.setting("theme")).hasValue("dark");
            }
        }
    }
}
