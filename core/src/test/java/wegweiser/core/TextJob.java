package wegweiser.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.OwnWire;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.PortReading;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Role;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;

/**
 * Small jobs written as text. An end: {@code A dsub-9-socket; 2 RXD in rs232; 5 GND ground; 9 V+ supply-in 7..13V 0.5A}.
 * Links: {@code 2-3 A.7-A.8=J 1-1:RD 4-4=R120}: conductor after a colon, part after an equals sign (J, R with ohms and /watts,
 * D with volts, C, F with amps, X for cut). What was measured at a port: {@code measured A.2 -9.1 idle}. {@code school one-end} or
 * {@code both-ends}: where the screen goes. {@code kept A}: an end that stays; {@code role A host}; {@code termination A ribbon};
 * {@code dangerous A}: its device can kill; {@code device A flash head}: what it is; {@code beep A.1 B.BN}: a reading.
 */
public final class TextJob {
    private final List<End> ends = new ArrayList<>();
    private final List<Link> links = new ArrayList<>();
    private final List<String> kept = new ArrayList<>();
    private final List<Reading> readings = new ArrayList<>();
    private CableUse cable = CableUse.NONE;
    private Loom loom = Loom.NONE;
    private Schools schools = Schools.NONE;

    /** The job that these lines describe. */
    public static Job of(String... lines) {
        TextJob text = new TextJob();
        for (String line : lines) {
            text.line(line.strip());
        }
        return Job.of("sample", text.ends, text.links, text.readings)
                .withCable(text.cable.withLoom(text.loom))
                .withSchools(text.schools).withKept(text.kept);
    }

    private void line(String line) {
        String[] word = line.split("\\s+", 2);
        switch (word[0]) {
            case "cable" -> {
                String[] made = word[1].split("\\s+");
                cable = made.length > 1
                        ? CableUse.of(made[0], 1000 * Double.parseDouble(made[1]))
                        : new CableUse(Optional.of(made[0]), OptionalDouble.empty(), Optional.empty(),
                                List.of(), List.of(), Optional.empty(), Optional.empty(), Loom.NONE,
                                Extra.NONE);
            }
            case "loom" -> {
                List<LoomRun> runs = new ArrayList<>();
                for (String run : word[1].split("\\s+")) {
                    String[] said = run.split("[-:]");
                    runs.add(LoomRun.of(said[0], said[1], 1000 * Double.parseDouble(said[2])));
                }
                loom = loom.withRuns(runs);
            }
            case "splice" -> {
                String[] said = word[1].split("\\s+");
                List<Splice.Tail> tails = new ArrayList<>();
                for (int k = 2; k < said.length; k++) {
                    String[] tail = said[k].split("=");
                    tails.add(Splice.Tail.of(Terminal.parse(tail[0]), tail[1]));
                }
                List<Splice> all = new ArrayList<>(loom.splices());
                all.add(Splice.of(said[0], said[1], tails));
                loom = loom.withSplices(all);
            }
            case "wires" -> {
                List<OwnWire> wires = new ArrayList<>();
                for (String wire : word[1].split("\\s+")) {
                    String[] said = wire.split(":");
                    wires.add(OwnWire.of(said[0], Integer.parseInt(said[1])));
                }
                loom = loom.withWires(wires);
            }
            case "links" -> {
                for (String link : word[1].split("\\s+")) {
                    links.add(link(link));
                }
            }
            case "measured" -> {
                String[] made = word[1].split("\\s+");
                Terminal at = Terminal.parse(made[0]);
                PortReading reading = PortReading.of(at.contact(), PortReading.GROUND, PortReading.Kind.VOLTS,
                        Double.parseDouble(made[1]),
                        HasId.find(PortReading.State.class, made[2]).orElseThrow());
                ends.replaceAll(e -> e.name().equals(at.end()) ? e.withPortReading(reading) : e);
            }
            case "role" -> {
                String[] two = word[1].split("\\s+");
                ends.replaceAll(
                        e -> e.name().equals(two[0]) ? e.withRole(HasId.find(Role.class, two[1])) : e);
            }
            case "termination" -> {
                String[] two = word[1].split("\\s+");
                ends.replaceAll(e -> e.name().equals(two[0]) ? e.withTermination(Optional.of(two[1])) : e);
            }
            case "device" -> {
                String[] two = word[1].split("\\s+", 2);
                ends.replaceAll(e -> e.name().equals(two[0]) ? e.withDevice(two[1]) : e);
            }
            case "dangerous" ->
                ends.replaceAll(e -> e.name().equals(word[1]) ? e.withDangerous(Optional.of(true)) : e);
            case "kept" -> kept.addAll(List.of(word[1].split("\\s+")));
            case "beep" -> {
                String[] two = word[1].split("\\s+");
                readings.add(Reading.of(Mode.CONTINUITY,
                        Touch.of(Terminal.parse(two[0]), Terminal.parse(two[1])), Outcome.BEEP));
            }
            case "school" -> schools = switch (word[1]) {
                case "one-end" -> schools.withScreen(Schools.Screen.ONE_END);
                case "free-air" -> schools.withCurrent(Schools.Current.FREE_AIR);
                case "both-ends" -> schools.withScreen(Schools.Screen.BOTH_ENDS);
                default -> throw new IllegalArgumentException(word[1]);
            };
            default -> ends.add(end(word[0], word[1]));
        }
    }

