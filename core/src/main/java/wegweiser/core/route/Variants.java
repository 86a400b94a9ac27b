package wegweiser.core.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorType;
import wegweiser.core.catalog.Termination;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Levels;
import wegweiser.core.signals.Pin;
import wegweiser.core.wiring.Recogniser;
import wegweiser.core.wiring.Wiring;
import wegweiser.core.words.Words;

/**
 * Other usual ways to join some ports than contact to contact: each changes the plain links. Which of them are there
 * follows from signals, directions and levels alone, whatever the devices are called.
 */
final class Variants {
    /** So much keeps two channels of sound from driving each other, and is little beside any line input. */
    private static final double SUM_OHMS = 1_000;
    /** A device that pulls a shared line low wins against an output behind so much. */
    private static final double SHARED_OHMS = 4_700;
    static final String AS_NAMED = "as-named";
    private static final Set<String> ONE_WAY = Set.of("CC1", "CC2", "ID", "VCONN", "SBU1", "SBU2");

    /**
     * One way to join.
     *
     * @param id stable word of the scheme
     * @param change from the plain links to those of this way
     */
    record Variant(String id, String title, String why, UnaryOperator<List<Link>> change) {}

    private final Job job;
    private final Match match;
    private final List<Joint> joints;
    private final List<Pin> free;

    private Variants(Job job, Match match) {
        this.job = job;
        this.match = match;
        this.joints = match.joints();
        this.free = match.pins().stream().filter(p -> joints.stream().noneMatch(j -> j.has(p))).toList();
    }

    /** The ways that are more usual than the plain one, the most usual first. */
    static List<Variant> of(Job job, Match match) {
        Variants variants = new Variants(job, match);
        List<Variant> found = new ArrayList<>();
        variants.asNamed().ifPresent(found::add);
        variants.allWires().ifPresent(found::add);
        variants.summed().ifPresent(found::add);
        variants.screenAsCommon().ifPresent(found::add);
        variants.twoWires().ifPresent(found::add);
        found.addAll(variants.oneLine());
        return found;
    }

    static List<Link> with(List<Link> links, List<Link> more) {
        List<Link> all = new ArrayList<>(links);
        all.addAll(more);
        return all;
    }

    static Variant variant(String id, UnaryOperator<List<Link>> change, Object... args) {
        return new Variant(id, Words.say("scheme." + id + ".title", args),
                Words.say("scheme." + id + ".why", args), change);
    }

    /** Lines of one name at two ends of which nobody said who drives them: joined all the same, as two alike ports are. */
    private Optional<Variant> asNamed() {
        List<Link> links = new ArrayList<>();
        for (Pin pin : free) {
            free.subList(free.indexOf(pin) + 1, free.size()).stream().filter(other -> isNamesake(pin, other))
                    .findFirst()
                    .ifPresent(other -> links.add(match.ordered(Link.of(pin.terminal(), other.terminal())
                            .withWhy(Words.say("why.as-named", pin.words(), other.words())))));
        }
        return links.isEmpty()
                ? Optional.empty()
                : Optional.of(variant(AS_NAMED, plain -> with(plain, links), links.size()));
    }

    /**
     * Between two network plugs the usual wiring of all their contacts that does what the lines need: in such a plug wires
     * stay in order by those beside them.
     */
    private Optional<Variant> allWires() {
        List<ConnectorType> types = job.ends().stream().flatMap(e -> Catalogue.of(job).of(e).stream())
                .filter(t -> t.termination() == Termination.MODULAR).toList();
        boolean network = !joints.isEmpty()
                && joints.stream().allMatch(j -> j.from().has(Level.ETHERNET) && j.to().has(Level.ETHERNET));
        if (job.ends().size() != 2 || types.size() != 2 || !network || !free.isEmpty()) {
            return Optional.empty();
        }
        String near = job.ends().get(0).name();
        String far = job.ends().get(1).name();
        int wires = Cables.of(job).map(c -> c.conductors().size()).orElse(Integer.MAX_VALUE);
        return Recogniser.candidates(types.get(0).family(), types.get(1).family()).stream()
                .filter(c -> c.wiring().nets().size() > joints.size() && c.wiring().nets().size() <= wires)
                .filter(c -> joints.stream().allMatch(j -> isIn(c.wiring(), near, j)))
                .max(Comparator.comparingDouble(c -> c.named().weight()))
                .map(c -> variant("all-wires", links -> with(links, others(c.wiring(), near, far, links)),
                        c.named().title(), c.wiring().nets().size()));
    }

