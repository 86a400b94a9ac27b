package wegweiser.files;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.SequencedMap;
import java.util.SplittableRandom;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.model.BundleCode;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.CutOff;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.LadderValues;
import wegweiser.core.model.Laid;
import wegweiser.core.model.Leg;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.OwnWire;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.PinSource;
import wegweiser.core.model.PortReading;
import wegweiser.core.model.Provenance;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Role;
import wegweiser.core.model.Simulated;
import wegweiser.core.model.Skipped;
import wegweiser.core.model.Splice;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.model.Waiting;
import wegweiser.core.model.Waiver;

/** Jobs for tests, made by a seed. */
public final class Jobs {
    private Jobs() {}

    /** A job that uses most of what a file can say. */
    public static Job random(SplittableRandom random) {
        End a = End
                .of("A", "Mast logger", "dsub-9-socket",
                        NamedPinout.find("rs232-9-terminal").orElseThrow().rows())
                .withRole(Optional.of(Role.TERMINAL))
                .withPort("dsub-9-plug");
        End b = End.of("B", random.nextBoolean() ? "Dome drive “north”" : "Sky sensor", "dsub-9-socket",
                NamedPinout.find("rs232-9-modem").orElseThrow().rows())
                .withDangerous(random.nextInt(3) == 0 ? Optional.empty() : Optional.of(random.nextBoolean()))
                .withPortReading(PortReading.of("3", PortReading.GROUND, PortReading.Kind.VOLTS_LOADED, -9.1,
                        PortReading.State.IDLE));
        b = b.withRow(b.row("2").orElseThrow().withSources(List.of(source(random), source(random))));
        List<Link> links = new ArrayList<>();
        List<Reading> readings = new ArrayList<>();
        for (int k = 1; k <= 9; k++) {
            Terminal from = new Terminal("A", String.valueOf(k));
            Terminal to = new Terminal("B", String.valueOf(1 + random.nextInt(9)));
            Link link = Link.of(from, to)
                    .withConductor(random.nextBoolean() ? Optional.of("WH/OG") : Optional.empty());
            switch (random.nextInt(6)) {
                case 0 -> links.add(link.withPart(Part.resistor(random.nextInt(1, 1000) + 0.5)));
                case 1 -> links.add(link.withPart(Part.of(PartKind.DIODE)));
                case 2 -> links.add(link.withPart(Part.of(PartKind.CUT)));
                case 3 -> links.add(new Link(from, Optional.empty(), Optional.of("shield"), Optional.empty(),
                        Optional.of("why not"), Extra.NONE));
                default -> links.add(link);
            }
            Touch touch = random.nextBoolean()
                    ? Touch.of(from, to)
                    : new Touch(List.of(from, new Terminal("A", "shell")), List.of(to));
            readings.add(switch (random.nextInt(5)) {
                case 0 -> Reading.of(Mode.OHMS, touch, new Outcome.Resistance(random.nextInt(500) / 10.0));
                case 1 -> Reading.of(Mode.DIODE, touch, new Outcome.Voltage(0.58));
                case 2 -> Reading.of(Mode.OHMS, touch, Outcome.OPEN);
                case 3 -> Reading.of(Mode.CONTINUITY, touch, Outcome.SILENT);
                default ->
                    Reading.of(Mode.CONTINUITY, touch, Outcome.BEEP)
                            .at(Instant.parse("2026-03-01T20:15:00.25Z"))
                            .by(how(random)).withExtra(unknown(random));
            });
        }
        Job job = Job.of("Job " + random.nextInt(1000), List.of(a, b), links, readings)
                .withCable(new CableUse(Optional.of("utp-4x2-24"),
                        OptionalDouble.of(100 * random.nextInt(1, 90)), own(random), way(random),
                        random.nextBoolean() ? List.of() : List.of(new CutOff("A", 30, unknown(random))),
                        random.nextBoolean() ? Optional.empty() : Optional.of("W-0007"),
                        random.nextBoolean() ? Optional.empty() : Optional.of(Laid.INSIDE), loom(random),
                        Extra.NONE))
                .withWaivers(List.of(new Waiver("out-to-out",
                        List.of(Terminal.parse("A.3"), Terminal.parse("B.3")), "tried and found harmless")))
                .withDone(List.of("A:cut", "A:strip"))
                .withSkipped(random.nextBoolean()
                        ? List.of(new Skipped("A:test", "tested elsewhere", unknown(random)))
                        : List.of())
                .withWaiting(random.nextBoolean()
                        ? List.of(Waiting.of("A:cool", Instant.parse("2026-03-01T20:15:00Z"), 60))
                        : List.of());
        if (random.nextBoolean()) {
            SequencedMap<Terminal, Double> ohms = new LinkedHashMap<>();
            ohms.put(Terminal.parse("A.2"), 1000.5);
            ohms.put(Terminal.parse("A.1"), Double.POSITIVE_INFINITY);
            job = job.withLadderValues(Optional.of(
                    new LadderValues("dsub-9-socket", List.of(100.0, 220.5), ohms, unknown(random))));
        }
        if (random.nextBoolean()) {
            job = job.withSimulation(new Simulated(Optional.of(links),
                    random.nextBoolean() ? Optional.of(List.of()) : Optional.empty(), OptionalLong.of(7),
                    Map.of("B", new Simulated.Port("rs232-9-modem", OptionalLong.empty(), Extra.NONE)),
                    unknown(random)));
        }
        return random.nextBoolean()
                ? job.withReadingsSetAside("an older lead").withExtra(unknown(random))
                : job;
    }

