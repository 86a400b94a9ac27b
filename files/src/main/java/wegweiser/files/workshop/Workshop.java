package wegweiser.files.workshop;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wegweiser.core.library.Library;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.FileTurn;
import wegweiser.files.job.JobFile;
import wegweiser.files.library.LibraryFolder;

/** A person's folder: job files, the logbook, and settings. */
public record Workshop(Path folder) {
    private static final String CHOSEN = "workshop";

    /** The platform's usual place for application data. */
    public static Workshop usual() {
        String os = System.getProperty("os.name", "").toLowerCase(Locale.ROOT);
        Path home = Path.of(System.getProperty("user.home", "."));
        if (os.contains("win")) {
            String roaming = System.getenv("APPDATA");
            return new Workshop((roaming == null ? home.resolve("AppData/Roaming") : Path.of(roaming))
                    .resolve("Wegweiser"));
        }
        if (os.contains("mac")) {
            return new Workshop(home.resolve("Library/Application Support/Wegweiser"));
        }
        String data = System.getenv("XDG_DATA_HOME");
        return new Workshop((data == null || data.isBlank() ? home.resolve(".local/share") : Path.of(data))
                .resolve("wegweiser"));
    }

    /** The workshop that a person chose in the usual one, where it is still there, else the usual one. */
    public static Workshop chosen() {
        Workshop usual = usual();
        try {
            return usual.setting(CHOSEN).map(Path::of).filter(Files::isDirectory).map(Workshop::new)
                    .orElse(usual);
        } catch (InvalidPathException _) {
            return usual;
        }
    }

    /** Makes a folder the one to begin with from now on. */
    public static void choose(Path folder) throws IOException {
        usual().remember(Map.of(CHOSEN, folder.toAbsolutePath().toString()));
    }

    public Path jobs() {
        return folder.resolve("jobs");
    }

    public Path logbook() {
        return folder.resolve("logbook.db");
    }

    /** The person's own connectors, cables, pinouts and wirings. */
    public LibraryFolder library() {
        return new LibraryFolder(folder.resolve("library"));
    }

    /** What lies about in the workshop: cables, connectors, sleeves. */
    public ShelfFile shelf(Library library) {
        return new ShelfFile(this, library);
    }

    /** All job files, by name. */
    public List<Path> jobFiles() throws IOException {
        if (!Files.isDirectory(jobs())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(jobs())) {
            return files.filter(f -> f.getFileName().toString().endsWith(JobFile.ENDING)).sorted().toList();
        }
    }

    /** A file name in the jobs folder that is still free, made from a title. */
    public Path freshFile(String title) {
        return names(jobs(), title).filter(f -> !Files.exists(f)).findFirst().orElseThrow();
    }

    /** The names that a job in a folder may have, made from a title, whether they are free or not. Without end. */
    Stream<Path> names(Path folder, String title) {
        String plain = title.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String stem = plain.isEmpty() ? "job" : plain.length() > 60 ? plain.substring(0, 60) : plain;
        // not the name of a job that was removed, for which the shelf may have been counted off
        return names(folder.resolve(stem + JobFile.ENDING)).filter(f -> !Files.exists(removed(f)));
    }

    /** A name of a job, and others like it. Without end. */
    static Stream<Path> names(Path file) {
        String name = file.getFileName().toString();
        return IntStream.iterate(1, n -> n + 1).mapToObj(n -> n == 1
                ? file
                : file.resolveSibling(name.replace(JobFile.ENDING, "-" + n + JobFile.ENDING)));
    }

    /** Where jobs lie that were removed. */
    Path removed() {
        return folder.resolve("removed");
    }

    private Path removed(Path file) {
        return removed().resolve(file.getFileName().toString());
    }

    /** A setting, such as the place of the window. Missing or unreadable settings are as good as none. */
    public Optional<String> setting(String name) {
        return Optional.ofNullable(settings().getProperty(name));
    }

    /** The settings whose names begin so, by what follows. */
    public Map<String, String> settingsUnder(String start) {
        Map<String, String> found = new HashMap<>();
        settings().forEach((name, value) -> {
            if (name.toString().startsWith(start)) {
                found.put(name.toString().substring(start.length()), value.toString());
            }
        });
        return found;
    }

    /** Keeps settings for the next start. */
    public void remember(Map<String, String> values) throws IOException {
        Path file = folder.resolve("settings.properties");
        FileTurn.take(file, () -> {
            Properties all = settings();
            all.putAll(values);
            StringWriter text = new StringWriter();
            all.store(text, null);
            AtomicFile.write(file, text.toString().getBytes(StandardCharsets.UTF_8));
            return file;
        });
    }

    private Properties settings() {
        Properties all = new Properties();
        Path file = folder.resolve("settings.properties");
        if (Files.isReadable(file)) {
            try (var reader = Files.newBufferedReader(file)) {
                all.load(reader);
            } catch (IOException | IllegalArgumentException _) {
                all.clear();
            }
        }
        return all;
    }
}
