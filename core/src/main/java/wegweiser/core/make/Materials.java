package wegweiser.core.make;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/** What to lay out on the bench. */
public final class Materials {
    private static final int USUAL_AWG = 24;

    private Materials() {}

    /** A part and how many of it. */
    public record Item(Article article, String words, int count) {
        private Item(Article.Kind kind, String of, String words, int count) {
            this(new Article(kind, of), words, count);
        }
    }

    /** Connectors, hoods, sleeves and components of a job; of an end that is kept there are none. */
    public static List<Item> parts(Job job) {
        List<Item> items = new ArrayList<>();
        for (End end : job.ends()) {
            if (!job.keeps(end.name())) {
                Catalogue.of(job).of(end).ifPresent(type -> ofAnEnd(job, end, type, items));
            }
        }
        for (Link link : job.links()) {
            link.part().filter(p -> p.kind() == PartKind.RESISTOR || p.kind() == PartKind.DIODE
                    || p.kind() == PartKind.CAPACITOR || p.kind() == PartKind.FUSE)
                    .ifPresent(p -> items.add(new Item(Article.Kind.PART, partOf(p), partWords(p), 1)));
        }
        return items;
    }

    private static void ofAnEnd(Job job, End end, ConnectorType type, List<Item> items) {
        items.add(new Item(connector(type), Words.say("part.connector", type.title(), end.name()), 1));
        boolean housed = type.kind().isHoused();
        int joints = used(job, end).size();
        switch (type.termination()) {
            case SOLDER_CUP -> {
                if (housed) {
                    items.add(new Item(Article.Kind.PART, "hood/" + type.family(),
                            Words.say("part.hood", Words.number(type.ratings().entryMaxMm())), 1));
                }
                String mm = Words.plain(sleeveMm(job), 1);
                items.add(new Item(Article.Kind.SLEEVE, mm, Words.say("part.sleeve", mm), joints));
            }
            case MODULAR ->
                items.add(new Item(Article.Kind.PART, "boot/" + type.family(), Words.say("part.boot"), 1));
            case CRIMP -> {
                if (housed) {
                    items.add(new Item(Article.Kind.PART, "contact/" + type.family(),
                            Words.say("part.contact"), joints));
                }
            }
            case SCREW -> items.add(new Item(Article.Kind.PART, "ferrule/" + gauge(job),
                    Words.say("part.ferrule"), joints));
            case RIBBON, JACK_SOLDER, CIRCULAR_DISPLACEMENT, PUNCH_DOWN, POTTED, SPLICE, BARE -> {
            }
        }
    }

    /** A connector as an article: one with cups is another than the one that is pressed on. */
    public static Article connector(ConnectorType type) {
        boolean usual = type.methods().isEmpty() || type.methods().getFirst() == type.termination();
        return new Article(Article.Kind.CONNECTOR,
                usual ? type.id() : type.id() + "/" + type.termination().id());
    }

    private static int gauge(Job job) {
        return Cables.of(job).map(CableStock::awg).orElse(USUAL_AWG);
    }

    private static double sleeveMm(Job job) {
        return Sleeves.over(Sleeves.insulatedMm(gauge(job))).orElse(Sleeves.SIZES_MM.getLast());
    }

    private static String partOf(Part part) {
        return part.kind().id() + switch (part.kind()) {
            case RESISTOR -> "/" + Words.plain(part.ohms().orElse(0), 2);
            case CAPACITOR ->
                part.farads().isPresent() ? "/" + Words.plain(1e9 * part.farads().getAsDouble(), 3) : "";
            case FUSE -> part.amps().isPresent() ? "/" + Words.plain(part.amps().getAsDouble(), 2) : "";
            case DIODE, JUMPER, CUT -> "";
        };
    }

    private static String partWords(Part part) {
        return switch (part.kind()) {
            case RESISTOR -> Words.say("part.resistor", Quantity.words(part.ohms().orElse(0), Unit.OHM));
            case DIODE -> Words.say("part.diode");
            case FUSE -> Words.say("part.fuse");
            case CAPACITOR, JUMPER, CUT -> Words.say("part.capacitor");
        };
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
