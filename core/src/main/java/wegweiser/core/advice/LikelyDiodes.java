package wegweiser.core.advice;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import wegweiser.core.data.DiodeNames;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.model.Direction;
import wegweiser.core.model.End;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PinRow;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.model.Touch;
import wegweiser.core.words.Words;

/**
 * Diodes that nobody planned, where something speaks for one: a value in ohms as a junction shows it, or another value the
 * other way round; a supply that should go through and is silent; two contacts of a port that are named as the two sides of a
 * light. Each is asked for once, in diode mode. O(readings + pinout rows²).
 */
final class LikelyDiodes {
    /** Meters drive a junction with so little in ohms that it shows at least this; resistors in leads are smaller. */
    private static final double LEAST_OHMS = 50_000;

    private LikelyDiodes() {}

    /** A touch in diode mode that a reading suggests. */
    static Optional<Orientation.Asked> byReading(Evidence evidence, Job job) {
        for (Reading reading : evidence.readings()) {
            if (reading.isAssumed() || !reading.touch().isSingle()) {
                continue;
            }
            Terminal red = reading.red().getFirst();
            Terminal black = reading.black().getFirst();
            if (reading.outcome() instanceof Outcome.Resistance(double ohms) && ohms >= LEAST_OHMS
                    && !isPlanned(job, red, black)) {
                Optional<Orientation.Asked> asked = unread(evidence, red, black, "advisor.diode.value");
                if (asked.isPresent()) {
                    return asked;
                }
            }
            if (reading.mode() == Mode.CONTINUITY && reading.outcome() instanceof Outcome.Silent) {
                Optional<Orientation.Asked> asked = supply(evidence, job, red, black)
                        .or(() -> supply(evidence, job, black, red));
                if (asked.isPresent()) {
                    return asked;
                }
            }
        }
        return Optional.empty();
    }

    /** A touch in diode mode that the names in a pinout suggest. */
    static Optional<Orientation.Asked> byName(Evidence evidence, Job job) {
        for (End end : job.ends()) {
            for (PinRow anode : end.pinout()) {
                Optional<String> other = DiodeNames.otherSide(anode.label());
                for (PinRow cathode : other.isPresent() ? end.pinout() : List.<PinRow>of()) {
                    Terminal red = end.terminal(anode.contact());
                    Terminal black = end.terminal(cathode.contact());
                    if (DiodeNames.plain(cathode.label()).equals(other.get())
                            && !isPlanned(job, red, black)) {
                        Optional<Orientation.Asked> asked = unread(evidence, red, black,
                                "advisor.diode.named");
                        if (asked.isPresent()) {
                            return asked;
                        }
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** A silence from a supply to the contact of its name that takes one. */
    private static Optional<Orientation.Asked> supply(Evidence evidence, Job job, Terminal from,
            Terminal to) {
        boolean likely = !from.end().equals(to.end())
                && row(job, from).filter(r -> is(r, Direction.SUPPLY_OUT)).flatMap(
                        r -> row(job, to).filter(s -> is(s, Direction.SUPPLY_IN))
                                .filter(s -> s.label().equals(r.label())))
                        .isPresent();
        return likely && !isPlanned(job, from, to)
                ? unread(evidence, from, to, "advisor.diode.supply")
                : Optional.empty();
    }

    private static Optional<Orientation.Asked> unread(Evidence evidence, Terminal red, Terminal black,
            String why) {
        TerminalIndex index = evidence.index();
        boolean open = index.contains(red) && index.contains(black)
                && !evidence.isJoined(index.of(red), index.of(black))
                && !Orientation.isRead(evidence, red, black) && !Orientation.isRead(evidence, black, red);
        return open
                ? Optional.of(new Orientation.Asked(Touch.of(red, black), Words.say(why, red, black)))
                : Optional.empty();
    }

    private static Optional<PinRow> row(Job job, Terminal terminal) {
        return job.ends().stream().filter(e -> e.name().equals(terminal.end()))
                .flatMap(e -> e.pinout().stream()).filter(r -> r.contact().equals(terminal.contact()))
                .findFirst();
    }

    private static boolean is(PinRow row, Direction direction) {
        return row.direction().filter(Predicate.isEqual(direction)).isPresent();
    }

    private static boolean isPlanned(Job job, Terminal a, Terminal b) {
        return job.links().stream().filter(l -> l.part().isPresent()).anyMatch((Link l) -> l.joins(a, b));
    }
}
