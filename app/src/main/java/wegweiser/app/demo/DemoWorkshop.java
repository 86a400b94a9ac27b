package wegweiser.app.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import wegweiser.core.assembly.Splicing;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.NamedPinout;
import wegweiser.core.library.Library;
import wegweiser.core.make.Article;
import wegweiser.core.make.Article.Kind;
import wegweiser.core.model.CableUse;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Loom;
import wegweiser.core.model.LoomRun;
import wegweiser.core.model.OwnWire;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Role;
import wegweiser.core.model.Simulated;
import wegweiser.core.pinout.Sources;
import wegweiser.core.shelf.Articles;
import wegweiser.core.shelf.Shelf;
import wegweiser.core.shelf.ShelfLine;
import wegweiser.files.io.BadFile;
import wegweiser.files.job.JobFile;
import wegweiser.files.workshop.Workshop;

/** A made-up volunteer observatory to try everything on. */
public final class DemoWorkshop {
    /** The second job of the demo. */
    public static final String SKY_SENSOR = "sky-sensor-to-mast-logger";

    /** The third: a moulded lead with nothing to probe. */
    public static final String HEADSET = "talkback-headset";
    /** The fourth: one lead that feeds two panels. */
    public static final String PANELS = "flat-field-panels";

    private DemoWorkshop() {}

    /** Fills a folder and returns the job to open. */
    public static Path create(Path folder) throws IOException {
        Workshop workshop = new Workshop(folder);
        Files.createDirectories(workshop.jobs());
        Path file = workshop.jobs().resolve("mast-logger-to-dome-computer" + JobFile.ENDING);
        JobFile.write(workshop.jobs().resolve(SKY_SENSOR + JobFile.ENDING), skySensor());
        JobFile.write(workshop.jobs().resolve(HEADSET + JobFile.ENDING), headset());
        JobFile.write(workshop.jobs().resolve(PANELS + JobFile.ENDING), panels());
        try {
            workshop.shelf(Library.NONE).change(_ -> shelf());
        } catch (BadFile e) {
            throw new IOException(e.getMessage(), e);
        }
        // last, so that it lies on top
        JobFile.write(file, mastLogger());
        return file;
    }

    /** What lies about there. */
    private static Shelf shelf() {
        return new Shelf(List.of(line(Kind.CABLE, "utp-4x2-24", 11.4),
                line(Kind.CABLE, "serial-9-screened", 6),
                line(Kind.CABLE, "sensor-4", 3.2), line(Kind.CABLE, "ribbon-40", 2.1),
                line(Kind.CONNECTOR, "dsub-9-socket", 5), line(Kind.CONNECTOR, "modular-8p8c-plug", 12),
                line(Kind.CONNECTOR, "xlr-3-plug", 1),
                line(Kind.PART, "hood/dsub-9", 2).withLow(OptionalDouble.of(2)),
                line(Kind.SLEEVE, "1.6", 24)));
    }

    private static ShelfLine line(Kind kind, String of, double amount) {
        Article article = new Article(kind, of);
        return ShelfLine.of(article, Articles.title(article).orElseThrow(), amount);
    }

    /**
     * The mast logger must reach the dome computer. On the bench lies an unmarked lead that would fit both; the
     * simulation knows that it joins like names, which for two terminals is the wrong way.
     */
    public static Job mastLogger() {
        End logger = End.of("A", "Mast logger", "dsub-9-socket", pinout("rs232-9-terminal"))
                .withRole(Optional.of(Role.TERMINAL)).withPort("dsub-9-plug");
        End computer = End.of("B", "Dome computer", "modular-8p8c-plug", pinout("rs232-8p8c-terminal"))
                .withRole(Optional.of(Role.TERMINAL)).withPort("modular-8p8c-socket");
        List<Link> lead = new ArrayList<>();
        for (String pair : List.of("1 2", "2 5", "3 6", "4 3", "5 4", "6 1", "7 8", "8 7")) {
            lead.add(Link.of("A." + pair.substring(0, 1), "B." + pair.substring(2)));
        }
        Job job = Job.of("Mast logger to dome computer", List.of(logger, computer), List.of(), List.of())
                .withCable(CableUse.of("utp-4x2-24", 1800));
        return job.withSimulation(Simulated.lead(lead, 7));
    }

