package wegweiser.app.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorSearch;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.library.Library;
import wegweiser.core.model.End;
import wegweiser.core.usual.UsualCable;

/** Finds ports and ends of cables by a few words. */
final class PortSearch {
    /** Which gender a port with a pinout usually has, as the usual cables say. */
    private static final Map<String, String> USUAL = UsualCable.all().stream()
            .flatMap(c -> c.ends().stream())
            .filter(e -> e.port().isPresent() && !e.pinout().isEmpty())
            .collect(Collectors.toMap(PortSearch::pinoutOf, e -> e.port().orElseThrow(), (a, _) -> a));

    private final ConnectorSearch connectors;
    private final List<PortChoice> ports;
    private final boolean ofDevices;

    private PortSearch(Library library, boolean ofDevices) {
        Catalogue catalogue = library.catalogue();
        this.ofDevices = ofDevices;
        this.connectors = new ConnectorSearch(catalogue.all());
        this.ports = ofDevices
                ? library.allPinouts().stream().flatMap(p -> choices(p, catalogue)).toList()
                : List.of();
    }

    /** Ports of devices: with their usual pinouts first, then bare connectors. */
    static PortSearch ofDevices(Library library) {
        return new PortSearch(library, true);
    }

    /** Ends of cables: connectors, and loose wires. */
    static PortSearch ofCables(Library library) {
        return new PortSearch(library, false);
    }

    private static String pinoutOf(End end) {
        return NamedPinout.standard().stream().filter(p -> p.rows().equals(end.pinout())).map(NamedPinout::id)
                .findFirst()
                .orElse("");
    }

    private static Stream<PortChoice> choices(NamedPinout pinout, Catalogue catalogue) {
        String usual = USUAL.getOrDefault(pinout.id(), "");
        return Stream.of(pinout.family(), pinout.family() + "-socket", pinout.family() + "-plug")
                .flatMap(id -> catalogue.find(id).stream()).distinct()
                .sorted(Comparator.comparing(c -> !c.id().equals(usual)))
                .map(c -> PortChoice.of(c, pinout));
    }

    /** What some words mean, the best first, at most so many. */
    List<PortChoice> find(String typed, int most) {
        String[] words = plain(typed).strip().split("\\s+");
        List<PortChoice> found = new ArrayList<>(ports.stream()
                .filter(p -> Arrays.stream(words).allMatch(words(p)::contains)).toList());
        for (ConnectorType type : connectors.find(typed)) {
            found.add(PortChoice.of(type));
        }
        if (!ofDevices) {
            found.add(Math.min(found.size(), most - 1), PortChoice.looseWires());
        }
        return found.stream().limit(most).toList();
    }

    private static String words(PortChoice port) {
        return plain(port.title() + " " + port.connector() + " "
                + port.pinout().map(NamedPinout::id).orElse(""));
    }

    /** As it is compared: RS-232, rs232 and "RS 232" alike but for the blank. */
    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replace("-", "");
    }
}
