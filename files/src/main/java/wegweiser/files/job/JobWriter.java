package wegweiser.files.job;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.OwnConnector;
import wegweiser.core.model.Part;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PinSource;
import wegweiser.core.model.PortReading;
import wegweiser.core.model.Reading;
import wegweiser.core.model.SetAside;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Waiver;
import wegweiser.files.library.LibraryJson;

/** Turns a job into JSON: known members in a fixed order, unknown ones after them. */
final class JobWriter {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private JobWriter() {}

    static ObjectNode write(Job job) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("format", "wegweiser-job").put("version", job.version()).put("title", job.title());
        if (!job.connectors().isEmpty()) {
            node.set("connectors", array(job.connectors(), JobWriter::connector));
        }
        node.set("ends", array(job.ends(), JobWriter::end));
        if (!job.cable().equals(CableUse.NONE)) {
            ObjectNode cable = node.putObject("cable");
            put(cable, "stock", job.cable().stock());
            put(cable, "lengthMm", job.cable().lengthMm());
            job.cable().own().ifPresent(own -> {
                ObjectNode one = MAPPER.valueToTree(LibraryJson.cable(own));
                extra(one, own.extra());
                cable.set("own", one);
            });
            extra(cable, job.cable().extra());
        }
        node.set("links", array(job.links(), JobWriter::link));
        node.set("readings", array(job.readings(), JobWriter::reading));
        if (!job.waivers().isEmpty()) {
            node.set("overrides", array(job.waivers(), JobWriter::waiver));
        }
        if (!job.done().isEmpty()) {
            job.done().forEach(node.withArray("done")::add);
        }
        if (!job.setAside().isEmpty()) {
            node.set("setAside", array(job.setAside(), JobWriter::setAside));
        }
        extra(node, job.extra());
        return node;
    }

    private static <T> ArrayNode array(List<T> items, Function<T, JsonNode> one) {
        ArrayNode array = MAPPER.createArrayNode();
        items.forEach(i -> array.add(one.apply(i)));
        return array;
    }

    private static ObjectNode end(End end) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("name", end.name()).put("device", end.device());
        put(node, "role", end.role().map(r -> r.id()));
        node.put("connector", end.connector());
        put(node, "port", end.port());
        node.set("pinout", array(end.pinout(), JobWriter::row));
        if (!end.portReadings().isEmpty()) {
            node.set("portReadings", array(end.portReadings(), JobWriter::portReading));
        }
        extra(node, end.extra());
        return node;
    }

    private static ObjectNode row(PinRow row) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("contact", row.contact());
        put(node, "name", row.name());
        put(node, "signal", row.signal());
        put(node, "direction", row.direction().map(d -> d.id()));
        put(node, "level", row.level());
        put(node, "volts", row.volts());
        put(node, "amps", row.amps());
        put(node, "pair", row.pair());
        if (!row.sources().isEmpty()) {
            node.set("sources", array(row.sources(), JobWriter::source));
        }
        extra(node, row.extra());
        return node;
    }

    private static ObjectNode source(PinSource source) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("source", source.source()).put("name", source.name());
        put(node, "signal", source.signal());
        put(node, "contact", source.contact());
        extra(node, source.extra());
        return node;
    }

    private static ObjectNode portReading(PortReading reading) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("contact", reading.contact()).put("against", reading.against()).put("mode", reading.mode());
        node.put("value", reading.value());
        put(node, "when", reading.when());
        extra(node, reading.extra());
        return node;
    }

    private static ObjectNode link(Link link) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("from", link.from().toString());
        put(node, "to", link.to().map(Terminal::toString));
        put(node, "conductor", link.conductor());
        link.part().ifPresent(p -> node.set("part", part(p)));
        put(node, "why", link.why());
        extra(node, link.extra());
        return node;
    }

    private static ObjectNode part(Part part) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("kind", part.kind().id());
        put(node, "ohms", part.ohms());
        put(node, "farads", part.farads());
        extra(node, part.extra());
        return node;
    }

    static ObjectNode reading(Reading reading) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("mode", reading.mode().id());
        reading.red().forEach(t -> node.withArray("red").add(t.toString()));
        reading.black().forEach(t -> node.withArray("black").add(t.toString()));
        switch (reading.outcome()) {
            case Outcome.Beep() -> node.put("result", "beep");
            case Outcome.Silent() -> node.put("result", "silent");
            case Outcome.Open() -> node.put("result", "open");
            case Outcome.Reacts() -> node.put("result", "reacts");
            case Outcome.Nothing() -> node.put("result", "nothing");
            case Outcome.Resistance(double ohms) -> put(node, "ohms", OptionalDouble.of(ohms));
            case Outcome.Voltage(double volts) -> put(node, "volts", OptionalDouble.of(volts));
        }
        put(node, "at", reading.at());
        extra(node, reading.extra());
        return node;
    }

    private static ObjectNode connector(OwnConnector own) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("id", own.id()).put("title", own.title());
        ArrayNode rows = node.putArray("rows");
        own.rows().forEach(r -> r.forEach(rows.addArray()::add));
        put(node, "pitchMm", OptionalDouble.of(own.pitchMm()));
        node.put("shell", own.shell());
        extra(node, own.extra());
        return node;
    }

    private static ObjectNode waiver(Waiver waiver) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("rule", waiver.rule());
        ArrayNode terminals = node.putArray("terminals");
        waiver.terminals().forEach(t -> terminals.add(t.toString()));
        node.put("reason", waiver.reason());
        extra(node, waiver.extra());
        return node;
    }

    private static ObjectNode setAside(SetAside aside) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("why", aside.why());
        node.set("readings", array(aside.readings(), JobWriter::reading));
        extra(node, aside.extra());
        return node;
    }

    private static void put(ObjectNode node, String name, Optional<String> value) {
        value.ifPresent(v -> node.put(name, v));
    }

    private static void put(ObjectNode node, String name, OptionalDouble value) {
        value.ifPresent(v -> {
            if (v == Math.rint(v) && Math.abs(v) < 1e15) {
                node.put(name, (long) v);
            } else {
                node.put(name, v);
            }
        });
    }

    private static void extra(ObjectNode node, Extra extra) {
        extra.members().forEach((name, value) -> node.set(name, MAPPER.valueToTree(value)));
    }
}
