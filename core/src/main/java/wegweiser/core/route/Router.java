package wegweiser.core.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.catalog.Cables;
import wegweiser.core.catalog.Catalogue;
import wegweiser.core.catalog.Contact;
import wegweiser.core.catalog.Termination;
import wegweiser.core.conductors.Allocation;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Extra;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Role;
import wegweiser.core.model.Schools;
import wegweiser.core.model.Terminal;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Fix;
import wegweiser.core.rules.FuseWays;
import wegweiser.core.rules.Mains;
import wegweiser.core.rules.Rules;
import wegweiser.core.rules.Severity;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;
import wegweiser.core.wiring.Nets;
import wegweiser.core.words.Words;

/**
 * Proposes ways to join the ends of a job. Every scheme shares the joints that have no alternative; where
 * several ways are usual (how much handshake, where the screen goes) each is a scheme of its own. The ones with
 * fewest errors come first, then those with fewest warnings, then those that leave the least to chance.
 */
public final class Router {
    private static final int MOST_FUSES = 12;
    private final Job job;
    private final Match match;
    private final boolean alike;

    private Router(Job job) {
        this.job = job;
        this.match = Match.of(job);
        this.alike = match.joints().stream()
                .filter(j -> j.kind() == Joint.Kind.DATA)
                .anyMatch(j -> Signals.partner(j.from().signal()).filter(j.to().signal()::equals).isPresent()
                        && !areUnlike(j));
    }

    /** A host and what it serves are made for each other, whatever their lines are called. */
    private boolean areUnlike(Joint joint) {
        Set<Role> roles = new HashSet<>();
        for (Pin pin : List.of(joint.from(), joint.to())) {
            job.end(pin.terminal().end()).flatMap(End::role).ifPresent(roles::add);
        }
        return roles.equals(Set.of(Role.HOST, Role.PERIPHERAL));
    }

    /** The schemes for a job, best first; the links that the job already has are not looked at. */
    public static List<Scheme> schemes(Job job) {
        if (job.ends().size() < 2 || Mains.isIn(Derived.of(job))) {
            return List.of();
        }
        Router router = new Router(job);
        List<Scheme> found = router.isSerial() ? router.serial() : router.plain();
        Map<Shape, Scheme> different = new LinkedHashMap<>();
        for (Scheme scheme : found) {
            different.putIfAbsent(Shape.of(scheme.applyTo(job)), scheme);
        }
        List<Scheme> sorted = new ArrayList<>(
                different.values().stream().filter(s -> s.joins() || s.errors() > 0).toList());
        // one that joins nothing only tells why, and is never the first choice
        sorted.sort(Comparator.comparing((Scheme s) -> !s.joins()).thenComparingLong(Scheme::errors)
                .thenComparingLong(
                        s -> s.findings().stream().filter(f -> f.severity() == Severity.WARNING).count()));
        return List.copyOf(sorted);
    }

    /** Crossed or straight: by contact numbers where both ends have the same connector, else by what meets what. */
    private String way() {
        List<Joint> data = match.joints().stream().filter(j -> j.kind() == Joint.Kind.DATA).toList();
        boolean same = job.ends().stream()
                .map(e -> Catalogue.of(job).of(e).map(t -> t.family()).orElse(e.name()))
                .distinct().count() == 1;
        boolean straight = same
                ? data.stream()
                        .allMatch(j -> j.from().terminal().contact().equals(j.to().terminal().contact()))
                : !alike;
        return Words.say(straight ? same ? "scheme.by-number" : "scheme.straight" : "scheme.crossed");
    }

    private boolean isSerial() {
        return Pin.of(job).stream().anyMatch(p -> Signals.HANDSHAKE.contains(p.signal()))
                && job.ends().size() == 2;
    }

    private List<Scheme> serial() {
        String way = way();
        Set<Joint.Kind> all = EnumSet.allOf(Joint.Kind.class);
        Set<Joint.Kind> noReady = EnumSet.complementOf(EnumSet.of(Joint.Kind.READY));
        Set<Joint.Kind> dataOnly = EnumSet.complementOf(EnumSet.of(Joint.Kind.READY, Joint.Kind.REQUEST));
        return List.of(scheme("full-handshake", way, all, true), scheme("request-clear", way, noReady, true),
                scheme("handshake-looped", way, dataOnly, true), scheme("three-wires", way, dataOnly, false));
    }

    private List<Scheme> plain() {
        String way = way();
        List<Scheme> found = new ArrayList<>();
        // where the screen goes is a choice of its own, and said
        Scheme direct = finished("direct", usualScreen()
                .map(l -> l.to().isPresent()
                        ? Words.say("scheme.screen-both", way)
                        : Words.say("scheme.screen-one", way, l.from().end()))
                .orElse(Words.say("scheme.direct.title", way)),
                Words.say(isDriven() ? "scheme.direct.why" : "scheme.direct.why-alike"),
                plainLinks(EnumSet.allOf(Joint.Kind.class), false));
        Variants.of(job, match).forEach(v -> found.add(varied(v)));
        found.add(direct);
        WaysBeside.of(job, match).forEach(v -> found.add(varied(v)));
        found.addAll(screens(direct, way));
        return found;
    }

