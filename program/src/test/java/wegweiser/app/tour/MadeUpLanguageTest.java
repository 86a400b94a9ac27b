package wegweiser.app.tour;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedWriter;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.ResourceBundle;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * A language that nobody speaks: every letter has an accent, and every text is two fifths longer. Whatever is plain English
 * on the screen then did not come from a bundle.
 */
class MadeUpLanguageTest {
    private static final String PLAIN = "abcdefghijklmnoprstuwyzABCDEFGHIJKLMNOPRSTUWYZ";
    private static final String ACCENTED = "áƀçďéƒğĥíĵķļɱñóþŕšťúŵýžÁƁÇĎÉƑĞĤÍĴĶĻⱮÑÓÞŔŠŤÚŴÝŽ";
    private static final double LONGER = 0.4;

    @TempDir
    private Path folder;

    @Test
    void everyTextOfTheWindowComesFromABundle() throws Exception {
        bundle("wegweiser.core.words.core");
        bundle("wegweiser.core.words.tables");
        bundle("wegweiser.app.texts.app");
        bundle("wegweiser.app.texts.commands");
        Process walk = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Dglass.platform=Headless", "-Dprism.order=sw", "-Duser.language=qps", "-Duser.country=",
                "-XX:TieredStopAtLevel=1", "--enable-native-access=ALL-UNNAMED", "-cp",
                folder + File.pathSeparator + System.getProperty("java.class.path"),
                "wegweiser.app.tour.MadeUpLanguage", folder.resolve("workshop").toString())
                .redirectError(folder.resolve("errors").toFile())
                .redirectOutput(folder.resolve("said").toFile()).start();
        assertThat(walk.waitFor(180, TimeUnit.SECONDS)).isTrue();
        List<String> said = Files.readAllLines(folder.resolve("said"));
        assertThat(said).as(Files.readString(folder.resolve("errors"))).isNotEmpty();
        assertThat(Integer.parseInt(said.getFirst().replace("seen ", ""))).as("texts").isGreaterThan(1000);
        assertThat(said.subList(1, said.size())).isEmpty();
    }

    private void bundle(String name) throws IOException {
        ResourceBundle english = ResourceBundle.getBundle(name);
        Path file = folder.resolve(name.replace('.', '/') + "_qps.properties");
        Files.createDirectories(file.getParent());
        try (BufferedWriter out = Files.newBufferedWriter(file)) {
            for (String key : english.keySet()) {
                out.write(key + " = "
                        + madeUp(english.getString(key)).replace("\\", "\\\\").replace("\n", "\\n") + "\n");
            }
        }
    }

    /** The text in the made-up language; what is filled in later stays as it is, words to choose from are words. */
    static String madeUp(String text) {
        StringBuilder out = new StringBuilder();
        int letters = 0;
        boolean place = false;
        for (int k = 0; k < text.length(); k++) {
            char c = text.charAt(k);
            place = c == '{' || place && c != '}' && !text.substring(0, k).endsWith(",choice,");
            int at = place ? -1 : PLAIN.indexOf(c);
            letters += place ? 0 : 1;
            out.append(at < 0 ? c : ACCENTED.charAt(at));
        }
        int more = letters < 3 || text.contains(",choice,") ? 0 : (int) Math.round(LONGER * letters);
        for (int k = 0; k < more; k++) {
            out.append(k % 6 == 0 && k > 0 ? ' ' : 'ë');
        }
        return out.toString();
    }
}
