package wegweiser.core.make;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.assembly.Place;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.quantity.Quantity;
import wegweiser.core.quantity.Unit;
import wegweiser.core.words.Words;

/** What to lay out on the bench. */
public final class Materials {
    private static final int USUAL_AWG = 24;
    /** Share of crimp contacts that are spoilt. */
    private static final double SPOILT = 0.1;

    private Materials() {}

    /** A part and how many of it. */
    public record Item(Article article, String words, int count) {
        private Item(Article.Kind kind, String of, String words, int count) {
            this(new Article(kind, of), words, count);
        }
    }

    /** Connectors, what slides on, and components of a job; of an end that is kept there are none. */
    public static List<Item> parts(Job job) {
        return parts(Derived.of(job));
    }

    /** The same for a job from which something follows already: all that its bench steps ask for. */
    public static List<Item> parts(Derived derived) {
        Job job = derived.job();
        List<Item> items = new ArrayList<>();
        List<Step> steps = BenchSteps.of(derived, true);
        for (Place place : Assembly.of(derived).made()) {
            place.type().ifPresent(type -> {
                items.add(new Item(connector(type), Words.say("part.connector", type.title(), place.name()),
                        1));
                steps.stream().filter(s -> s.end().equals(place.name()))
                        .forEach(s -> ofAStep(derived, type, s, items));
            });
        }
        steps.stream().filter(s -> s.end().isEmpty()).forEach(s -> ofTheBundle(derived, s, items));
        for (Link link : job.links()) {
            link.part().filter(p -> p.kind() == PartKind.RESISTOR || p.kind() == PartKind.DIODE
                    || p.kind() == PartKind.CAPACITOR || p.kind() == PartKind.FUSE)
                    .ifPresent(p -> items.add(new Item(Article.Kind.PART, partOf(p), partWords(p), 1)));
        }
        return together(items);
    }

    /** What is called alike stands once, with the sum of its counts. */
    private static List<Item> together(List<Item> items) {
        Map<List<Object>, Item> found = new LinkedHashMap<>();
        items.forEach(i -> found.merge(List.of(i.article(), i.words()), i,
                (a, b) -> new Item(a.article(), a.words(), a.count() + b.count())));
        return List.copyOf(found.values());
    }

    private static void ofAStep(Derived derived, ConnectorType type, Step step, List<Item> items) {
        switch (step.deed()) {
            case Deed.Slide slide -> slide.things().forEach(t -> ofAThing(type, t, 1, items));
            case Deed.Sleeve sleeve -> sleeve.things().forEach(t -> ofAThing(type, t, sleeve.wires(), items));
            case Deed.Fit(String _, Deed.Fit.What what, var contacts, int _) -> {
                int count = contacts.size();
                items.add(switch (what) {
                    case FERRULES -> new Item(Article.Kind.PART,
                            "ferrule/" + derived.cable().map(CableStock::awg).orElse(USUAL_AWG),
                            Words.say("part.ferrule"), count);
                    // an open barrel that slipped or bent cannot be used again
                    case CONTACTS -> new Item(Article.Kind.PART, "contact/" + type.family(),
                            Words.say("part.contact", Math.max(1, Math.round(SPOILT * count))), count);
                });
            }
            case Deed.Pour _ -> items.add(new Item(Article.Kind.PART, "resin", Words.say("part.resin"), 1));
            default -> {
            }
        }
    }

    /** What comes with a connector is not listed apart. */
    private static void ofAThing(ConnectorType type, Thing thing, int count, List<Item> items) {
        String mm = Words.plain(thing.size(), 1);
        switch (thing.kind()) {
            case HOOD -> items.add(new Item(Article.Kind.PART, "hood/" + type.family(),
                    Words.say("part.hood", Words.number(type.ratings().entryMaxMm())), count));
            case BOOT ->
                items.add(new Item(Article.Kind.PART, "boot/" + type.family(), Words.say("part.boot"),
                        count));
            case SLEEVE -> items.add(new Item(Article.Kind.SLEEVE, mm,
                    Words.say("part.sleeve", mm, CutList.sleeveMm(type)), count));
            case SHEATH_SLEEVE, OUTER_SLEEVE -> {
                if (thing.size() > 0) {
                    items.add(new Item(Article.Kind.SLEEVE, mm, Words.say("part.sleeve-long", mm), count));
                }
            }
            case MARKER -> items.add(new Item(Article.Kind.PART, "marker", Words.say("part.marker"), count));
            case CUP -> {
                if (type.termination() == Termination.SPLICE) {
                    items.add(new Item(Article.Kind.PART, "cup", Words.say("part.cup"), count));
                }
            }
            case GRIP_RING, INSULATING_TUBE, FERRULE_OF_SCREEN, LOCKING_RING, BARREL, BACK_SHELL, SEAL, NUT,
                    TAIL, BUNDLE_SLEEVE ->
                {
                }
        }
    }

    /** The sleeve and the ties of a cable with more than two ends. */
    private static void ofTheBundle(Derived derived, Step step, List<Item> items) {
        double along = Assembly.of(derived).runs().stream().mapToDouble(r -> r.mm().orElse(0)).sum();
        double mm = along > 0 ? along : derived.job().cable().lengthMm().orElse(0);
        if (step.deed() instanceof Deed.Sleeve sleeve) {
            sleeve.things().forEach(t -> items.add(new Item(Article.Kind.SLEEVE, Words.plain(t.size(), 1),
                    Words.say("part.sleeve", Words.plain(t.size(), 1), LoomSteps.SLEEVE_MM), 1)));
        }
        if (step.key().equals(":bundle")) {
            items.add(new Item(Article.Kind.PART, "mesh", Words.say("part.mesh"), 1));
        } else if (step.key().equals(":ties") && mm > 0) {
            items.add(new Item(Article.Kind.PART, "tie", Words.say("part.tie"),
                    (int) Math.ceil(mm / BenchSteps.TIE_MM)));
        }
    }

    /** A connector as an article: one with cups is another than the one that is pressed on. */
    public static Article connector(ConnectorType type) {
        boolean usual = type.methods().isEmpty() || type.methods().getFirst() == type.termination();
        return new Article(Article.Kind.CONNECTOR,
                usual ? type.id() : type.id() + "/" + type.termination().id());
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
            case FUSE -> part.amps().isPresent()
                    ? Words.say("part.fuse-of", Words.number(part.amps().getAsDouble()))
                    : Words.say("part.fuse");
            case CAPACITOR, JUMPER, CUT -> Words.say("part.capacitor");
        };
    }
}