    /** Whether any line has an output at one side and an input at the other. */
    private boolean isDriven() {
        return match.joints().stream().anyMatch(j -> j.from().is(Direction.OUT) && j.to().is(Direction.IN)
                || j.from().is(Direction.IN) && j.to().is(Direction.OUT));
    }

    private Scheme varied(Variants.Variant variant) {
        return finished(variant.id(), variant.title(), variant.why(),
                variant.change().apply(plainLinks(EnumSet.allOf(Joint.Kind.class), false)));
    }

    /** Where the screen goes first of all: to both ends where a standard or the person wants it, else to one. */
    private Optional<Link> usualScreen() {
        boolean standard = job.ends().stream().allMatch(
                e -> Catalogue.of(job).of(e).filter(t -> t.kind().isScreenedThrough()).isPresent());
        boolean both = job.schools().screen().map(s -> s == Schools.Screen.BOTH_ENDS).orElse(standard);
        return Optional.of(both).filter(b -> b)
                .flatMap(_ -> bothScreens(standard ? "why.screen-standard" : "why.screen-both"))
                .or(this::firstScreen);
    }

    /** The screen joined at both of two ends. */
    private Optional<Link> bothScreens(String why) {
        Optional<Link> a = screen(job.ends().get(0));
        Optional<Link> b = screen(job.ends().get(1));
        return a.filter(_ -> job.ends().size() == 2 && b.isPresent())
                .map(one -> new Link(one.from(), Optional.of(b.get().from()), one.conductor(),
                        Optional.empty(), Optional.of(Words.say(why)), Extra.NONE));
    }

    private Optional<Link> firstScreen() {
        return job.ends().stream().flatMap(e -> screen(e).stream()).findFirst();
    }

    private List<Scheme> screens(Scheme direct, String way) {
        List<Scheme> found = new ArrayList<>();
        for (End end : job.ends()) {
            screen(end).filter(l -> !usualScreen().equals(Optional.of(l)))
                    .ifPresent(link -> found.add(withScreen(direct, List.of(link), "screen-at-" + end.name(),
                            Words.say("scheme.screen-one", way, end.name()))));
        }
        bothScreens("why.screen-both").filter(_ -> usualScreen().flatMap(Link::to).isEmpty())
                .ifPresent(both -> found.add(withScreen(direct, List.of(both), "screen-at-both",
                        Words.say("scheme.screen-both", way))));
        return found;
    }

    private Scheme withScreen(Scheme base, List<Link> screen, String id, String title) {
        List<Link> links = new ArrayList<>(base.links().stream().filter(l -> !l.isOnScreen()).toList());
        links.addAll(screen);
        return finished(id, title, base.why(), links);
    }

    private Scheme scheme(String id, String way, Set<Joint.Kind> kinds, boolean loops) {
        return finished(id, Words.say("scheme." + id + ".title", way), Words.say("scheme." + id + ".why"),
                plainLinks(kinds, loops));
    }

    private List<Link> plainLinks(Set<Joint.Kind> kinds, boolean loops) {
        List<Link> links = new ArrayList<>();
        for (Joint joint : match.joints()) {
            if (kinds.contains(joint.kind()) && !joint.from().signal().equals("RI")
                    || joint.kind() == Joint.Kind.DATA || kinds.contains(joint.kind()) && !alike) {
                links.add(match.takesScreen(joint) && isScreened()
                        ? joint.link().withConductor(Optional.of(Link.SCREEN))
                        : joint.link());
            }
        }
        if (loops) {
            for (End end : job.ends()) {
                links.addAll(loops(end, links));
            }
        }
        usualScreen().ifPresent(links::add);
        links.addAll(Fittings.of(job, match));
        return links;
    }

    private Scheme finished(String id, String title, String why, List<Link> links) {
        Job planned = fused(inOrder(job.withLinks(
                Allocation.of(job, links.stream().map(this::pinned).toList())), links));
        List<Finding> findings = new ArrayList<>(match.refused());
        // readings tell how some cable is wired, not how well a way of joining suits the two devices
        findings.addAll(Rules.check(planned.withReadings(List.of())));
        long conductors = Nets.planned(planned).joinedNets().stream()
                .filter(net -> net.stream().map(Terminal::end).distinct().count() > 1)
                .count();
        boolean bare = match.joints().stream().allMatch(j -> j.kind() == Joint.Kind.GROUND)
                && !planned.links().isEmpty() && !id.equals(Variants.AS_NAMED);
        // nobody is told that everything meets where something must not
        String named = bare
                ? Words.say("scheme.ground-only.title")
                : match.refused().isEmpty() ? title : Words.say("scheme.refused.title", title);
        String said = match.refused().isEmpty()
                ? bare ? Words.say("scheme.ground-only.why") : why
                : Words.say("scheme.refused.why");
        return new Scheme(id, named, said, planned.links(), findings, (int) conductors);
    }

