package wegweiser.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.usual.UsualCable;
import wegweiser.core.wiring.NamedWiring;

class WordsTest {
    private static final Pattern LITERAL = Pattern.compile("Words\\.say(?:IfThere)?\\(\"([a-z0-9.-]+)\"[,)]");

    @Test
    void everyKeyThatTheCodeNamesHasWords() throws IOException {
        ResourceBundle bundle = ResourceBundle.getBundle("wegweiser.core.words.core");
        List<String> missing = new ArrayList<>();
        int seen = 0;
        try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                var keys = LITERAL.matcher(Files.readString(file));
                while (keys.find()) {
                    seen++;
                    if (!bundle.containsKey(keys.group(1))) {
                        missing.add(file.getFileName() + ": " + keys.group(1));
                    }
                }
            }
        }
        assertThat(missing).isEmpty();
        assertThat(seen).isGreaterThan(60);
    }

    @Test
    void everyTitleBelongsToAnEntryAndEveryEntryHasOne() {
        Set<String> called = new TreeSet<>();
        Catalogue.standard().all().forEach(c -> called.add(c.title()));
        Cables.all().forEach(c -> called.addAll(List.of(c.title(), c.note())));
        called.add(Cables.find("control-2x2").orElseThrow().title());
        NamedPinout.standard().forEach(p -> called.addAll(List.of(p.title(), p.note())));
        NamedWiring.standard().forEach(w -> called.add(w.title()));
        UsualCable.all().forEach(c -> {
            called.addAll(List.of(c.title(), c.pitfalls(), String.join(" | ", c.ask())));
            c.ends().forEach(e -> called.add(e.device()));
        });
        assertThat(called).hasSizeGreaterThan(200).noneMatch(t -> t.contains("{"));
        ResourceBundle bundle = ResourceBundle.getBundle("wegweiser.core.words.tables");
        assertThat(bundle.keySet()).filteredOn(k -> !k.startsWith("gender.")).allSatisfy(k -> {
            String pattern = Pattern.quote(bundle.getString(k)).replaceAll("\\{[0-9][^}]*}", "\\\\E.+\\\\Q");
            assertThat(called).as(k).anyMatch(t -> t.matches(pattern));
        });
    }

    @Test
    void placesAreFilledInOnePassAndWordsDoNotShout() {
        assertThat(Words.fill("{1} and {0}", "{1}", "b")).isEqualTo("b and {1}");
        assertThat(Words.fill("{0} {0,choice,0#pairs|1#pair|1<pairs}: {1}", 1, "{0}"))
                .isEqualTo("1 pair: {0}");
        assertThat(Words.say("pairs", 0) + ", " + Words.say("pairs", 2)).isEqualTo("0 pairs, 2 pairs");
        assertThat(Words.list(List.of())).isEmpty();
        assertThat(Words.list(List.of("a"))).isEqualTo("a");
        assertThat(Words.list(List.of("a", "b", "c"))).isEqualTo("a, b and c");
        assertThat(Words.number(1.0)).isEqualTo("1");
        assertThat(Words.number(0.301)).isEqualTo("0.3");
        assertThat(Words.number(2.158)).isEqualTo("2.16");
        ResourceBundle bundle = ResourceBundle.getBundle("wegweiser.core.words.core");
        assertThat(new TreeSet<>(bundle.keySet()))
                .allSatisfy(k -> assertThat(bundle.getString(k)).doesNotContain("!"));
    }
}