    private static boolean isIn(Wiring wiring, String near, Joint joint) {
        Terminal here = joint.from().isAt(near) ? joint.from().terminal() : joint.to().terminal();
        Terminal there = joint.from().isAt(near) ? joint.to().terminal() : joint.from().terminal();
        return wiring.nets().stream()
                .anyMatch(net -> net.near().contains(here.contact()) && net.far().contains(there.contact()));
    }

    /** The links of a wiring at whose contacts nothing is planned. */
    private static List<Link> others(Wiring wiring, String near, String far, List<Link> links) {
        List<Link> more = new ArrayList<>();
        for (Wiring.Net net : wiring.nets()) {
            Link link = Link.of(new Terminal(near, net.near().first()), new Terminal(far, net.far().first()))
                    .withWhy(Words.say("why.all-wires"));
            if (links.stream().noneMatch(l -> l.touches(link.from()) || l.touches(link.to().orElseThrow()))) {
                more.add(link);
            }
        }
        return more;
    }

    private boolean isNamesake(Pin pin, Pin other) {
        return pin.isApart(other) && !pin.signal().isBlank() && pin.signal().equals(other.signal())
                && (pin.direction().isEmpty() || other.direction().isEmpty())
                && Stream.of(pin, other).allMatch(p -> !p.is(Direction.UNUSED)
                        && free.stream().filter(q -> !q.isApart(p) && q.signal().equals(p.signal()))
                                .count() == 1)
                && Levels.between(pin.level(), other.level()).filter(Levels.Problem::clash).isEmpty();
    }

    /** Both channels of a stereo output into the one input there is, each through a resistor. */
    private Optional<Variant> summed() {
        for (Pin right : free) {
            Optional<Joint> left = joints.stream().filter(j -> right.signal().equals("RIGHT"))
                    .filter(j -> right.is(Direction.OUT))
                    .filter(j -> j.from().signal().equals("LEFT") && !j.from().isApart(right)
                            || j.to().signal().equals("LEFT") && !j.to().isApart(right))
                    .filter(j -> !j.from().signal().equals(j.to().signal())).findFirst();
            if (left.isPresent()) {
                Joint joint = left.get();
                boolean near = !joint.from().isApart(right);
                Pin in = near ? joint.to() : joint.from();
                Link second = (near
                        ? Link.of(right.terminal(), in.terminal())
                        : Link.of(in.terminal(), right.terminal()))
                        .withPart(Part.resistor(SUM_OHMS)).withWhy(Words.say("why.summed", in.words()));
                return Optional.of(variant("summed", links -> with(links.stream()
                        .map(l -> l.joins(joint.from().terminal(), joint.to().terminal())
                                ? l.withPart(Part.resistor(SUM_OHMS)).withWhy(second.why().orElseThrow())
                                : l)
                        .toList(), List.of(second)), in.words()));
            }
        }
        return Optional.empty();
    }

    /** The ground on the screen, where the cable has one conductor too few. */
    private Optional<Variant> screenAsCommon() {
        Optional<CableStock> cable = Cables.of(job).filter(CableStock::isScreened);
        List<Joint> grounds = joints.stream().filter(j -> j.kind() == Joint.Kind.GROUND).toList();
        long atFirst = joints.stream().filter(j -> j.kind() != Joint.Kind.GROUND)
                .filter(j -> j.isAt(job.ends().getFirst().name())).count();
        boolean full = cable.filter(c -> atFirst == c.conductors().size()).isPresent();
        return Optional.of(grounds)
                .filter(g -> full && !g.isEmpty() && g.stream().noneMatch(match::takesScreen))
                .map(g -> variant("screen-common", links -> links.stream()
                        .filter(l -> !l.isOnScreen())
                        .map(l -> g.stream().anyMatch(j -> l.joins(j.from().terminal(), j.to().terminal()))
                                ? l.withConductor(Optional.of(Link.SCREEN))
                                        .withWhy(Words.say("why.screen-common"))
                                : l)
                        .toList()));
    }

