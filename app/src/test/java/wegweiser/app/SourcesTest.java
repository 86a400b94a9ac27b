package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the compiler does not look at in the sources. */
class SourcesTest {
    private static final Pattern IMPORT = Pattern.compile("^import (static )?([\\w.*]+);$",
            Pattern.MULTILINE);

    private static List<Path> sources() throws IOException {
        List<Path> found = new ArrayList<>();
        Path project = Path.of("").toAbsolutePath().getParent();
        for (String module : List.of("core", "files", "instruments", "app", "benchmarks")) {
            try (Stream<Path> files = Files.walk(project.resolve(module).resolve("src"))) {
                files.filter(f -> f.toString().endsWith(".java")).forEach(found::add);
            }
        }
        return found;
    }

    @Test
    void importsAreSortedAndUsed() throws IOException {
        List<Path> sources = sources();
        assertThat(sources).hasSizeGreaterThan(300);
        for (Path file : sources) {
            String text = Files.readString(file);
            String body = IMPORT.matcher(text).replaceAll("");
            List<String> plain = new ArrayList<>();
            List<String> fixed = new ArrayList<>();
            IMPORT.matcher(text).results().forEach(m -> (m.group(1) == null ? plain : fixed).add(m.group(2)));
            assertThat(plain).as("%s", file).isSortedAccordingTo(Comparator.naturalOrder())
                    .doesNotHaveDuplicates();
            assertThat(fixed).as("%s", file).isSortedAccordingTo(Comparator.naturalOrder())
                    .doesNotHaveDuplicates();
            for (String name : Stream.concat(plain.stream(), fixed.stream()).toList()) {
                String last = name.substring(name.lastIndexOf('.') + 1);
                assertThat(Pattern.compile("\\b" + last + "\\b")
                        .matcher(body.replaceFirst("package [\\w.]+;", "")).find())
                        .as("%s uses %s", file, name).isTrue();
            }
        }
    }
}
