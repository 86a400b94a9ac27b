package wegweiser.files.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.BiFunction;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.data.Entry;
import wegweiser.core.library.Library;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.model.PortReading;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Role;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.model.Waiver;
import wegweiser.files.json.Place;
import wegweiser.files.library.LibraryJson;

/** Turns a checked JSON document into a job, and says in plain words what the schema cannot. */
final class JobReader {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final int LONGEST_NAME = 200;
    private final Set<String> ends = new HashSet<>();

    /** A document that is well-formed but makes no sense. */
    static final class Senseless extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient Place place;

        Senseless(Place place, String reason) {
            super(reason);
            this.place = place;
        }

        Place place() {
            return place;
        }
    }

    Job read(JsonNode node) {
        List<OwnConnector> connectors = list(node, "connectors", Place.ROOT, this::connector);
        List<End> read = list(node, "ends", Place.ROOT, this::end);
        Job job = new Job((int) Math.min(Integer.MAX_VALUE, node.get("version").asDouble()),
                node.get("title").asText(), read,
                cable(node.path("cable")),
                list(node, "links", Place.ROOT, this::link),
                list(node, "readings", Place.ROOT, this::reading), connectors,
                list(node, "overrides", Place.ROOT, this::waiver),
                list(node, "done", Place.ROOT, (n, _) -> n.asText()),
                list(node, "setAside", Place.ROOT, this::setAside),
                extra(node, "format", "version", "title", "ends", "cable",
                        "links", "readings", "connectors", "overrides", "done", "setAside"));
        Catalogue catalogue = Catalogue.of(job);
        for (int i = 0; i < read.size(); i++) {
            String id = read.get(i).connector();
            if (!id.equals(End.LEADS) && catalogue.find(id).isEmpty()) {
                throw new Senseless(new Place("ends[" + i + "].connector"),
                        "names a connector that the catalogue does not have: “" + id + "”");
            }
        }
        return job;
    }

    private static <T> List<T> list(JsonNode node, String name, Place place,
            BiFunction<JsonNode, Place, T> one) {
        List<T> found = new ArrayList<>();
        JsonNode array = node.path(name);
        for (int i = 0; i < array.size(); i++) {
            found.add(one.apply(array.get(i), place.member(name).element(i)));
        }
        return found;
    }

    private End end(JsonNode node, Place place) {
        String name = node.get("name").asText();
        oneLine(name, place.member("name"));
        if (!ends.add(name)) {
            throw new Senseless(place.member("name"), "is used twice: “" + name + "”");
        }
        return new End(name, node.path("device").asText(""),
                text(node, "role").map(r -> Role.of(r).orElseThrow()),
                node.get("connector").asText(), text(node, "port"), list(node, "pinout", place, this::row),
                list(node, "portReadings", place, this::portReading),
                extra(node, "name", "device", "role", "connector", "port", "pinout", "portReadings"));
    }

    private PinRow row(JsonNode node, Place place) {
        oneLine(node.get("contact").asText(), place.member("contact"));
        return new PinRow(node.get("contact").asText(), text(node, "name"), text(node, "signal"),
                text(node, "direction").map(d -> Direction.of(d).orElseThrow()), text(node, "level"),
                number(node, "volts"),
                number(node, "amps"), word(node, "pair"), list(node, "sources", place, this::source),
                extra(node, "contact", "name", "signal", "direction", "level", "volts", "amps", "pair",
                        "sources"));
    }

    private PinSource source(JsonNode node, Place place) {
        return new PinSource(node.get("source").asText(), node.path("name").asText(""), text(node, "signal"),
                text(node, "contact"), extra(node, "source", "name", "signal", "contact"));
    }

    private PortReading portReading(JsonNode node, Place place) {
        return new PortReading(node.get("contact").asText(), node.path("against").asText("ground"),
                node.get("mode").asText(), node.get("value").asDouble(), text(node, "when"),
                extra(node, "contact", "against", "mode", "value", "when"));
    }

    private static CableUse cable(JsonNode node) {
        return node.isObject()
                ? new CableUse(text(node, "stock"), number(node, "lengthMm"), ownCable(node.path("own")),
                        extra(node, "stock", "lengthMm", "own"))
                : CableUse.NONE;
    }

    private static Optional<CableStock> ownCable(JsonNode node) {
        try {
            return node.isObject()
                    ? Optional.of(
                            Cables.of(new Entry(node, "cable.own")).withExtra(extra(node, LibraryJson.CABLE)))
                    : Optional.empty();
        } catch (Entry.Senseless e) {
            throw new Senseless(new Place(e.place()), e.getMessage());
        }
    }

    private Link link(JsonNode node, Place place) {
        Optional<String> to = text(node, "to");
        return new Link(terminal(node.get("from").asText(), place.member("from")),
                to.map(t -> terminal(t, place.member("to"))), text(node, "conductor"),
                node.path("part").isObject()
                        ? Optional.of(part(node.get("part"), place.member("part")))
                        : Optional.empty(),
                text(node, "why"), extra(node, "from", "to", "conductor", "part", "why"));
    }

    private static Part part(JsonNode node, Place place) {
        PartKind kind = PartKind.of(node.get("kind").asText()).orElseThrow();
        if (kind == PartKind.RESISTOR && !node.path("ohms").isNumber()) {
            throw new Senseless(place.member("ohms"), "is missing: a resistor needs its value");
        }
        return new Part(kind, number(node, "ohms"), number(node, "farads"),
                extra(node, "kind", "ohms", "farads"));
    }

    private Reading reading(JsonNode node, Place place) {
        Mode mode = Mode.of(node.get("mode").asText()).orElseThrow();
        Touch touch = new Touch(list(node, "red", place, (n, p) -> terminal(n.asText(), p)),
                list(node, "black", place, (n, p) -> terminal(n.asText(), p)));
        if (touch.red().stream().anyMatch(touch.black()::contains)) {
            throw new Senseless(place, "has one contact on both probes");
        }
        if (mode == Mode.REACTION && !touch.isSingle()) {
            throw new Senseless(place, "is a reaction between more than two wires");
        }
        return new Reading(mode, touch, outcome(node, mode, place), text(node, "at"),
                extra(node, "mode", "red", "black", "result", "ohms", "volts", "at"));
    }

    private static Outcome outcome(JsonNode node, Mode mode, Place place) {
        Optional<String> result = text(node, "result");
        OptionalDouble ohms = number(node, "ohms");
        OptionalDouble volts = number(node, "volts");
        return switch (mode) {
            case CONTINUITY -> switch (result.orElse("")) {
                case "beep" -> Outcome.BEEP;
                case "silent" -> Outcome.SILENT;
                default ->
                    throw new Senseless(place.member("result"), "must be beep or silent in continuity mode");
            };
            case OHMS ->
                ohms.isPresent() ? new Outcome.Resistance(ohms.getAsDouble()) : open(result, place, "ohms");
            case DIODE ->
                volts.isPresent() ? new Outcome.Voltage(volts.getAsDouble()) : open(result, place, "volts");
            case REACTION -> switch (result.orElse("")) {
                case "reacts" -> Outcome.REACTS;
                case "nothing" -> Outcome.NOTHING;
                default ->
                    throw new Senseless(place.member("result"), "must be reacts or nothing in reaction mode");
            };
        };
    }

    private static Outcome open(Optional<String> result, Place place, String value) {
        if (!result.map("open"::equals).orElse(false)) {
            throw new Senseless(place, "needs a value in " + value + " or the result open");
        }
        return Outcome.OPEN;
    }

    private OwnConnector connector(JsonNode node, Place place) {
        try {
            OwnConnector read = Library.connector(new Entry(node, place.path()));
            return new OwnConnector(read.id(), read.title(), read.rows(), read.pitchMm(), read.shell(),
                    extra(node, "id", "title", "rows", "pitchMm", "shell"));
        } catch (Entry.Senseless e) {
            throw new Senseless(new Place(e.place()), e.getMessage());
        }
    }

    private Waiver waiver(JsonNode node, Place place) {
        return new Waiver(node.get("rule").asText(),
                list(node, "terminals", place, (n, p) -> terminal(n.asText(), p)),
                node.get("reason").asText(), extra(node, "rule", "terminals", "reason"));
    }

    private SetAside setAside(JsonNode node, Place place) {
        return new SetAside(node.path("why").asText(""), list(node, "readings", place, this::reading),
                extra(node, "why", "readings"));
    }

    /** A name has something in it, and fits on a line. */
    private static void oneLine(String name, Place place) {
        if (name.isBlank()) {
            throw new Senseless(place, "is blank");
        }
        if (name.length() > LONGEST_NAME) {
            throw new Senseless(place, "is a name of more than " + LONGEST_NAME + " letters");
        }
        if (name.lines().count() > 1 || name.indexOf('\t') >= 0) {
            throw new Senseless(place, "is of several lines");
        }
    }

    private Terminal terminal(String text, Place place) {
        Terminal terminal;
        try {
            terminal = Terminal.parse(text);
        } catch (IllegalArgumentException _) {
            throw new Senseless(place, "is not a terminal such as A.2: “" + text + "”");
        }
        oneLine(terminal.contact(), place);
        if (!ends.contains(terminal.end())) {
            throw new Senseless(place, "names an end that the job does not have: “" + terminal.end() + "”");
        }
        return terminal;
    }

    private static Optional<String> text(JsonNode node, String name) {
        return Optional.ofNullable(node.get(name)).filter(JsonNode::isTextual).map(JsonNode::asText);
    }

    private static Optional<String> word(JsonNode node, String name) {
        return Optional.ofNullable(node.get(name)).filter(n -> !n.isNull()).map(JsonNode::asText);
    }

    private static OptionalDouble number(JsonNode node, String name) {
        JsonNode found = node.path(name);
        return found.isNumber() ? OptionalDouble.of(found.asDouble()) : OptionalDouble.empty();
    }

    private static Extra extra(JsonNode node, String... known) {
        Set<String> names = Set.of(known);
        Map<String, Object> rest = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> member : node.properties()) {
            if (!names.contains(member.getKey())) {
                rest.put(member.getKey(), MAPPER.convertValue(member.getValue(), Object.class));
            }
        }
        return rest.isEmpty() ? Extra.NONE : new Extra(rest);
    }
}
