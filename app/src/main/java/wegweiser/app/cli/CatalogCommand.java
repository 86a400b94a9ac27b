package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.ConnectorSearch;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.library.Library;
import wegweiser.core.model.CableStock;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.files.io.BadFile;
import wegweiser.files.library.LibraryFolder;
import wegweiser.files.workshop.Workshop;

/** The catalogue: what there is, what one entry is like, and whether library files can be used. */
@Command(name = "catalog")
final class CatalogCommand extends JobCommand {
    @Option(names = "--workshop", scope = CommandLine.ScopeType.INHERIT, paramLabel = "DIR")
    private Path workshop;

    private record Found(List<Shape.Named> connectors, List<Shape.Named> cables, List<Shape.Named> pinouts,
            List<Shape.Named> wirings) {}

    private record Checked(int connectors, int cables, int pinouts, int wirings, List<String> refused) {}

    @Override
    public Integer call() {
        throw new CommandLine.ParameterException(spec.commandLine(), t("cli.catalog.what"));
    }

    private LibraryFolder folder() throws Exception {
        return (workshop == null ? Workshop.chosen() : new Workshop(workshop)).library();
    }

    private Library library() throws Exception {
        LibraryFolder.Loaded loaded = folder().load();
        loaded.refused().forEach(r -> spec.commandLine().getErr().println("wegweiser: " + r));
        return loaded.library();
    }

    @Command(name = "list")
    int list(
            @Parameters(arity = "0..*", paramLabel = "WORDS") List<String> sought)
            throws Exception {
        Library library = library();
        String words = sought == null ? "" : String.join(" ", sought);
        Found found = new Found(
                named(new ConnectorSearch(library.catalogue().all()).find(words), ConnectorType::id,
                        ConnectorType::title),
                named(library.allCables().stream()
                        .filter(c -> fits(words, c.id(), c.title(), String.join(" ", c.conductors())))
                        .toList(),
                        CableStock::id, CableStock::title),
                named(library.allPinouts().stream().filter(p -> fits(words, p.id(), p.title(), p.family()))
                        .toList(), NamedPinout::id, NamedPinout::title),
                named(library.allWirings().stream()
                        .filter(w -> fits(words, w.id(), w.title(), w.fromFamily() + " " + w.toFamily()))
                        .toList(), NamedWiring::id, NamedWiring::title));
        List<String> lines = new ArrayList<>();
        lines(lines, "connectors", found.connectors());
        lines(lines, "cables", found.cables());
        lines(lines, "pinouts", found.pinouts());
        lines(lines, "wirings", found.wirings());
        write(found, lines);
        return CommandLineApp.FINE;
    }

    private static <T> List<Shape.Named> named(List<T> entries, Function<T, String> id,
            Function<T, String> title) {
        return entries.stream().map(e -> new Shape.Named(id.apply(e), title.apply(e))).toList();
    }

    private static void lines(List<String> lines, String heading, List<Shape.Named> entries) {
        lines.add(heading);
        entries.forEach(e -> lines.add("  " + e.id() + "  " + e.title()));
    }

    private static boolean fits(String words, String... texts) {
        String all = String.join(" ", texts).toLowerCase(Locale.ROOT);
        return Stream.of(words.toLowerCase(Locale.ROOT).split("\\s+")).allMatch(all::contains);
    }

    @Command(name = "show")
    int show(@Parameters(paramLabel = "ID") String id) throws Exception {
        Library library = library();
        Map<String, Object> shape = library.catalogue().find(id)
                .map(c -> CatalogShape.connector(c, library.catalogue()))
                .or(() -> first(library.allCables(), c -> c.id().equals(id)).or(() -> Cables.find(id))
                        .map(CatalogShape::entry))
                .or(() -> first(library.allPinouts(), p -> p.id().equals(id)).map(CatalogShape::entry))
                .or(() -> first(library.allWirings(), w -> w.id().equals(id)).map(CatalogShape::entry))
                .orElseThrow(() -> new BadFile(t("cli.catalog.none", id)));
        write(shape, CatalogShape.lines(shape));
        return CommandLineApp.FINE;
    }

    private static <T> Optional<T> first(List<T> entries, Predicate<T> wanted) {
        return entries.stream().filter(wanted).findFirst();
    }

    @Command(name = "check")
    int check(
            @Parameters(arity = "0..*", paramLabel = "FILE") List<Path> files)
            throws Exception {
        List<String> refused = new ArrayList<>();
        Library library = Library.NONE;
        if (files == null) {
            LibraryFolder.Loaded loaded = folder().load();
            library = loaded.library();
            refused.addAll(loaded.refused());
        } else {
            for (Path file : files) {
                try {
                    library = LibraryFolder.read(file, library);
                } catch (BadFile e) {
                    refused.add(e.getMessage());
                }
            }
        }
        Checked checked = new Checked(library.connectors().size(), library.cables().size(),
                library.pinouts().size(), library.wirings().size(), refused);
        List<String> lines = new ArrayList<>(refused);
        lines.add(t("cli.catalog.own", checked.connectors(), checked.cables(), checked.pinouts(),
                checked.wirings()));
        write(checked, lines);
        return refused.isEmpty() ? CommandLineApp.FINE : CommandLineApp.WRONG;
    }
}
