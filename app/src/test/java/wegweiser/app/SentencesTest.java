package wegweiser.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a person reads stands in a bundle and not in the code. */
class SentencesTest {
    private static final Pattern COMMENT = Pattern.compile("/\\*[\\s\\S]*?\\*/|(?<![:\"])//[^\\n]*");
    /** What commands are for, which the library of commands reads where they are. */
    private static final Pattern ANNOTATION = Pattern
            .compile(
                    "@(?:CommandLine\\.)?(?:Command|Option|Parameters)\\((?:\"(?:\\\\.|[^\"\\\\])*\"|[^\")])*\\)");
    private static final Pattern LITERAL = Pattern.compile("\"((?:\\\\.|[^\"\\\\\\n])*)\"");
    private static final Pattern WORDS = Pattern.compile("[a-z]{2,} [a-z]{2,}");
    /** For the database, for pages and pictures, and for whoever programs. */
    private static final Pattern OTHER = Pattern
            .compile(
                    "end-of-input|token|value length|nesting depth|SELECT|INSERT|CREATE|PRAGMA|BEGIN|<[a-z!]|viewBox|font-family|monospace");
    private static final Pattern FOR_PROGRAMMERS = Pattern.compile(
            "(?:IllegalArgument|IllegalState|IndexOutOfBounds|NoSuchElement)Exception\\([^;]*?$|CancellationException\\([^;]*?$");

    @ParameterizedTest
    @ValueSource(strings = {"core/src/main/java/wegweiser/core/evidence",
            "core/src/main/java/wegweiser/core/advice",
            "core/src/main/java/wegweiser/core/belief", "core/src/main/java/wegweiser/core/ladder",
            "core/src/main/java/wegweiser/core/library", "core/src/main/java/wegweiser/core/make",
            "core/src/main/java/wegweiser/core/port", "core/src/main/java/wegweiser/core/quantity",
            "core/src/main/java/wegweiser/core/readings", "core/src/main/java/wegweiser/core/route",
            "core/src/main/java/wegweiser/core/rules", "core/src/main/java/wegweiser/core/testers",
            "core/src/main/java/wegweiser/core/wiring", "files/src/main/java/wegweiser/files",
            "app/src/main/java/wegweiser/app/actions", "app/src/main/java/wegweiser/app/cli",
            "app/src/main/java/wegweiser/app/controls",
            "app/src/main/java/wegweiser/app/ends", "app/src/main/java/wegweiser/app/log",
            "app/src/main/java/wegweiser/app/make", "app/src/main/java/wegweiser/app/prove",
            "app/src/main/java/wegweiser/app/route", "app/src/main/java/wegweiser/app/stage",
            "app/src/main/java/wegweiser/app/trace", "app/src/main/java/wegweiser/app/window"})
    void noSentenceStandsInTheCode(String folder) throws IOException {
        List<String> found = new ArrayList<>();
        int files = 0;
        try (Stream<Path> all = Files.walk(Path.of("..").resolve(folder))) {
            for (Path file : all.filter(f -> f.toString().endsWith(".java")).toList()) {
                files++;
                String code = ANNOTATION.matcher(COMMENT.matcher(Files.readString(file)).replaceAll(" "))
                        .replaceAll(" ");
                Matcher literal = LITERAL.matcher(code);
                while (literal.find()) {
                    boolean thrown = FOR_PROGRAMMERS.matcher(code.substring(0, literal.start())).find();
                    if (WORDS.matcher(literal.group(1)).find() && !OTHER.matcher(literal.group(1)).find()
                            && !thrown) {
                        found.add(file.getFileName() + ": " + literal.group(1));
                    }
                }
            }
        }
        assertThat(files).as(folder).isPositive();
        assertThat(found).isEmpty();
    }
}
