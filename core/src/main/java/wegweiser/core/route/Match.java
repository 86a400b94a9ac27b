package wegweiser.core.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.route.Joint.Kind;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Severity;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Levels;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/**
 * Pairs the pins of a job: each output with the input that is made for it, grounds with grounds, supplies with
 * sinks of their voltage. What must not be joined is refused with the reason. O(pins²).
 */
final class Match {
    private final Job job;
    private final List<Pin> pins;
    private final List<Joint> joints = new ArrayList<>();
    private final List<Finding> refused = new ArrayList<>();

    /** Lines that are joined at one contact of each end alone, whatever their twin. */
    private static final Set<String> SINGLE_ENDED = Set.of("CC2", "ID", "VCONN");
    /** Lines that cross although they talk both ways. */
    private static final Map<String, String> CROSSING = Map.of("SBU1", "SBU2", "SBU2", "SBU1");
    private final Derived derived;
    private Map<Pin, List<Pin>> undecided = Map.of();

    private Match(Job job) {
        this.job = job;
        this.derived = Derived.of(job);
        this.pins = derived.pins();
    }

    static Match of(Job job) {
        Match match = new Match(job);
        match.signals();
        Closures.of(job,
                match.pins.stream().filter(p -> match.joints.stream().noneMatch(j -> j.has(p))).toList())
                .forEach(j -> match.joints.add(match.inEndOrder(j)));
        match.buses();
        match.letters();
        List<Joint> feeds = match.feeds();
        GroundTree tree = new GroundTree(job, List.copyOf(match.joints), feeds);
        match.grounds(tree);
        match.earths();
        match.supplies(feeds, tree);
        return match;
    }

    List<Joint> joints() {
        return joints;
    }

    List<Pin> pins() {
        return pins;
    }

    /** Findings for pairs that would belong together but must not be joined. */
    List<Finding> refused() {
        return refused;
    }

    /** Loads that several sources could be meant for. */
    Map<Pin, List<Pin>> undecided() {
        return undecided;
    }

    /** Whether the screen is the conductor of a joint, because a connector at either end takes it. */
    boolean takesScreen(Joint joint) {
        return joint.kind() == Kind.GROUND && !joint.isCold()
                && (derived.isReturn(joint.from().terminal()) || derived.isReturn(joint.to().terminal()));
    }

    private String device(Pin pin) {
        return job.end(pin.terminal().end()).map(End::device).filter(d -> !d.isBlank())
                .orElse(pin.terminal().end());
    }

    private void signals() {
        for (Listeners.Heard heard : Listeners.of(job, pins)) {
            join(heard.out(), heard.in(), kind(heard.in()), reason(heard));
        }
    }

    private static Kind kind(Pin in) {
        return switch (in.signal()) {
            case "CTS", "RTS" -> Kind.REQUEST;
            case "DSR", "DTR", "DCD", "RI" -> Kind.READY;
            default -> Kind.DATA;
        };
    }

    private String reason(Listeners.Heard heard) {
        Pin out = heard.out();
        Pin in = heard.in();
        String how = switch (heard.way()) {
            case SAME_NAME -> "why.same-name";
            case LEFT_OVER -> "why.left-over";
            default -> "why.partner";
        };
        return Words.say(how, device(out), out.words(), device(in), in.words());
    }

    private void join(Pin from, Pin to, Kind kind, String why) {
        Optional<Levels.Problem> problem = Levels.between(from.level(), to.level())
                .filter(Levels.Problem::clash);
        if (problem.isPresent()) {
            refused.add(new Finding("level-clash", Severity.ERROR, List.of(from.terminal(), to.terminal()),
                    Words.say("rule.level-clash.message", from.words(), to.words(), problem.get().why()),
                    problem.get().remedy(), Optional.empty()));
        } else {
            joints.add(inEndOrder(new Joint(from, to, kind, why)));
        }
    }

    /** Links are written from the earlier end of the job to the later one. */
    private Joint inEndOrder(Joint joint) {
        List<String> names = job.ends().stream().map(End::name).toList();
        boolean turned = names.indexOf(joint.from().terminal().end()) > names
                .indexOf(joint.to().terminal().end());
        return turned ? new Joint(joint.to(), joint.from(), joint.kind(), joint.why()) : joint;
    }

    /** A link without a part, written from the earlier end to the later one. */
    Link ordered(Link link) {
        List<String> names = job.ends().stream().map(End::name).toList();
        Terminal to = link.to().orElseThrow();
        return names.indexOf(link.from().end()) > names.indexOf(to.end())
                ? Link.of(to, link.from()).withWhy(link.why().orElseThrow())
                : link;
    }