    private static End end(String name, String text) {
        String[] rows = text.split("\\s*;\\s*");
        List<PinRow> pinout = new ArrayList<>();
        for (int k = 1; k < rows.length; k++) {
            pinout.add(row(rows[k]));
        }
        return End.of(name, "Device " + name, rows[0], pinout);
    }

    private static PinRow row(String text) {
        String[] word = text.split("\\s+");
        PinRow row = PinRow.named(word[0]).withSignal(word[1]);
        for (int k = 2; k < word.length; k++) {
            row = with(row, word[k]);
        }
        return row;
    }

    private static PinRow with(PinRow row, String word) {
        Optional<Direction> direction = HasId.find(Direction.class, word);
        if (direction.isPresent()) {
            return row.withDirection(direction.get());
        }
        if (word.startsWith("pair=")) {
            return row.withPair(word.substring(5));
        }
        if (word.startsWith("name=")) {
            return row.withName(word.substring(5).replace('_', ' '));
        }
        if (word.matches("-?[\\d.]+A")) {
            return new PinRow(row.contact(), row.name(), row.signal(), row.direction(), row.level(),
                    row.volts(),
                    row.voltsMax(), OptionalDouble.of(Quantity.parse(word, Unit.AMP)), row.pair(),
                    row.sources(),
                    row.extra());
        }
        if (word.matches("-?[\\d.]+(\\.\\.-?[\\d.]+)?V")) {
            String[] two = word.replace("V", "").split("\\.\\.");
            return row.withVolts(Double.parseDouble(two[0]), Double.parseDouble(two[two.length - 1]));
        }
        return row.withLevel(Optional.of(word));
    }

    private static Link link(String text) {
        String[] part = text.split("=");
        String[] conductor = part[0].split(":");
        String[] two = conductor[0].split("-");
        Terminal from = terminal(two[0], "A");
        Link link = two.length > 1 && !two[1].isEmpty()
                ? Link.of(from, terminal(two[1], "B"))
                : new Link(from, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(),
                        Extra.NONE);
        link = conductor.length > 1 ? link.withConductor(Optional.of(conductor[1])) : link;
        return part.length > 1 ? link.withPart(part(part[1])) : link;
    }

    private static Terminal terminal(String text, String end) {
        return text.contains(".") ? Terminal.parse(text) : new Terminal(end, text);
    }

    private static Part part(String text) {
        return switch (text.charAt(0)) {
            case 'J' -> Part.of(PartKind.JUMPER);
            case 'D' -> text.length() > 1
                    ? Part.diode(Double.parseDouble(text.substring(1)))
                    : Part.of(PartKind.DIODE);
            case 'C' -> Part.of(PartKind.CAPACITOR);
            case 'F' -> text.length() > 1
                    ? Part.fuse(Double.parseDouble(text.substring(1)))
                    : Part.of(PartKind.FUSE);
            case 'X' -> Part.of(PartKind.CUT);
            default -> {
                String[] value = text.substring(1).split("/");
                Part made = Part.resistor(Quantity.parse(value[0], Unit.OHM));
                yield value.length > 1
                        ? new Part(made.kind(), made.ohms(), made.farads(),
                                OptionalDouble.of(Double.parseDouble(value[1])),
                                made.amps(), made.volts(), made.extra())
                        : made;
            }
        };
    }
}
