package wegweiser.core.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.ConnectorKind;
import wegweiser.core.model.ContactOrder;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** Ways that are there beside the plain one, and no better: what people know by name and may be asked for. */
final class WaysBeside {
    /** What closes a bus at each of its ends: the impedance of its line. */
    private static final double LINE_OHMS = 120;

    private final Job job;
    private final Match match;
    private final List<Joint> joints;

    private WaysBeside(Job job, Match match) {
        this.job = job;
        this.match = match;
        this.joints = match.joints();
    }

    /** The ways for some ports. */
    static List<Variants.Variant> of(Job job, Match match) {
        WaysBeside ways = new WaysBeside(job, match);
        // a lead has no terminators: they belong to the two ends of a line, and the person knows where these are
        return Stream.of(ways.reversed(), ways.ringToSleeve(), ways.terminated()).flatMap(Optional::stream)
                .toList();
    }

    /**
     * Telephone lines work either way round, and the usual cords turn them: in plugs with several pairs the contacts of each
     * pair lie opposite each other, so that the whole row is turned.
     */
    private Optional<Variants.Variant> reversed() {
        List<Joint> lines = joints.stream().filter(j -> j.from().has(Level.TELEPHONE))
                .sorted(Comparator.comparing(j -> j.from().terminal().contact(), ContactOrder.PRINTED))
                .toList();
        boolean modular = job.ends().stream().allMatch(e -> Catalogue.of(job).of(e)
                .filter(t -> t.kind() == ConnectorKind.MODULAR).isPresent());
        if (lines.isEmpty() || lines.size() % 2 != 0 || lines.size() > 2 && !modular) {
            return Optional.empty();
        }
        List<Link> turned = new ArrayList<>();
        for (int k = 0; k < lines.size(); k++) {
            turned.add(Link.of(lines.get(k).from().terminal(),
                    lines.get(lines.size() - 1 - k).to().terminal()).withWhy(Words.say("why.reversed")));
        }
        return Optional.of(Variants.variant("reversed", links -> Variants.with(links.stream()
                .filter(l -> lines.stream()
                        .noneMatch(j -> l.joins(j.from().terminal(), j.to().terminal())))
                .toList(), turned)));
    }

    /** A switch on a stereo plug: its ring lies on the sleeve, as the mono socket of the device has it. */
    private Optional<Variants.Variant> ringToSleeve() {
        for (End end : job.ends()) {
            boolean stereo = Catalogue.of(job).of(end).filter(t -> t.kind() == ConnectorKind.JACK)
                    .filter(t -> t.ids().equals(List.of("tip", "ring", "sleeve"))).isPresent();
            Terminal ring = end.terminal("ring");
            boolean used = joints.stream().anyMatch(j -> j.from().terminal().equals(ring)
                    || j.to().terminal().equals(ring));
            Optional<Joint> sleeve = joints.stream()
                    .filter(j -> j.from().terminal().equals(end.terminal("sleeve"))
                            || j.to().terminal().equals(end.terminal("sleeve")))
                    .findFirst();
            boolean switched = joints.stream()
                    .anyMatch(j -> j.from().has(Level.CONTACT) || j.to().has(Level.CONTACT));
            if (stereo && sleeve.isPresent() && switched && !used
                    && job.row(ring).filter(r -> r.direction().filter(d -> d != Direction.UNUSED).isPresent())
                            .isEmpty()) {
                boolean near = sleeve.get().from().isAt(end.name());
                Pin other = near ? sleeve.get().to() : sleeve.get().from();
                // what stays has a wire at its ring, which goes with that of the sleeve
                Link both = job.keeps(end.name())
                        ? match.ordered(Link.of(ring, other.terminal()))
                        : Link.of(ring, end.terminal("sleeve")).withPart(Part.of(PartKind.JUMPER));
                Link joined = both.withWhy(Words.say("why.ring-to-sleeve", end.name()));
                return Optional
                        .of(Variants.variant("ring-to-sleeve", links -> Variants.with(links, List.of(joined)),
                                end.name()));
            }
        }
        return Optional.empty();
    }

    /** A bus with a resistor at each of its ends, where the job shows both and there is room for one. */
    private Optional<Variants.Variant> terminated() {
        List<Link> found = new ArrayList<>();
        for (Level level : List.of(Level.CAN, Level.RS485)) {
            List<Joint> lines = joints.stream().filter(j -> j.from().is(Direction.BOTH))
                    .filter(j -> j.from().has(level) && j.from().half().isPresent()).toList();
            List<String> ends = job.ends().stream().map(End::name)
                    .filter(e -> lines.stream().anyMatch(j -> j.isAt(e))).toList();
            boolean whole = ends.stream().noneMatch(e -> goesOn(e) || isClosedByPlug(e, level));
            if (ends.size() > 1 && whole) {
                for (String end : List.of(ends.getFirst(), ends.getLast())) {
                    closing(end, lines).filter(_ -> Fittings.takesParts(job, end)).ifPresent(found::add);
                }
            }
        }
        return Optional.of(found).filter(f -> f.size() == 2)
                .map(f -> Variants.variant("terminated", links -> Variants.with(links, f),
                        f.getFirst().from().end(),
                        f.getLast().from().end()));
    }

    /** Whether a bus goes on beyond an end, so that the job does not show where it is closed. */
    private boolean goesOn(String end) {
        return job.end(end).flatMap(Catalogue.of(job)::of).filter(t -> t.kind().busGoesOn())
                .isPresent();
    }

    /** Lines of light desks are closed by a plug of their own. */
    private boolean isClosedByPlug(String end, Level level) {
        return level == Level.RS485 && job.end(end).flatMap(Catalogue.of(job)::of)
                .filter(t -> t.kind() == ConnectorKind.XLR).isPresent();
    }

    private static Optional<Link> closing(String end, List<Joint> lines) {
        List<Pin> here = lines.stream().flatMap(j -> Stream.of(j.from(), j.to()))
                .filter(p -> p.isAt(end)).distinct().toList();
        Optional<Pin> plus = here.stream().filter(p -> p.half().filter(h -> h.polarity() > 0).isPresent())
                .findFirst();
        return plus.flatMap(a -> here.stream()
                .filter(b -> b.half().filter(h -> h.polarity() < 0 && h.pair().equals(a.half().get().pair()))
                        .isPresent())
                .findFirst()
                .map(b -> Link.of(a.terminal(), b.terminal()).withPart(Part.resistor(LINE_OHMS))
                        .withWhy(Words.say("why.terminator", end))));
    }
}
