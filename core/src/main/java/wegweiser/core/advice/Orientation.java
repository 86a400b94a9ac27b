package wegweiser.core.advice;

import java.util.List;
import java.util.Optional;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Meaning;
import wegweiser.core.model.Job;
import wegweiser.core.model.Link;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Outcome;
import wegweiser.core.model.PartKind;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.words.Words;

/**
 * Which way round a diode lies takes two touches in diode mode: a forward voltage one way, open the other. Where one of
 * the two was made, or where the plan has a diode, the missing one is asked for. O(readings x links).
 */
final class Orientation {
    private Orientation() {}

    /** A touch in diode mode, and why. */
    record Asked(Touch touch, String why) {
        Ask ask() {
            return new Ask(touch, Mode.DIODE, Proposal.Purpose.CONFIRM, why);
        }
    }

    /** The touch in diode mode that is still missing, or empty. */
    static Optional<Asked> next(Evidence evidence, Job job, Goal goal) {
        for (Reading reading : evidence.readings()) {
            if (reading.mode() == Mode.DIODE && reading.touch().isSingle()
                    && reading.outcome() instanceof Outcome.Voltage
                    && Meaning.of(reading) == Meaning.SHOWS_PART) {
                Terminal red = reading.red().getFirst();
                Terminal black = reading.black().getFirst();
                if (!isRead(evidence, black, red)) {
                    return Optional.of(new Asked(Touch.of(black, red),
                            Words.say("advisor.orient.back", red, black)));
                }
            }
        }
        if (goal.isWhole()) {
            for (Link link : job.links()) {
                if (!link.is(PartKind.DIODE) || link.to().isEmpty()
                        || !known(evidence, link.from(), link.to().get())) {
                    continue;
                }
                Terminal from = link.from();
                Terminal to = link.to().get();
                if (!isRead(evidence, from, to)) {
                    return Optional.of(new Asked(Touch.of(from, to),
                            Words.say("advisor.orient.planned", from, to)));
                }
                if (!isRead(evidence, to, from)) {
                    return Optional.of(
                            new Asked(Touch.of(to, from), Words.say("advisor.orient.turned", from, to)));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean known(Evidence evidence, Terminal a, Terminal b) {
        return evidence.index().contains(a) && evidence.index().contains(b)
                && !evidence.isJoined(evidence.index().of(a), evidence.index().of(b));
    }

    /** Whether the nets of two terminals were touched in diode mode this way round. */
    static boolean isRead(Evidence evidence, Terminal red, Terminal black) {
        return evidence.readings().stream().anyMatch(r -> r.mode() == Mode.DIODE && r.touch().isSingle()
                && joined(evidence, r.red(), red) && joined(evidence, r.black(), black));
    }

    private static boolean joined(Evidence evidence, List<Terminal> touched, Terminal terminal) {
        return evidence.isJoined(evidence.index().of(touched.getFirst()), evidence.index().of(terminal));
    }
}