    /** Lines that talk both ways go from end to end, as a chain, to the line of the same name. */
    private void buses() {
        for (int i = 0; i < pins.size(); i++) {
            Pin a = pins.get(i);
            if (!a.is(Direction.BOTH) || !firstOfEnd(a) || SINGLE_ENDED.contains(a.signal())
                    || a.has(Level.CONTACT) && joints.stream().anyMatch(j -> j.has(a))) {
                continue;
            }
            String wanted = CROSSING.getOrDefault(a.signal(), a.signal());
            pins.subList(i + 1, pins.size()).stream()
                    .filter(b -> b.is(Direction.BOTH) && b.signal().equals(wanted) && a.isApart(b)
                            && firstOfEnd(b))
                    .findFirst()
                    .ifPresent(b -> join(a, b, Kind.OTHER,
                            Words.say("why.bus", a.signal(), a.terminal(), b.terminal())));
        }
    }

    /** Lines of a bus whose halves are called by letters at one end and by signs at the other: by what the letters mean. */
    private void letters() {
        for (int i = 0; i < pins.size(); i++) {
            Pin a = pins.get(i);
            boolean open = a.is(Direction.BOTH) && a.has(Level.RS485) && a.half().isPresent()
                    && joints.stream().noneMatch(j -> j.has(a));
            if (open) {
                pins.subList(i + 1, pins.size()).stream()
                        .filter(b -> b.is(Direction.BOTH) && b.has(Level.RS485))
                        .filter(b -> a.isApart(b) && joints.stream().noneMatch(j -> j.has(b)))
                        .filter(b -> b.half().filter(h -> h.polarity() == a.half().get().polarity()
                                && h.school() != a.half().get().school()).isPresent())
                        .findFirst().ifPresent(b -> join(a, b, Kind.OTHER,
                                Words.say("why.letters", a.words(), b.words())));
            }
        }
    }

    private boolean firstOfEnd(Pin pin) {
        return pins.stream()
                .filter(p -> p.terminal().end().equals(pin.terminal().end())
                        && p.signal().equals(pin.signal()))
                .findFirst()
                .map(pin::equals)
                .orElse(false);
    }

    /** Grounds, and where a connector takes the screen as its return, that: each end's best with the first end's. */
    private void grounds(GroundTree tree) {
        List<Pin> first = job.ends().stream().map(this::reference).flatMap(Optional::stream).toList();
        if (!first.isEmpty()) {
            ground(first, tree);
        }
        returns();
        closures(first);
        for (Pin pin : pins) {
            boolean cold = pin.signal().equals("COLD") && pin.isSignal()
                    && joints.stream().noneMatch(j -> j.from().equals(pin) || j.to().equals(pin));
            if (cold && joints.stream().anyMatch(j -> isHot(j.from(), pin) || isHot(j.to(), pin))) {
                first.stream().filter(pin::isApart).findFirst().ifPresent(g -> joints.add(
                        inEndOrder(new Joint(pin, g, Kind.GROUND,
                                Words.say("why.cold", pin.words(), device(g))))));
            }
        }
    }

    /** Earths go to the earths of the other ends, all along, and to nothing else. */
    private void earths() {
        for (String name : List.of("PE", "EARTH")) {
            List<Pin> all = pins.stream().filter(p -> p.signal().equals(name) && firstOfEnd(p))
                    .filter(p -> p.is(Direction.GROUND) || p.is(Direction.SHIELD)).toList();
            for (int k = 1; k < all.size(); k++) {
                joints.add(inEndOrder(new Joint(all.get(k - 1), all.get(k), Kind.GROUND,
                        Words.say("why.earth", all.get(k).words()))));
            }
        }
    }

    /** The ground of each end goes to that of the end it hangs on, or of the nearest before it that has one. */
    private void ground(List<Pin> first, GroundTree tree) {
        List<Joint> signals = List.copyOf(joints);
        tree.parents().forEach((end, parent) -> {
            Optional<Pin> own = first.stream().filter(p -> p.isAt(end)).findFirst();
            String at = parent;
            Optional<Pin> hub = pinAt(first, at);
            while (hub.isEmpty() && tree.parents().containsKey(at)) {
                at = tree.parents().get(at);
                hub = pinAt(first, at);
            }
            Pin from = hub.orElse(first.getFirst());
            own.filter(from::isApart).ifPresent(to -> {
                boolean talk = signals.stream().anyMatch(j -> j.isAt(end) && j.isAt(from.terminal().end()));
                joints.add(inEndOrder(new Joint(from, to, Kind.GROUND,
                        Words.say(talk ? "why.ground" : "why.way-back", device(from), device(to)))));
            });
        });
    }

