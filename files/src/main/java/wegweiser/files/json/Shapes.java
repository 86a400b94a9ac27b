package wegweiser.files.json;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonPropertyOrder;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeName;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.annotation.JsonDeserialize;
import com.fasterxml.jackson.databind.annotation.JsonSerialize;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.util.StdConverter;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.data.Entry;
import wegweiser.core.library.Library;
import wegweiser.core.model.Basis;
import wegweiser.core.model.BundleCode;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.CutOff;
import wegweiser.core.model.End;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.model.LadderValues;
import wegweiser.core.model.Leg;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.model.OwnWire;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.model.PortReading;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Schools;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Skipped;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Waiting;
import wegweiser.core.model.Waiver;
import wegweiser.core.wiring.NamedWiring;
import wegweiser.core.words.Words;

/** Where the JSON of a record of the model is another than its components: names, what is left out, other shapes. */
@SuppressWarnings({"unused", "DoNotCallSuggester"}) // the library reads them by name
final class Shapes {
    private Shapes() {}

    static void register(JsonMapper.Builder builder) {
        builder.addMixIn(HasId.class, Word.class).addMixIn(Terminal.class, OfTerminal.class)
                .addMixIn(Job.class, OfJob.class)
                .addMixIn(End.class, OfEnd.class).addMixIn(PinRow.class, OfRow.class)
                .addMixIn(Link.class, OfLink.class)
                .addMixIn(PinSource.class, OfSource.class).addMixIn(Reading.class, OfReading.class)
                .addMixIn(LadderValues.class, OfLadder.class).addMixIn(Waiting.class, OfWaiting.class)
                .addMixIn(CableStock.class, OfCable.class).addMixIn(CableUse.class, OfUse.class)
                .addMixIn(Loom.class, OfLoom.class).addMixIn(LoomRun.class, OfRun.class)
                .addMixIn(OwnConnector.class, OfConnector.class).addMixIn(NamedPinout.class, OfPinout.class)
                .addMixIn(NamedWiring.class, OfWiring.class);
    }

    private interface Word {
        @JsonValue
        String id();
    }

    @JsonDeserialize(converter = ToTerminal.class)
    private abstract static class OfTerminal {
        @JsonValue
        @Override
        public abstract String toString();

        /** Reads the names of members. */
        @JsonCreator
        static Terminal parse(String text) {
            throw new UnsupportedOperationException(text);
        }
    }

    private static final class ToTerminal extends StdConverter<String, Terminal> {
        @Override
        public Terminal convert(String text) {
            try {
                return Terminal.parse(text);
            } catch (IllegalArgumentException _) {
                throw new Mapping.Senseless(Place.ROOT, Words.say("bad.terminal", text));
            }
        }
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "format")
    @JsonTypeName("wegweiser-job")
    @JsonPropertyOrder({"version", "title", "connectors"})
    private interface OfJob {
        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<OwnConnector> connectors();

        @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = NoCable.class)
        CableUse cable();

        @JsonProperty("overrides")
        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<Waiver> waivers();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<String> done();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<Skipped> skipped();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<Waiting> waiting();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<SetAside> setAside();

