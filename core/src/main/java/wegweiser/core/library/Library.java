package wegweiser.core.library;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.data.Entry;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.words.Words;

/** Connectors, cables, pinouts and wirings that a person has added to those that come with the program. */
public record Library(List<OwnConnector> connectors, List<CableStock> cables, List<NamedPinout> pinouts,
        List<NamedWiring> wirings) {
    private static final int MOST_CONTACTS = 500;

    /** Nothing beyond what comes with the program. */
    public static final Library NONE = new Library(List.of(), List.of(), List.of(), List.of());

    public Library {
        connectors = List.copyOf(connectors);
        cables = List.copyOf(cables);
        pinouts = List.copyOf(pinouts);
        wirings = List.copyOf(wirings);
    }

    /** The standard connectors and the person's own. */
    public Catalogue catalogue() {
        return connectors.isEmpty() ? Catalogue.standard() : Catalogue.standard().with(connectors);
    }

    /** The person's own cables first, then the standard ones. */
    public List<CableStock> allCables() {
        return joined(cables, Cables.all());
    }

    /** The person's own pinouts first, then the standard ones. */
    public List<NamedPinout> allPinouts() {
        return joined(pinouts, NamedPinout.standard());
    }

    /** The person's own wirings first, then the standard ones. */
    public List<NamedWiring> allWirings() {
        return joined(wirings, NamedWiring.standard());
    }

    /** One of the person's own connectors. */
    public Optional<OwnConnector> connector(String id) {
        return connectors.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    private static <T> List<T> joined(List<T> first, List<T> second) {
        List<T> all = new ArrayList<>(first);
        all.addAll(second);
        return all;
    }

    /**
     * This library and what a file adds; the file may use what was there before, and its own connectors.
     *
     * @throws Entry.Senseless with the place when an entry makes no sense or its id is taken
     */
    public Library plus(Entry file) {
        List<OwnConnector> moreConnectors = joined(connectors, file.list("connectors", e -> connector(free(e,
                id -> id.equals(End.LEADS) || catalogue().find(id).isPresent()
                        || Catalogue.standard().all().stream().anyMatch(t -> t.family().equals(id))))));
        distinct(file, "connectors");
        Catalogue known = Catalogue.standard().with(moreConnectors);
        List<CableStock> moreCables = joined(cables, file.list("cables", e -> Cables.of(free(e,
                id -> Cables.find(id).isPresent() || cables.stream().anyMatch(c -> c.id().equals(id))))));
        distinct(file, "cables");
        List<NamedPinout> morePinouts = joined(pinouts, file.list("pinouts", e -> NamedPinout.of(free(e,
                id -> allPinouts().stream().anyMatch(p -> p.id().equals(id))), known)));
        distinct(file, "pinouts");
        List<NamedWiring> moreWirings = joined(wirings, file.list("wirings", e -> NamedWiring.of(free(e,
                id -> allWirings().stream().anyMatch(w -> w.id().equals(id))), known)));
        distinct(file, "wirings");
        return new Library(moreConnectors, moreCables, morePinouts, moreWirings);
    }

    private static Entry free(Entry entry, Function<String, Boolean> taken) {
        String id = entry.text("id");
        if (taken.apply(id)) {
            throw entry.member("id").senseless(Words.say("bad.taken", id));
        }
        return entry;
    }

    private static void distinct(Entry file, String list) {
        Set<String> ids = new HashSet<>();
        file.list(list, e -> {
            if (!ids.add(e.text("id"))) {
                throw e.member("id").senseless(Words.say("bad.id-twice", e.text("id")));
            }
            return e;
        });
    }

    /**
     * Reads a connector from a table.
     *
     * @throws Entry.Senseless when it has no contact, or one twice
     */
    public static OwnConnector connector(Entry entry) {
        Set<String> seen = new HashSet<>();
        List<List<String>> rows = entry.list("rows", row -> {
            List<String> ids = new ArrayList<>();
            row.node().forEach(id -> ids.add(id.asText()));
            return ids;
        });
        for (List<String> row : rows) {
            for (String id : row) {
                if (!id.isEmpty() && !seen.add(id)) {
                    throw entry.member("rows").senseless(Words.say("bad.has-twice", id));
                }
            }
        }
        if (seen.size() > MOST_CONTACTS) {
            throw entry.member("rows")
                    .senseless(Words.say("bad.too-many-contacts", seen.size(), MOST_CONTACTS));
        }
        if (seen.isEmpty()) {
            throw entry.member("rows").senseless(Words.say("bad.no-contact"));
        }
        return new OwnConnector(entry.text("id"), entry.text("title", entry.text("id")), rows,
                entry.number("pitchMm", 2.54), entry.flag("shell"), Extra.NONE);
    }

    /** What of a cable goes along with a job: its description, where only this library has it. */
    public Optional<CableStock> alongWith(CableStock cable) {
        return Optional.of(cable).filter(cables()::contains);
    }
}
