package wegweiser.core.conductors;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import wegweiser.core.catalog.ColourCode;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.CableStock;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;
import wegweiser.core.signals.Pin;
import wegweiser.core.words.Words;

/** Why each conductor carries what it carries, told from the plan as it is, whoever chose it. */
public final class ConductorWhy {
    private final Job job;
    private final CableStock cable;
    private final Dictated dictated;
    private final Map<Terminal, Pin> pins = new HashMap<>();

    private ConductorWhy(Job job, CableStock cable) {
        this.job = job;
        this.cable = cable;
        this.dictated = Dictated.of(job, cable);
        Pin.of(job).forEach(p -> pins.put(p.terminal(), p));
    }

    /** One sentence; empty for a link without a conductor, and where there is no cable from the catalogue. */
    public static Optional<String> of(Derived derived, Link link) {
        return link.conductor().filter(_ -> link.to().isPresent())
                .flatMap(c -> derived.cable().map(cable -> derived
                        .once(ConductorWhy.class, () -> new ConductorWhy(derived.job(), cable))
                        .why(link, c)));
    }

    private String why(Link link, String conductor) {
        String wire = ColourCode.words(conductor);
        if (link.isOnScreen()) {
            return Words.say("conductor.screen");
        }
        Terminal to = link.to().orElseThrow();
        Optional<Dictated.Order> order = dictated.at(link.from())
                .filter(o -> o.conductor().equals(conductor))
                .or(() -> dictated.at(to).filter(o -> o.conductor().equals(conductor)));
        if (order.isPresent()) {
            Terminal where = dictated.at(link.from()).equals(order) ? link.from() : to;
            return Words.say("conductor." + order.get().by().name().toLowerCase(Locale.ROOT), wire,
                    where);
        }
        if (link.pinned()) {
            return Words.say("conductor.pinned", wire);
        }
        Line line = new Line(List.of(), List.of(link.from(), to),
                Stream.of(pins.get(link.from()), pins.get(to))
                        .filter(Objects::nonNull).toList());
        return Words.say("conductor.reasons", Character.toUpperCase(wire.charAt(0)) + wire.substring(1),
                String.join("; ", reasons(link, line, conductor)));
    }

    private List<String> reasons(Link link, Line line, String conductor) {
        List<String> found = new ArrayList<>();
        if (Habit.colour(cable, line).filter(conductor::equals).isPresent()) {
            found.add(Words.say(line.isSupply()
                    ? "conductor.feeds"
                    : line.isReturn() ? "conductor.returns" : "conductor.habit"));
        }
        if (line.terminals().stream().anyMatch(
                t -> NetworkColours.usual(job, t).filter(conductor::equals).isPresent())) {
            found.add(Words.say("conductor.order"));
        }
        if (cable.thick().contains(conductor) && (line.isSupply() || line.isReturn())) {
            found.add(Words.say("conductor.thick"));
        }
        Optional<Link> beside = cable.partner(conductor).flatMap(p -> job.links().stream()
                .filter(l -> l.conductor().equals(Optional.of(p))).findFirst());
        if (beside.isPresent() && areHalves(link, beside.get())) {
            found.add(Words.say("conductor.pair", ColourCode.words(beside.get().conductor().orElseThrow())));
        } else if (line.isSignal() && beside.filter(this::isQuiet).isPresent()) {
            found.add(Words.say("conductor.beside"));
        } else if (line.isSignal() && cable.partner(conductor).isPresent() && beside.isEmpty()) {
            found.add(Words.say("conductor.alone"));
        }
        return found.isEmpty() ? List.of(Words.say("conductor.next")) : found;
    }

    private boolean isQuiet(Link link) {
        return link.to().isPresent() && Stream.of(link.from(), link.to().get())
                .map(pins::get).anyMatch(p -> p != null && !p.isSignal());
    }

    private boolean areHalves(Link one, Link other) {
        return one.to().isPresent() && other.to().isPresent()
                && (areHalves(one.from(), other.from()) || areHalves(one.to().get(), other.to().get())
                        || areHalves(one.from(), other.to().get())
                        || areHalves(one.to().get(), other.from()));
    }

    private boolean areHalves(Terminal a, Terminal b) {
        Optional<String> one = Optional.ofNullable(pins.get(a)).flatMap(Pin::half).map(h -> h.pair());
        return one.isPresent() && a.end().equals(b.end())
                && one.equals(Optional.ofNullable(pins.get(b)).flatMap(Pin::half).map(h -> h.pair()));
    }
}
