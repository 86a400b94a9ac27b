package wegweiser.app.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import wegweiser.app.WindowTest;
import wegweiser.files.job.JobFile;

/** A window on the bench, with the four jobs of the demo. */
abstract class OnTheBench extends WindowTest {
    @BeforeEach
    void toTheBench() {
        keys(KeyCode.CONTROL, KeyCode.DIGIT0);
        await("four jobs", () -> titles().size() == 4);
    }

    protected ListView<Path> list() {
        return lookup("#job-list").query();
    }

    protected List<String> titles() {
        return list().getItems().stream().map(f -> f.getFileName().toString().replace(JobFile.ENDING, ""))
                .toList();
    }

    protected long files() {
        try (Stream<Path> all = Files.list(folder.resolve("jobs"))) {
            return all.filter(f -> f.toString().endsWith(JobFile.ENDING)).count();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    protected void type(String text) {
        write(text, 0);
    }
}
