package wegweiser.files.library;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import wegweiser.core.data.Entry;
import wegweiser.core.library.Library;
import wegweiser.core.words.Words;
import wegweiser.files.io.AtomicFile;
import wegweiser.files.io.BadFile;
import wegweiser.files.io.FileTurn;
import wegweiser.files.json.Document;
import wegweiser.files.json.Mapping;
import wegweiser.files.json.Place;
import wegweiser.files.json.SchemaCheck;

/**
 * A folder of library files. Files are read in the order of their names; one that cannot be used is refused as a
 * whole, with the place and the reason, and the rest still loads.
 */
public record LibraryFolder(Path folder) {
    private static final SchemaCheck SCHEMA = new SchemaCheck(schema());

    /**
     * What was read.
     *
     * @param refused one plain sentence for each file that cannot be used
     */
    public record Loaded(Library library, List<String> refused) {}

    static JsonNode schema() {
        return Document.schema(LibraryFolder.class, "library.schema.json");
    }

    /** Reads every file of the folder; a folder that does not exist is an empty one. */
    public Loaded load() {
        Library library = Library.NONE;
        List<String> refused = new ArrayList<>();
        for (Path file : files(refused)) {
            try {
                library = read(file, library);
            } catch (BadFile e) {
                refused.add(e.getMessage());
            }
        }
        return new Loaded(library, refused);
    }

    private List<Path> files(List<String> refused) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().endsWith(".json")).sorted().toList();
        } catch (IOException e) {
            refused.add(folder.getFileName() + ": " + Words.say("file.folder-unreadable"));
            return List.of();
        }
    }

    /**
     * What a file adds to a library.
     *
     * @throws BadFile with one plain sentence when the file cannot be used
     */
    public static Library read(Path file, Library before) throws BadFile {
        Document document = Document.parse(Document.textOf(file), file.getFileName().toString());
        if (!document.root().path("format").asText().equals(LibraryFile.FORMAT)) {
            throw BadFile.of(document.name(), "file.no-library");
        }
        document.check(SCHEMA);
        document.checkValues();
        try {
            return before.plus(new Entry(document.root(), ""));
        } catch (Entry.Senseless e) {
            throw document.bad(new Place(e.place()), e.getMessage());
        }
    }

    /** The text of a library file. */
    public static String text(Library library) {
        return Document.write(Mapping.tree(LibraryFile.of(library)));
    }

    /**
     * Writes entries as a file of their own, after checking that they can be read again beside the rest.
     *
     * @return the file
     * @throws BadFile when the entries make no sense or an id is taken
     */
    public Path add(Library entries, String name) throws BadFile, IOException {
        // by turns, so that of two programs that add the same id one is told
        return FileTurn.<Path, BadFile>take(folder.resolve("entries"), () -> {
            String text = text(entries);
            Document document = Document.parse(text, name + ".json");
            document.check(SCHEMA);
            document.checkValues();
            try {
                load().library().plus(new Entry(document.root(), ""));
            } catch (Entry.Senseless e) {
                throw document.bad(new Place(e.place()), e.getMessage());
            }
            return AtomicFile.create(IntStream.iterate(1, n -> n + 1)
                    .mapToObj(n -> folder.resolve(name + (n == 1 ? "" : "-" + n) + ".json")),
                    Document.bytes(text));
        });
    }
}
