package wegweiser.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * Compares with files that were looked at once and kept. With the environment variable
 * {@code GOLDEN_WRITE} the files are written instead; then look at them before they are committed.
 */
final class Golden {
    private static final Path FOLDER = Path.of("src", "test", "resources", "golden");

    private Golden() {}

    static void check(String name, String text) throws IOException {
        Path file = FOLDER.resolve(name);
        if (System.getenv("GOLDEN_WRITE") != null) {
            Files.createDirectories(FOLDER);
            Files.writeString(file, text);
        }
        assertThat(text).as(name).isEqualTo(Files.readString(file));
    }
}