    /** Where a flat cable keeps its order: of several equal grounds of an end the one that lies where its wire does. */
    private Job inOrder(Job planned, List<Link> links) {
        if (isPossible(planned)) {
            return planned;
        }
        for (Joint joint : match.joints()) {
            for (Pin other : joint.kind() == Joint.Kind.GROUND ? alike(joint.to()) : List.<Pin>of()) {
                List<Link> changed = links.stream()
                        .map(l -> l.joins(joint.from().terminal(), joint.to().terminal())
                                ? Link.of(joint.from().terminal(), other.terminal()).withWhy(joint.why())
                                : l)
                        .toList();
                Job tried = job.withLinks(Allocation.of(job, changed.stream().map(this::pinned).toList()));
                if (isPossible(tried)) {
                    return tried;
                }
            }
        }
        return planned;
    }

    private List<Pin> alike(Pin ground) {
        return match.pins().stream().filter(p -> !p.isApart(ground) && !p.equals(ground))
                .filter(p -> p.is(Direction.GROUND) && p.signal().equals(ground.signal())).toList();
    }

    private static boolean isPossible(Job planned) {
        return Rules.by("conductor-impossible", planned).isEmpty();
    }

    /** The plan with a fuse in every way from a battery, of what the load takes and the wire carries. */
    private static Job fused(Job planned) {
        Job fused = planned;
        for (int way = 0; way < MOST_FUSES; way++) {
            Optional<Fix> fix = FuseWays.fix(Derived.of(fused));
            if (fix.isEmpty()) {
                return fused;
            }
            fused = fix.get().edit().apply(fused);
        }
        return fused;
    }

    /** A link on the conductor that a person chose for it in the plan that is there, if the cable still has it. */
    private Link pinned(Link link) {
        return job.links().stream().filter(Link::pinned)
                .filter(l -> link.to().isPresent() && l.joins(link.from(), link.to().get()))
                .flatMap(l -> l.conductor().stream())
                .filter(c -> Cables.of(job).filter(s -> s.conductors().contains(c)).isPresent())
                .findFirst().map(link::withPinned).orElse(link);
    }

    private boolean isScreened() {
        return Cables.of(job).map(c -> c.isScreened()).orElse(false);
    }

    /** The screen of a screened cable, joined at one end and insulated at the others. */
    private Optional<Link> screen(End end) {
        boolean screened = isScreened() && match.joints().stream().noneMatch(j -> match.takesScreen(j));
        boolean shell = Catalogue.of(job).of(end).map(t -> t.has(Contact.SHELL)).orElse(false);
        // a contact that the device has for it comes before the shell
        Optional<Terminal> at = Pin.of(end).stream()
                .filter(p -> p.is(Direction.SHIELD) && !p.isEarthByName()).map(Pin::terminal)
                .findFirst()
                .or(() -> Optional.of(end.terminal(Contact.SHELL)).filter(_ -> shell));
        return at.filter(_ -> screened)
                .map(t -> new Link(t, Optional.empty(), Optional.of(Link.SCREEN), Optional.empty(),
                        Optional.of(Words.say("why.screen-one", end.name())), Extra.NONE));
    }

    /** Jumpers within an end for handshake inputs that nothing drives: CTS from RTS, DSR and DCD from DTR. */
    private List<Link> loops(End end, List<Link> links) {
        List<Link> found = new ArrayList<>();
        List<Pin> pins = Pin.of(end);
        for (String[] loop : new String[][]{{"RTS", "CTS"}, {"DTR", "DSR"}, {"DSR", "DCD"}}) {
            Optional<Pin> from = pins.stream().filter(p -> p.signal().equals(loop[0])).findFirst();
            Optional<Pin> to = pins.stream().filter(p -> p.signal().equals(loop[1]) && p.is(Direction.IN))
                    .findFirst();
            if (from.isEmpty() || to.isEmpty() || isJoined(links, to.get())
                    || isJoined(found, to.get()) && !loop[1].equals("DSR")) {
                continue;
            }
            if (loop[1].equals("DCD") && takesOneWire(end)) {
                // nobody waits for DCD so often that a splice in front of a crimped plug is worth it
                continue;
            }
            boolean driver = from.get().is(Direction.OUT);
            boolean served = isJoined(links, from.get()) || isJoined(found, from.get());
            if (driver && !isJoined(links, from.get()) || !driver && served) {
                found.add(Link.of(from.get().terminal(), to.get().terminal())
                        .withPart(Part.of(PartKind.JUMPER))
                        .withWhy(Words.say(driver ? "why.loop" : "why.follow", to.get().signal(),
                                from.get().signal(), end.device())));
            }
        }
        return found;
    }

    private boolean takesOneWire(End end) {
        return Catalogue.of(job).of(end).map(t -> t.termination() != Termination.SOLDER_CUP).orElse(false);
    }

    private static boolean isJoined(List<Link> links, Pin pin) {
        return links.stream().anyMatch(l -> l.touches(pin.terminal()));
    }
}