    /** The common side of a contact that closes goes to the ground of the device that looks at the other side. */
    private void closures(List<Pin> grounds) {
        for (Pin common : pins) {
            Optional<Joint> other = joints.stream().filter(j -> common.signal().equals("COM"))
                    .filter(j -> common.is(Direction.OUT) && common.has(Level.CONTACT))
                    .filter(j -> j.isAt(common.terminal().end())).findFirst();
            other.flatMap(j -> grounds.stream().filter(g -> g.isApart(common))
                    .filter(g -> j.isAt(g.terminal().end())).findFirst())
                    .filter(_ -> joints.stream().noneMatch(j -> j.has(common)))
                    .ifPresent(g -> joints.add(inEndOrder(new Joint(common, g, Kind.GROUND,
                            Words.say("why.closure", common.words(), device(g))))));
        }
    }

    private static Optional<Pin> pinAt(List<Pin> pins, String end) {
        return pins.stream().filter(p -> p.isAt(end)).findFirst();
    }

    /** Returns with a name of their own, such as those of colour signals, go to their like. */
    private void returns() {
        for (int i = 0; i < pins.size(); i++) {
            Pin a = pins.get(i);
            if (!a.is(Direction.GROUND) || a.signal().equals("GND") || a.signal().equals("CHASSIS")
                    || a.isEarthByName()) {
                continue;
            }
            pins.subList(i + 1, pins.size()).stream()
                    .filter(b -> b.is(Direction.GROUND) && b.signal().equals(a.signal()) && a.isApart(b))
                    .findFirst()
                    .filter(b -> joints.stream().noneMatch(j -> j.from().equals(a) && j.to().equals(b)))
                    .ifPresent(b -> joints
                            .add(new Joint(a, b, Kind.GROUND, Words.say("why.return", a.words()))));
        }
    }

    private static boolean isHot(Pin pin, Pin cold) {
        return pin.signal().equals("HOT") && !pin.isApart(cold);
    }

    /** The ground of an end: its return contact, else a signal ground, else the chassis. */
    private Optional<Pin> reference(End end) {
        Optional<Terminal> made = derived.returnContact(end.name());
        return pins.stream().filter(p -> p.isAt(end.name()) && !p.isEarthByName())
                .filter(p -> p.is(Direction.GROUND)
                        || p.is(Direction.SHIELD) && made.map(p.terminal()::equals).orElse(false))
                .min(Comparator.comparingInt(p -> made.map(p.terminal()::equals).orElse(false)
                        ? 0
                        : p.signal().equals("CHASSIS") ? 2 : 1));
    }

    /** Each load with its source; what has the wrong volts is refused. */
    private List<Joint> feeds() {
        Supplies supplies = Supplies.of(job, pins,
                (a, b) -> joints.stream().anyMatch(j -> j.isAt(a) && j.isAt(b)));
        undecided = supplies.undecided();
        List<Joint> found = new ArrayList<>();
        supplies.fed().forEach((load, source) -> found.add(new Joint(source, load, Kind.SUPPLY,
                Words.say("why.supply", device(source), source.words(), device(load), load.words()))));
        supplies.unlike().forEach((load, source) -> refused.add(Finding.refusedSupply(source, load)));
        return found;
    }

    private void supplies(List<Joint> feeds, GroundTree tree) {
        List<String> order = List.copyOf(tree.parents().keySet());
        Map<Pin, Pin> fed = new HashMap<>();
        // the nearest first, since those behind hang on them
        feeds.stream().sorted(Comparator.comparingInt(f -> order.indexOf(f.to().terminal().end())))
                .forEach(feed -> {
                    String parent = tree.parents().get(feed.to().terminal().end());
                    Pin from = fed.keySet().stream().filter(p -> parent != null && p.isAt(parent))
                            .filter(p -> fed.get(p).equals(feed.from()))
                            .min(Comparator.comparing(p -> pins.indexOf(p))).orElse(feed.from());
                    fed.put(feed.to(), feed.from());
                    String why = from.equals(feed.from())
                            ? feed.why()
                            : Words.say("why.supply-on", device(feed.from()), device(from),
                                    device(feed.to()), from.words(), feed.to().words());
                    joints.add(inEndOrder(new Joint(from, feed.to(), Kind.SUPPLY, why)));
                });
    }
}
