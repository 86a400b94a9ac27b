package wegweiser.core.route;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wegweiser.core.model.Direction;
import wegweiser.core.model.Job;
import wegweiser.core.signals.Counterparts;
import wegweiser.core.signals.Counterparts.Way;
import wegweiser.core.signals.Pin;

/**
 * Which input is made for which output. The surer ways of telling come first, over all ends, so that a vague likeness never
 * takes an input from the output whose name it has. An output feeds at most one input of each other end, an input has one
 * output. A device that hands on what it hears is the next in a chain, and what it hears goes to nobody else. O(ways x
 * outputs x inputs).
 */
final class Listeners {
    record Heard(Pin out, Pin in, Way way) {}

    /** The ways in which a line is known to go on from device to device; data of serial ports come back instead. */
    private static final Set<Way> HANDED_ON = Set.of(Way.SAME_NAME, Way.STEM);

    private final Job job;
    private final List<Pin> outs;
    private final List<Pin> ins;
    private final Set<Pin> heard = new HashSet<>();
    private final Set<List<Object>> served = new HashSet<>();
    /** Outputs whose line another device hands on. */
    private final Set<Pin> passed = new HashSet<>();
    private final List<Heard> found = new ArrayList<>();

    private Listeners(Job job, List<Pin> pins) {
        this.job = job;
        this.outs = pins.stream().filter(p -> p.is(Direction.OUT)).toList();
        this.ins = pins.stream().filter(p -> p.is(Direction.IN)).toList();
    }

    static List<Heard> of(Job job, List<Pin> pins) {
        Listeners listeners = new Listeners(job, pins);
        for (Way way : Way.values()) {
            listeners.by(way);
        }
        // in the order of the outputs, whichever way was found first
        return listeners.outs.stream()
                .flatMap(o -> listeners.found.stream().filter(h -> h.out().equals(o))).toList();
    }

    private void by(Way way) {
        if (HANDED_ON.contains(way)) {
            outs.stream()
                    .filter(o -> ins.stream().noneMatch(i -> !i.isApart(o) && Counterparts.are(o, i, way)))
                    .forEach(source -> chain(source, way));
        }
        for (Pin out : outs) {
            job.ends().stream().map(e -> e.name()).filter(e -> !out.isAt(e)).forEach(e -> at(out, e, way));
        }
    }

    /** From one that only speaks over all that hand on, in the order of the ends. */
    private void chain(Pin source, Way way) {
        Pin at = source;
        for (Optional<Pin> next = handsOn(at, way); next.isPresent(); next = handsOn(at, way)) {
            at(at, next.get().terminal().end(), way);
            passed.add(at);
            at = next.get();
        }
    }

    /** The output by which another end hands on what it would hear of this one. */
    private Optional<Pin> handsOn(Pin out, Way way) {
        return outs.stream().filter(out::isApart)
                .filter(o -> ins.stream().anyMatch(in -> !in.isApart(o) && !heard.contains(in)
                        && Counterparts.are(out, in, way) && Counterparts.are(o, in, way)))
                .filter(o -> !served.contains(List.of(out, o.terminal().end()))).findFirst();
    }

    private void at(Pin out, String end, Way way) {
        if (passed.contains(out) || served.contains(List.of(out, end))) {
            return;
        }
        List<Pin> fitting = ins.stream().filter(in -> in.isAt(end) && !heard.contains(in))
                .filter(in -> Counterparts.are(out, in, way)).toList();
        // of several contacts of one name the first is taken; of several names none can be told
        if (!fitting.isEmpty() && (way != Way.LEFT_OVER || isAlone(out, fitting))) {
            Pin in = fitting.stream()
                    .min((a, b) -> Integer.compare(Counterparts.place(out, a, way),
                            Counterparts.place(out, b, way)))
                    .orElseThrow();
            heard.add(in);
            served.add(List.of(out, end));
            found.add(new Heard(out, in, way));
        }
    }

    /** Whether the one fitting input is the only one, and no other output of that end could be meant for it. */
    private boolean isAlone(Pin out, List<Pin> fitting) {
        Pin in = fitting.getFirst();
        return fitting.size() == 1 && outs.stream().filter(o -> !o.equals(out) && o.isApart(in))
                .filter(o -> found.stream().noneMatch(h -> h.out().equals(o)))
                .noneMatch(o -> Counterparts.are(o, in, Way.LEFT_OVER));
    }
}