    /** A port with lines of its own for each direction on a bus of one pair. */
    private Optional<Variant> twoWires() {
        List<Link> found = new ArrayList<>();
        for (Pin out : free) {
            Optional<Pin> in = free.stream().filter(p -> p.is(Direction.IN) && !p.isApart(out))
                    .filter(p -> isOfPair(p) && p.half().get().polarity() == polarity(out)).findFirst();
            Optional<Pin> bus = free.stream().filter(p -> p.is(Direction.BOTH) && p.isApart(out))
                    .filter(p -> isOfPair(p) && p.half().get().polarity() == polarity(out))
                    .filter(p -> p.has(Level.RS485)).findFirst();
            if (out.is(Direction.OUT) && isOfPair(out) && in.isPresent() && bus.isPresent()
                    && Fittings.takesParts(job, out.terminal().end())) {
                found.add(match.ordered(Link.of(out.terminal(), bus.get().terminal())
                        .withWhy(Words.say("why.two-wires", out.words(), in.get().words()))));
                found.add(Link.of(out.terminal(), in.get().terminal()).withPart(Part.of(PartKind.JUMPER))
                        .withWhy(Words.say("why.two-wires", out.words(), in.get().words())));
            }
        }
        return Optional.of(found).filter(f -> f.size() == 4)
                .map(f -> variant("two-wires", links -> with(links, f), f.get(1).from().end()));
    }

    private static boolean isOfPair(Pin pin) {
        return pin.half().isPresent() && (pin.has(Level.RS422) || pin.has(Level.RS485));
    }

    private static int polarity(Pin pin) {
        return pin.half().map(h -> h.polarity()).orElse(0);
    }

    /** One line for both ways, to a port that sends and receives on two: the sender behind a diode or a resistor. */
    private List<Variant> oneLine() {
        for (Pin line : free) {
            Optional<Pin> sends = free.stream().filter(p -> p.signal().equals("TXD") && p.is(Direction.OUT))
                    .filter(line::isApart).findFirst();
            Optional<Pin> hears = free.stream().filter(p -> p.signal().equals("RXD") && p.is(Direction.IN))
                    .filter(p -> sends.isPresent() && !p.isApart(sends.get())).findFirst();
            if (line.is(Direction.BOTH) && line.half().isEmpty() && !ONE_WAY.contains(line.signal())
                    && hears.isPresent() && fits(sends.get(), line) && fits(line, hears.get())) {
                return List.of(
                        oneLine("one-line-diode", Part.of(PartKind.DIODE), line, sends.get(), hears.get()),
                        oneLine("one-line-resistor", Part.resistor(SHARED_OHMS), line, sends.get(),
                                hears.get()));
            }
        }
        return List.of();
    }

    private static boolean fits(Pin out, Pin in) {
        return out.level().isPresent() && in.level().isPresent()
                && Levels.between(out.level(), in.level()).filter(Levels.Problem::clash).isEmpty();
    }

    private Variant oneLine(String id, Part part, Pin line, Pin sends, Pin hears) {
        Link direct = match.ordered(Link.of(line.terminal(), hears.terminal())
                .withWhy(Words.say("why.one-line", hears.words(), line.words())));
        // the stripe towards the sender: it can pull the line low, and leaves it alone when it is high
        boolean within = Fittings.takesParts(job, hears.terminal().end());
        Link driven = Link.of(within ? hears.terminal() : line.terminal(), sends.terminal()).withPart(part)
                .withWhy(Words.say("why." + id, sends.words()));
        return variant(id, links -> with(links, List.of(direct, driven)), line.words());
    }
}
