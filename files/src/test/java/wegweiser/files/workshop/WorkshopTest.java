package wegweiser.files.workshop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WorkshopTest {
    @TempDir
    private Path folder;

    @Test
    void settingsAreRememberedAndRubbishIsAsGoodAsNone() throws Exception {
        Workshop workshop = new Workshop(folder);
        assertThat(workshop.setting("window")).isEmpty();
        workshop.remember(Map.of("window", "1 2 3 4"));
        workshop.remember(Map.of("night", "true"));
        assertThat(new Workshop(folder).setting("window")).contains("1 2 3 4");
        Files.writeString(folder.resolve("settings.properties"), "night=\\u00zz");
        assertThat(workshop.setting("night")).isEmpty();
    }

    @Test
    void anySettingComesBackAsItWas() throws Exception {
        Workshop workshop = new Workshop(folder);
        for (String value : java.util.List.of("C:\\Jobs\\new\\table", "C:\\users\\unit", "#a=b:c!",
                " led by a blank", "\u00E4\u03A9\u4E2D",
                "two\nlines")) {
            workshop.remember(java.util.Map.of("job", value, "night", "true"));
            assertThat(workshop.setting("job")).contains(value);
            assertThat(workshop.setting("night")).contains("true");
        }
    }

    @Test
    void aNewJobNeverTakesTheNameOfAnother() throws Exception {
        Workshop workshop = new Workshop(folder);
        Path first = workshop.freshFile("Sky sensor / mast!");
        assertThat(first.getFileName()).hasToString("sky-sensor-mast.wegweiser.json");
        Files.createDirectories(first.getParent());
        Files.createFile(first);
        assertThat(workshop.freshFile("Sky sensor / mast!").getFileName())
                .hasToString("sky-sensor-mast-2.wegweiser.json");
        assertThat(workshop.freshFile("???").getFileName()).hasToString("job.wegweiser.json");
        assertThat(workshop.jobFiles()).containsExactly(first);
    }
}
