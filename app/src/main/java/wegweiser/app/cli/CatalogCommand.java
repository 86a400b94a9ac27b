package wegweiser.app.cli;

import static wegweiser.app.texts.Texts.t;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
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
@Command(name = "catalog", description = "The catalogue: list WORDS, show ID, check FILE...", footerHeading = "%nExample%n", footer = {
        "  wegweiser catalog list D-sub 9", "  wegweiser catalog show dsub-9-socket"})
final class CatalogCommand extends JobCommand {
    @Parameters(index = "0", paramLabel = "list|show|check", description = "What to do.")
    private String what;

    @Parameters(index = "1..*", arity = "0..*", paramLabel = "WORDS|ID|FILE", description = "Words to look for, an id, or library files; check without files looks at the workshop's.")
    private List<String> rest = new ArrayList<>();

    @Option(names = "--workshop", paramLabel = "DIR", description = "The workshop folder, whose own library counts too.")
    private Path workshop;

    @Override
    public Integer call() throws Exception {
        Workshop shop = workshop == null ? Workshop.usual() : new Workshop(workshop);
        return switch (what) {
            case "list" -> list(shop);
            case "show" -> show(shop);
            case "check" -> check(shop);
            default -> throw new BadFile(t("cli.catalog.what", what));
        };
    }

    private Library library(Workshop shop) {
        LibraryFolder.Loaded loaded = shop.library().load();
        loaded.refused().forEach(r -> spec.commandLine().getErr().println("wegweiser: " + r));
        return loaded.library();
    }

    private Integer list(Workshop shop) throws Exception {
        Library library = library(shop);
        String words = String.join(" ", rest);
        List<ConnectorType> connectors = new ConnectorSearch(library.catalogue().all()).find(words);
        List<CableStock> cables = library.allCables().stream()
                .filter(c -> fits(words, c.id(), c.title(), String.join(" ", c.conductors()))).toList();
        List<NamedPinout> pinouts = library.allPinouts().stream()
                .filter(p -> fits(words, p.id(), p.title(), p.family()))
                .toList();
        List<NamedWiring> wirings = library.allWirings().stream()
                .filter(w -> fits(words, w.id(), w.title(), w.fromFamily() + " " + w.toFamily())).toList();
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("connectors", connectors.stream().map(c -> named(c.id(), c.title())).toList());
        map.put("cables", cables.stream().map(c -> named(c.id(), c.title())).toList());
        map.put("pinouts", pinouts.stream().map(p -> named(p.id(), p.title())).toList());
        map.put("wirings", wirings.stream().map(w -> named(w.id(), w.title())).toList());
        write(map, map.entrySet().stream().flatMap(e -> Stream.concat(Stream.of(e.getKey()),
                ((List<?>) e.getValue()).stream().map(v -> "  " + ((Map<?, ?>) v).get("id") + "  "
                        + ((Map<?, ?>) v).get("title"))))
                .toList());
        return CommandLineApp.FINE;
    }

    private static boolean fits(String words, String... texts) {
        String all = String.join(" ", texts).toLowerCase(java.util.Locale.ROOT);
        return Stream.of(words.toLowerCase(java.util.Locale.ROOT).split("\\s+")).allMatch(all::contains);
    }

    private static Map<String, Object> named(String id, String title) {
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("id", id);
        map.put("title", title);
        return map;
    }

    private Integer show(Workshop shop) throws Exception {
        if (rest.size() != 1) {
            throw new BadFile(t("cli.catalog.one"));
        }
        String id = rest.getFirst();
        Library library = library(shop);
        Optional<Map<String, Object>> shape = library.catalogue().find(id)
                .map(c -> CatalogShape.connector(c, library.catalogue()))
                .or(() -> library.allCables().stream().filter(c -> c.id().equals(id)).findFirst()
                        .or(() -> wegweiser.core.catalog.Cables.find(id)).map(CatalogShape::entry))
                .or(() -> library.allPinouts().stream().filter(p -> p.id().equals(id)).findFirst()
                        .map(CatalogShape::entry))
                .or(() -> library.allWirings().stream().filter(w -> w.id().equals(id)).findFirst()
                        .map(CatalogShape::entry));
        if (shape.isEmpty()) {
            throw new BadFile(t("cli.catalog.none", id));
        }
        write(shape.get(), CatalogShape.lines(shape.get()));
        return CommandLineApp.FINE;
    }

    private Integer check(Workshop shop) throws Exception {
        List<String> refused = new ArrayList<>();
        Library library = Library.NONE;
        if (rest.isEmpty()) {
            LibraryFolder.Loaded loaded = shop.library().load();
            library = loaded.library();
            refused.addAll(loaded.refused());
        }
        for (String file : rest) {
            try {
                library = LibraryFolder.read(Path.of(file), library);
            } catch (BadFile e) {
                refused.add(e.getMessage());
            }
        }
        Map<String, Object> map = new LinkedHashMap<>();
        map.put("connectors", library.connectors().size());
        map.put("cables", library.cables().size());
        map.put("pinouts", library.pinouts().size());
        map.put("wirings", library.wirings().size());
        map.put("refused", refused);
        List<String> lines = new ArrayList<>(refused);
        lines.add(t("cli.catalog.own", library.connectors().size(), library.cables().size(),
                library.pinouts().size(), library.wirings().size()));
        write(map, lines);
        return refused.isEmpty() ? CommandLineApp.FINE : CommandLineApp.WRONG;
    }
}
