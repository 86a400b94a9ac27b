package wegweiser.core.route;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
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
    }

    /** What a joint is for. */
    enum Kind {
        DATA, REQUEST, READY, GROUND, SUPPLY, OTHER
    }

    private Match(Job job) {
        this.job = job;
        this.pins = Pin.of(job);
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
                        .flatMap(name -> inputs.stream().filter(p -> p.signal().equals(name)).findFirst()));
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

    /** Lines that talk both ways go to the line of the same name. */
    private void buses() {
        for (int i = 0; i < pins.size(); i++) {
            Pin a = pins.get(i);
            for (int j = i + 1; j < pins.size(); j++) {
                Pin b = pins.get(j);
                boolean bus = a.is(Direction.BOTH) && b.is(Direction.BOTH) && a.signal().equals(b.signal());
                if (bus && !a.terminal().end().equals(b.terminal().end()) && firstOfEnd(a) && firstOfEnd(b)) {
                    join(a, b, Kind.OTHER, Words.say("why.bus", a.signal(), a.terminal(), b.terminal()));
                }
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

    private void grounds() {
        List<Pin> first = new ArrayList<>();
        for (End end : job.ends()) {
            pins.stream()
                    .filter(p -> p.terminal().end().equals(end.name()) && p.is(Direction.GROUND))
                    .findFirst()
                    .ifPresent(first::add);
        }
        for (int k = 1; k < first.size(); k++) {
            Pin hub = first.getFirst();
            joints.add(new Joint(hub, first.get(k), Kind.GROUND,
                    Words.say("why.ground", device(hub), device(first.get(k)))));
        }
    }

    private void supplies() {
        for (Pin sink : pins) {
            if (!sink.is(Direction.SUPPLY_IN)) {
                continue;
            }
            List<Pin> sources = pins.stream()
                    .filter(p -> p.is(Direction.SUPPLY_OUT)
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
        double given = source.row().volts().orElse(Double.NaN);
        double wanted = sink.row().volts().orElse(Double.NaN);
        return Double.isNaN(given) || Double.isNaN(wanted) || Math.abs(given - wanted) <= 0.1 * wanted;
    }
}
