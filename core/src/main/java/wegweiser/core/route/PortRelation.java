package wegweiser.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.signals.Level;
import wegweiser.core.signals.Levels;
import wegweiser.core.signals.Pin;
import wegweiser.core.signals.Signals;
import wegweiser.core.words.Words;

/** Says in words what the ports of a job are to each other, and what is missing before they can be joined. */
public final class PortRelation {
    private PortRelation() {}

    /** What the ports are to each other, and what is missing before Route can start. */
    public static String words(Job job) {
        if (job.ends().size() < 2) {
            return Words.say("relation.one-end");
        }
        List<String> missing = Readiness.missing(job);
        String last = missing.isEmpty()
                ? Words.say("relation.ready")
                : Words.say("relation.missing", Words.list(missing));
        boolean blank = job.ends().stream().limit(2).anyMatch(
                e -> e.pinout().stream().noneMatch(r -> r.signal().isPresent() || r.name().isPresent()));
        return blank ? last : between(job) + " " + last;
    }

    private static String between(Job job) {
        List<String> sentences = new ArrayList<>();
        End a = job.ends().get(0);
        End b = job.ends().get(1);
        Boolean outA = drivesTransmit(a);
        Boolean outB = drivesTransmit(b);
        if (outA != null && outB != null) {
            String key = !outA.equals(outB)
                    ? "relation.unlike"
                    : outA ? "relation.terminals" : "relation.modems";
            sentences.add(Words.say(key, name(a), name(b)));
        } else {
            int conductors = Router.schemes(job).stream().findFirst().map(Scheme::conductors).orElse(0);
            sentences.add(conductors == 0
                    ? Words.say("relation.nothing")
                    : Words.say("relation.joints",
                            Words.say("conductors", conductors)));
        }
        level(a, b).ifPresent(p -> sentences.add(Words.say("relation.levels", p.why(), p.remedy())));
        return String.join(" ", sentences);
    }

    private static String name(End end) {
        return end.device().isBlank() ? Words.say("relation.end", end.name()) : end.device();
    }

    /** Whether this end drives the line called transmit; null when it has none. */
    private static Boolean drivesTransmit(End end) {
        return Pin.of(end).stream()
                .filter(p -> p.signal().equals("TXD"))
                .findFirst()
                .map(p -> p.is(Direction.OUT))
                .orElse(null);
    }

    private static Optional<Levels.Problem> level(End a, End b) {
        List<Optional<Level>> levelsA = levels(a);
        List<Optional<Level>> levelsB = levels(b);
        return levelsA.stream()
                .flatMap(x -> levelsB.stream().flatMap(y -> Levels.between(x, y).stream()))
                .filter(Levels.Problem::clash)
                .findFirst();
    }

    private static List<Optional<Level>> levels(End end) {
        return Pin.of(end).stream().filter(Pin::isSignal).filter(p -> Signals.isSerial(p.signal()))
                .map(Pin::level).distinct().toList();
    }
}