        @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = NoSchools.class)
        Schools schools();

        @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = NoBasis.class)
        Basis basis();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<String> kept();
    }

    /** Equal to what is not written: no marks. */
    private static final class NoBasis {
        @Override
        public boolean equals(Object other) {
            return other == null || other.equals(Basis.NONE);
        }

        @Override
        public int hashCode() {
            return 0;
        }
    }

    /** Equal to what is not written: a cable of which nothing is known. */
    private static final class NoCable {
        @Override
        public boolean equals(Object other) {
            return other == null || other.equals(CableUse.NONE);
        }

        @Override
        public int hashCode() {
            return 0;
        }
    }

    /** Equal to what is not written: no school chosen. */
    private static final class NoSchools {
        @Override
        public boolean equals(Object other) {
            return other == null || other.equals(Schools.NONE);
        }

        @Override
        public int hashCode() {
            return 0;
        }
    }

    private interface OfUse {
        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<Leg> way();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<CutOff> cutOff();

        @JsonInclude(value = JsonInclude.Include.CUSTOM, valueFilter = NoLoom.class)
        Loom loom();
    }

    /** Equal to what is not written: no branches. */
    private static final class NoLoom {
        @Override
        public boolean equals(Object other) {
            return other == null || other.equals(Loom.NONE);
        }

        @Override
        public int hashCode() {
            return 0;
        }
    }

    private interface OfLoom {
        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<LoomRun> runs();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<Splice> splices();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<OwnWire> wires();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<BundleCode> codes();
    }

    private interface OfRun {
        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<String> spare();
    }

    private interface OfEnd {
        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<PortReading> portReadings();

        @JsonInclude(JsonInclude.Include.NON_DEFAULT)
        boolean panel();

        @JsonInclude(JsonInclude.Include.NON_DEFAULT)
        boolean resin();
    }

    private interface OfRow {
        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<PinSource> sources();

        @JsonInclude(JsonInclude.Include.NON_DEFAULT)
        boolean optional();
    }

    private interface OfLink {
        @JsonInclude(JsonInclude.Include.NON_DEFAULT)
        boolean pinned();
    }

    private interface OfSource {
        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<String> confirms();

        @JsonProperty("for")
        Optional<String> chosen();
    }

    @JsonSerialize(converter = ReadingShape.From.class)
    @JsonDeserialize(converter = ReadingShape.To.class)
    private interface OfReading {}

    @JsonSerialize(converter = LadderShape.From.class)
    @JsonDeserialize(converter = LadderShape.To.class)
    private interface OfLadder {}

    @JsonSerialize(converter = WaitingShape.From.class)
    @JsonDeserialize(converter = WaitingShape.To.class)
    private interface OfWaiting {}

    @JsonSerialize(converter = CableShape.From.class)
    @JsonDeserialize(using = CableTable.class)
    private interface OfCable {}

    @JsonDeserialize(using = ConnectorTable.class)
    private interface OfConnector {}

    @JsonPropertyOrder({"id", "title", "connector", "role", "note", "rows"})
    private interface OfPinout {
        @JsonProperty("connector")
        String family();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        String note();
    }

    @JsonSerialize(converter = WiringShape.From.class)
    private interface OfWiring {}

    /** Reads as the tables that come with the program are read, so that they are held to the same. */
    private abstract static class Table<T> extends JsonDeserializer<T> {
        private final Set<String> known;

        Table(String... known) {
            this.known = Set.of(known);
        }

        abstract T read(Entry entry, Map<String, Object> extra);

        @Override
        public T deserialize(JsonParser parser, DeserializationContext context) throws IOException {
            JsonNode node = context.readTree(parser);
            Map<String, Object> extra = new LinkedHashMap<>();
            for (Map.Entry<String, JsonNode> member : node.properties()) {
                if (!known.contains(member.getKey())) {
                    extra.put(member.getKey(), context.readTreeAsValue(member.getValue(), Object.class));
                }
            }
            return read(new Entry(node, ""), extra);
        }
    }

    private static final class CableTable extends Table<CableStock> {
        CableTable() {
            super("id", "title", "conductors", "awg", "thick", "thickAwg", "pairs", "screen", "pfPerMetre",
                    "diameterMm", "core", "flat", "coloursUncertain", "inside", "lengthMm", "note");
        }

        @Override
        CableStock read(Entry entry, Map<String, Object> extra) {
            return Cables.of(entry).withExtra(extra);
        }
    }

    private static final class ConnectorTable extends Table<OwnConnector> {
        ConnectorTable() {
            super("id", "title", "rows", "pitchMm", "shell");
        }

        @Override
        OwnConnector read(Entry entry, Map<String, Object> extra) {
            return Library.connector(entry).withExtra(extra);
        }
    }
}
