package wegweiser.core.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Part;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Terminal;
import wegweiser.core.rules.Finding;
import wegweiser.core.rules.Severity;
import wegweiser.core.signals.Levels;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;
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

    /** A proposed joint between two pins, with its reason. */
    record Joint(Pin from, Pin to, Kind kind, String why) {
        Link link() {
            return Link.of(from.terminal(), to.terminal()).withWhy(why);
        }

        boolean isCold() {
            return from.signal().equals("COLD") || to.signal().equals("COLD");
        }
    }

    /** What a joint is for. */
    enum Kind {
        DATA,
        REQUEST,
        READY,
        GROUND,
        SUPPLY,
        OTHER
    }

    /** Lines that are joined at one contact of each end alone, whatever their twin. */
    private static final Set<String> SINGLE_ENDED = Set.of("CC2", "ID", "VCONN");
    /** Lines that cross although they talk both ways. */
    private static final Map<String, String> CROSSING = Map.of("SBU1", "SBU2", "SBU2", "SBU1");
    /** Serial data of boards, which some name by the controller and some by the board itself. */
    private static final Map<String, List<String>> BOARD_DATA = Map.of("MOSI", List.of("SDI"), "MISO",
            List.of("SDI"), "SDO", List.of("MISO", "SDI", "MOSI"));
    /** Switched outputs of sensors and cards, and the inputs that they are for. */
    private static final Map<String, List<String>> SWITCHED = Map.of("OUT", List.of("IN", "IN1"), "OUT1",
            List.of("IN1", "IN"), "OUT2", List.of("IN2"));
    private static final String REVERSIBLE = "usb-c-plug";
    /** Names of the one channel that a balanced and an unbalanced connector carry. */
    private static final Set<String> ONE_CHANNEL = Set.of("HOT", "LINE", "LEFT", "MIC");

    private final Derived derived;

    private Match(Job job) {
        this.job = job;
        this.derived = Derived.of(job);
        this.pins = derived.pins();
    }

    static Match of(Job job) {
        Match match = new Match(job);
        match.signals();
        match.buses();
        match.grounds();
        match.supplies();
        return match;
    }

    List<Joint> joints() {
        return joints;
    }

    /** Findings for pairs that would belong together but must not be joined. */
    List<Finding> refused() {
        return refused;
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
        Set<Terminal> heard = new LinkedHashSet<>();
        for (Pin out : pins) {
            if (!out.is(Direction.OUT)) {
                continue;
            }
            for (End end : job.ends()) {
                if (end.name().equals(out.terminal().end())) {
                    continue;
                }
                Optional<Pin> in = listener(out, end);
                if (in.isPresent() && heard.add(in.get().terminal())) {
                    join(out, in.get(), kind(in.get()), reason(out, in.get()));
                }
            }
        }
    }

    /** The input at an end that is made for an output: the same name first, then its partner's. */
    private Optional<Pin> listener(Pin out, End end) {
        List<Pin> inputs = pins.stream()
                .filter(p -> p.terminal().end().equals(end.name()) && p.is(Direction.IN))
                .toList();
        return inputs.stream()
                .filter(p -> p.signal().equals(out.signal()))
                .findFirst()
                .or(() -> Signals.partner(out.signal())
                        .flatMap(name -> inputs.stream().filter(p -> p.signal().equals(name)).findFirst()))
                .or(() -> BOARD_DATA.getOrDefault(out.signal(), List.of()).stream()
                        .flatMap(name -> inputs.stream().filter(p -> p.signal().equals(name))).findFirst())
                .or(() -> SWITCHED.getOrDefault(out.signal(), List.of()).stream()
                        .flatMap(name -> inputs.stream().filter(p -> p.signal().equals(name))).findFirst())
                .or(() -> ONE_CHANNEL.contains(out.signal())
                        ? inputs.stream().filter(p -> ONE_CHANNEL.contains(p.signal())).findFirst()
                        : Optional.empty());
    }

    private static Kind kind(Pin in) {
        return switch (in.signal()) {
            case "CTS", "RTS" -> Kind.REQUEST;
            case "DSR", "DTR", "DCD", "RI" -> Kind.READY;
            default -> Kind.DATA;
        };
    }

    private String reason(Pin out, Pin in) {
        String how = out.signal().equals(in.signal()) ? "why.same-name" : "why.partner";
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

    /** Lines that talk both ways go from end to end, as a chain, to the line of the same name. */
    private void buses() {
        for (int i = 0; i < pins.size(); i++) {
            Pin a = pins.get(i);
            if (!a.is(Direction.BOTH) || !firstOfEnd(a) || SINGLE_ENDED.contains(a.signal())) {
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

    private boolean firstOfEnd(Pin pin) {
        return pins.stream()
                .filter(p -> p.terminal().end().equals(pin.terminal().end())
                        && p.signal().equals(pin.signal()))
                .findFirst()
                .map(pin::equals)
                .orElse(false);
    }

    /** Grounds, and where a connector takes the screen as its return, that: each end's best with the first end's. */
    private void grounds() {
        List<Pin> first = job.ends().stream().map(this::reference).flatMap(Optional::stream).toList();
        for (int k = 1; k < first.size(); k++) {
            Pin hub = first.getFirst();
            joints.add(new Joint(hub, first.get(k), Kind.GROUND,
                    Words.say("why.ground", device(hub), device(first.get(k)))));
        }
        returns();
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

    /** Returns with a name of their own, such as those of colour signals, go to their like. */
    private void returns() {
        for (int i = 0; i < pins.size(); i++) {
            Pin a = pins.get(i);
            if (!a.is(Direction.GROUND) || a.signal().equals("GND") || a.signal().equals("CHASSIS")) {
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

    /** Contacts of a reversible plug that are one in it: its grounds, its supplies, one after the other. */
    List<Link> bridges() {
        List<Link> found = new ArrayList<>();
        for (End end : job.ends()) {
            for (String signal : end.connector().equals(REVERSIBLE)
                    ? List.of("GND", "VBUS")
                    : List.<String>of()) {
                List<Pin> alike = pins.stream().filter(p -> p.isAt(end.name()) && p.signal().equals(signal))
                        .toList();
                boolean used = joints.stream()
                        .anyMatch(j -> alike.contains(j.from()) || alike.contains(j.to()));
                for (int k = 1; used && k < alike.size(); k++) {
                    Terminal before = alike.get(k - 1).terminal();
                    found.add(Link.of(before, alike.get(k).terminal()).withPart(Part.of(PartKind.JUMPER))
                            .withWhy(Words.say("why.plug", before, alike.get(k).terminal())));
                }
            }
        }
        return found;
    }

    /** Whether a pin is in a plug whose pins of one name are bridged in it, so that one wire feeds them all. */
    private boolean isReversible(Pin pin) {
        return job.end(pin.terminal().end()).filter(e -> e.connector().equals(REVERSIBLE)).isPresent();
    }

    private static boolean isHot(Pin pin, Pin cold) {
        return pin.signal().equals("HOT") && !pin.isApart(cold);
    }

    /** The ground of an end: its return contact, else a signal ground, else the chassis. */
    private Optional<Pin> reference(End end) {
        Optional<Terminal> made = derived.returnContact(end.name());
        return pins.stream().filter(p -> p.isAt(end.name()))
                .filter(p -> p.is(Direction.GROUND)
                        || p.is(Direction.SHIELD) && made.map(p.terminal()::equals).orElse(false))
                .min(Comparator.comparingInt(p -> made.map(p.terminal()::equals).orElse(false)
                        ? 0
                        : p.signal().equals("CHASSIS") ? 2 : 1));
    }

    private void supplies() {
        for (Pin sink : pins) {
            if (!sink.is(Direction.SUPPLY_IN) || isReversible(sink) && !firstOfEnd(sink)) {
                continue;
            }
            // a battery is led out only by somebody who means it
            List<Pin> sources = pins.stream()
                    .filter(p -> p.is(Direction.SUPPLY_OUT) && !p.signal().equals("BATTERY")
                            && !p.terminal().end().equals(sink.terminal().end()))
                    .toList();
            Optional<Pin> fitting = sources.stream().filter(s -> sameVolts(s, sink)).findFirst();
            if (fitting.isPresent()) {
                joints.add(inEndOrder(new Joint(fitting.get(), sink, Kind.SUPPLY,
                        Words.say("why.supply", device(fitting.get()), fitting.get().words(), device(sink),
                                sink.words()))));
            } else {
                sources.stream().findFirst()
                        .ifPresent(source -> refused.add(Finding.refusedSupply(source, sink)));
            }
        }
    }

    private static boolean sameVolts(Pin source, Pin sink) {
        return source.volts().flatMap(g -> sink.volts().map(w -> !g.exceeds(w) && !g.fallsShort(w, 0)))
                .orElse(true);
    }
}
