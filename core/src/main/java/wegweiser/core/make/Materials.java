package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.electrical.Copper;
import wegweiser.core.electrical.SerialLine;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.signals.Level;
import wegweiser.core.words.Words;

/** What to lay out on the bench, and what the finished cable will measure. */
public final class Materials {
    private Materials() {}

    /** Supplied inner diameters of shrink sleeve, in mm. */
    private static final List<Double> SLEEVES_MM = List.of(1.2, 1.6, 2.4, 3.2, 4.8, 6.4, 9.5, 12.7);

    /** A part and how many of it. */
    public record Item(String words, int count) {}

    /** A figure with its unit, in words. */
    public record Figure(String words, String value) {}

    /** Connectors, hoods, sleeves and components of a job. */
    public static List<Item> parts(Job job) {
        List<Item> items = new ArrayList<>();
        for (End end : job.ends()) {
            ConnectorType type = Catalogue.of(job).of(end).orElse(null);
            if (type == null) {
                continue;
            }
            items.add(new Item(Words.say("part.connector", type.title(), end.name()), 1));
            int joints = used(job, end).size();
            switch (type.termination()) {
                case SOLDER_CUP -> {
                    items.add(new Item(Words.say("part.hood", Words.number(type.ratings().entryMaxMm())), 1));
                    items.add(new Item(Words.say("part.sleeve", Words.number(sleeveMm(job))), joints));
                }
                case MODULAR -> items.add(new Item(Words.say("part.boot"), 1));
                case CRIMP -> items.add(new Item(Words.say("part.contact"), joints));
                case SCREW -> items.add(new Item(Words.say("part.ferrule"), joints));
                case RIBBON, JACK_SOLDER, CIRCULAR_DISPLACEMENT, PUNCH_DOWN, BARE -> {
                }
            }
        }
        for (Link link : job.links()) {
            link.part().filter(p -> p.kind() == PartKind.RESISTOR || p.kind() == PartKind.DIODE
                    || p.kind() == PartKind.CAPACITOR || p.kind() == PartKind.FUSE)
                    .ifPresent(p -> items.add(new Item(partWords(p), 1)));
        }
        return items;
    }

    /** The shrink sleeve for a single wire: at least 1.2 times its insulation, which is taken as 0.3 mm of wall. */
    private static double sleeveMm(Job job) {
        int awg = Cables.of(job).map(CableStock::awg).orElse(24);
        double insulated = 1.15 * Copper.diameterMm(awg) + 0.6;
        return SLEEVES_MM.stream().filter(mm -> mm >= 1.2 * insulated).findFirst()
                .orElse(SLEEVES_MM.getLast());
    }

    private static String partWords(Part part) {
        return switch (part.kind()) {
            case RESISTOR -> Words.say("part.resistor", Quantity.words(part.ohms().orElse(0), Unit.OHM));
            case DIODE -> Words.say("part.diode");
            case FUSE -> Words.say("part.fuse");
            case CAPACITOR, JUMPER, CUT -> Words.say("part.capacitor");
        };
    }

    /** Resistance, capacitance and reach of the chosen cable; empty until a cable and a length are chosen. */
    public static List<Figure> electrical(Job job) {
        CableStock cable = Cables.of(job).orElse(null);
        if (cable == null || job.cable().lengthMm().isEmpty()) {
            return List.of();
        }
        double length = job.cable().lengthMm().getAsDouble();
        List<Figure> figures = new ArrayList<>();
        figures.add(new Figure(Words.say("figure.loop"),
                Quantity.words(Copper.loopOhms(cable.awg(), cable.stranded(), length), Unit.OHM)));
        boolean serial = job.ends().stream().flatMap(e -> e.pinout().stream())
                .anyMatch(r -> Level.of(r).equals(Optional.of(Level.RS232)));
        if (cable.pfPerMetre() > 0 && serial) {
            figures.add(new Figure(Words.say("figure.capacitance", Math.round(SerialLine.MOST_PICOFARADS)),
                    Math.round(SerialLine.picofarads(cable, length)) + " pF"));
            figures.add(new Figure(Words.say("figure.longest"),
                    Math.round(SerialLine.longestMetres(cable)) + " m"));
        }
        double amps = job.ends().stream().flatMap(e -> e.pinout().stream())
                .filter(r -> r.direction().map(d -> d == Direction.SUPPLY_IN).orElse(false))
                .mapToDouble(r -> r.amps().orElse(0)).max().orElse(0);
        if (amps > 0) {
            figures.add(new Figure(Words.say("figure.drop", Words.number(amps)),
                    Quantity.words(Copper.dropVolts(amps, cable.awg(), cable.stranded(), length),
                            Unit.VOLT)));
        }
        return figures;
    }

    /** Terminals of a job that a wire goes to, at one end. */
    private static List<Terminal> used(Job job, End end) {
        return job.links().stream()
                .flatMap(l -> Stream.concat(Stream.of(l.from()), l.to().stream()))
                .filter(t -> t.end().equals(end.name()))
                .distinct()
                .toList();
    }
}