    /**
     * The sky sensor has an unmarked nine-way port, which the simulation can answer for. Of the mast logger there
     * are two drawings, the second of which shows the connector from the other side.
     */
    public static Job skySensor() {
        End sensor = End.of("A", "Sky sensor", "dsub-9-socket", List.of()).withPort("dsub-9-plug");
        End logger = Sources.add(
                End.of("B", "Mast logger", "dsub-9-socket", List.of()).withPort("dsub-9-plug"),
                "manual, p. 12", pinout("rs232-9-terminal"));
        Map<String, String> mirror = Catalogue.standard().find("dsub-9-plug").orElseThrow().mirrorImage();
        logger = Sources.add(logger, "drawing on the lid", pinout("rs232-9-terminal").stream()
                .filter(r -> !r.contact().equals("9"))
                .map(r -> PinRow.of(mirror.get(r.contact()), r.signal().orElseThrow(),
                        r.direction().orElseThrow(), ""))
                .toList());
        return Job
                .of("Sky sensor to mast logger", List.of(sensor, logger.withRole(Optional.of(Role.TERMINAL))),
                        List.of(), List.of())
                .withSimulation(Simulated.port("A", "rs232-9-modem", 5));
    }

    /** The lead of the talkback headset was cut off its moulded plug: three wires, and a talk button that closes two. */
    public static Job headset() {
        End box = End.of("A", "Talkback box", "jack-3.5-trs-plug", List.of()).withPort("jack-3.5-trs-socket");
        End leads = End.of("B", "Talkback headset", "leads",
                List.of(PinRow.named("red"), PinRow.named("white"), PinRow.named("copper")));
        return Job.of("Talkback headset", List.of(box, leads), List.of(), List.of());
    }

    /** A supply lead that forks to two flat-field panels; somebody made it long ago. */
    public static Job panels() {
        List<Link> lead = new ArrayList<>();
        for (String pair : List.of("A.1 B.1", "A.2 B.2", "A.3 B.3", "A.1 C.1", "A.4 C.2", "A.5 C.3")) {
            lead.add(Link.of(pair.substring(0, 3), pair.substring(4)));
        }
        return Job.of("Flat-field panels", List.of(
                End.of("A", "Panel driver", "circular-5", List.of()),
                End.of("B", "East panel", "terminal-3", List.of()),
                End.of("C", "West panel", "terminal-3", List.of())), List.of(),
                List.of())
                .withSimulation(Simulated.lead(lead, 3));
    }

    /** The same lead as it is made once more: single wires, spliced where they part. */
    public static Job panelsPlanned() {
        Job lead = panels();
        List<Link> links = lead.simulation().orElseThrow().lead().orElseThrow();
        Loom loom = Loom.of(List.of(LoomRun.of("A", "pier", 1400), LoomRun.of("pier", "B", 600),
                LoomRun.of("pier", "C", 850)), List.of(),
                List.of(OwnWire.of("RD", 18), OwnWire.of("BK", 18), OwnWire.of("WH", 24),
                        OwnWire.of("GN", 20),
                        OwnWire.of("YE", 24)));
        List<Link> coloured = new ArrayList<>();
        List<String> colours = List.of("RD", "BK", "WH", "RD", "GN", "YE");
        for (int k = 0; k < links.size(); k++) {
            coloured.add(links.get(k).withPinned(colours.get(k)));
        }
        return Splicing.of(lead.withLinks(coloured).withCable(lead.cable().withLoom(loom)));
    }

    private static List<PinRow> pinout(String id) {
        return NamedPinout.find(id).orElseThrow().rows();
    }
}
