package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.ResourceBundle;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class TextsTest {
    @Test
    void everyKeyThatTheCodeNamesHasItsWords() throws IOException {
        ResourceBundle bundle = ResourceBundle.getBundle("wegweiser.app.texts.app");
        Pattern literal = Pattern.compile("\\bt\\(\"([a-z0-9.-]+)\"[,)]");
        List<String> missing = new ArrayList<>();
        int seen = 0;
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                var keys = literal.matcher(Files.readString(file));
                while (keys.find()) {
                    seen++;
                    if (!bundle.containsKey(keys.group(1))) {
                        missing.add(file.getFileName() + ": " + keys.group(1));
                    }
                }
            }
        }
        assertThat(missing).isEmpty();
        assertThat(seen).isGreaterThan(100);
        assertThat(bundle.keySet()).allSatisfy(k -> assertThat(bundle.getString(k)).doesNotContain("!"));
    }
}