    private static Loom loom(SplittableRandom random) {
        if (random.nextBoolean()) {
            return Loom.NONE;
        }
        return new Loom(List.of(LoomRun.of("A", "fork", 900.5),
                new LoomRun("fork", "B", OptionalDouble.empty(), List.of("VT"), unknown(random))),
                List.of(new Splice("S1", "fork", List.of(
                        new Splice.Tail(Terminal.parse("A.1"), "RD", unknown(random)),
                        Splice.Tail.of(Terminal.parse("B.1"), "RD.2")), unknown(random))),
                List.of(new OwnWire("RD", 18, unknown(random)), OwnWire.of("RD.2", 24)),
                List.of(new BundleCode("B", List.of("RD", "BK"), unknown(random))), unknown(random));
    }

    private static List<Leg> way(SplittableRandom random) {
        return random.nextBoolean()
                ? List.of()
                : List.of(Leg.of(900, "the pier", Leg.At.BEND, Optional.empty()),
                        new Leg(400.5, "", Leg.At.POINT, Optional.of("B"), unknown(random)));
    }

    private static Optional<CableStock> own(SplittableRandom random) {
        return random.nextBoolean()
                ? Optional.empty()
                : Cables.find("usb2").map(c -> c.withExtra(unknown(random)));
    }

    private static Provenance how(SplittableRandom random) {
        return switch (random.nextInt(6)) {
            case 0 -> new Provenance.Wiggled(random.nextInt(5, 60) + 0.5);
            case 1 -> new Provenance.ByLadder(random.nextInt(1, 90) * 1000, random.nextBoolean());
            case 2 -> new Provenance.ByLadder(Double.POSITIVE_INFINITY, random.nextBoolean());
            case 3 -> Provenance.ASSUMED;
            default -> Provenance.MEASURED;
        };
    }

    private static PinSource source(SplittableRandom random) {
        return switch (random.nextInt(4)) {
            case 0 -> PinSource.measured("sends", Optional.of("TXD"), 0.987);
            case 1 -> PinSource.confirming("RXD", List.of("manual, p. 12"));
            case 2 -> PinSource.decided("RX", "RXD", "drawing on the lid");
            default -> PinSource.of("manual, p. 12", "TX", Optional.empty()).withContact("4");
        };
    }

    private static Map<String, Object> unknown(SplittableRandom random) {
        Map<String, Object> members = new LinkedHashMap<>();
        members.put("mood", "fine");
        members.put("nothing", null);
        members.put("deep", Map.of("list", List.of(1, 2.5, "three", random.nextInt())));
        return random.nextBoolean() ? members : Extra.NONE;
    }
}
