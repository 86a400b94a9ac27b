package wegweiser.app;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;

/** The words behind the start of the window: what is not understood is refused before the window opens. */
final class WindowWords {
    private static final String JOB = ".wegweiser.json";
    private static final Set<String> STARTS = Set.of("window", "demo", "screenshots");
    private static final Set<String> FLAGS = Set.of("--self-check", "--close", "--train");
    private static final Set<String> WITH_VALUE = Set.of("--workshop", "--out", "--size");

    private WindowWords() {}

    /** Why the window does not open with these words; empty when it does. */
    static Optional<String> refused(String... args) {
        int jobs = 0;
        for (int k = 0; k < args.length; k++) {
            String word = args[k];
            if (FLAGS.contains(word) || k == 0 && STARTS.contains(word)) {
                continue;
            }
            if (WITH_VALUE.contains(word)) {
                k++;
                String value = k < args.length ? args[k] : "";
                if (value.isBlank()) {
                    return Optional.of(t("start.value", word));
                }
                if (word.equals("--workshop") && isNoFolder(value)) {
                    return Optional.of(t("start.no-folder", value));
                }
                if (word.equals("--size") && !value.matches("\\d{2,5}x\\d{2,5}")) {
                    return Optional.of(t("start.size", value));
                }
            } else if (word.startsWith("-")) {
                return Optional.of(t("start.unknown", word));
            } else if (!word.endsWith(JOB)) {
                return Optional.of(t("start.no-job", word));
            } else if (++jobs > 1) {
                return Optional.of(t("start.one-job"));
            }
        }
        return Optional.empty();
    }

    private static boolean isNoFolder(String value) {
        try {
            return Files.exists(Path.of(value)) && !Files.isDirectory(Path.of(value));
        } catch (InvalidPathException _) {
            return true;
        }
    }
}
