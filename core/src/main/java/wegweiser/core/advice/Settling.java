package wegweiser.core.advice;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import wegweiser.core.evidence.Contradiction;
import wegweiser.core.evidence.Dispute;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Proof;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Reading;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.words.Words;

/**
 * The touches that settle what readings disagree about, so that one wrong reading does not keep a cable from its proof: a
 * touch whose own readings differ, touches that contradict each other, and those that do not fit the parts that the others
 * show. O(readings) a call.
 */
record Settling(Fixture fixture) {
    /** A touch that was read so often and is not settled never will be. */
    private static final int MOST_DISPUTED = 9;
    private static final int MOST_CONTRADICTED = 3;
    private static final int TOUCH_SECONDS = 4;
    /** How long a touch is held that has to be held while the cable is bent. */
    static final int STEADY_SECONDS = 5;

    /** A touch whose readings differ, then one of those that contradict each other; empty where there is none. */
    Optional<Proposal> next(Evidence evidence) {
        for (Dispute dispute : evidence.disputes()) {
            if (dispute.readings().size() < MOST_DISPUTED) {
                return Optional.of(new Proposal(dispute.touch(), dispute.steady() ? mode() : dispute.mode(),
                        Proposal.Purpose.SETTLE,
                        Words.say(dispute.steady() ? "advisor.steady" : "advisor.differ",
                                Words.list(dispute.readings())),
                        1, TOUCH_SECONDS + (dispute.steady() ? STEADY_SECONDS : 0), 0, dispute.steady()));
            }
        }
        for (Contradiction contradiction : evidence.contradictions()) {
            Optional<Touch> touch = Stream.concat(Stream.of(contradiction.settle()),
                    contradiction.readings().stream().map(n -> evidence.readings().get(n - 1).touch()))
                    .filter(t -> count(evidence, t) < MOST_CONTRADICTED).findFirst();
            if (touch.isPresent()) {
                return Optional.of(new Proposal(touch.get(), mode(), Proposal.Purpose.SETTLE,
                        Words.say("advisor.settle", Words.list(contradiction.readings())), 1, TOUCH_SECONDS,
                        0));
            }
        }
        return Optional.empty();
    }

    /** With a comb everything is proved in the end, and a buzzer cannot tell a small resistor from copper. */
    private Mode mode() {
        return fixture.canGang() ? Mode.OHMS : Mode.CONTINUITY;
    }

    private static long count(Evidence evidence, Touch touch) {
        return evidence.readings().stream().filter(r -> samePlace(r.touch(), touch)).count();
    }

    private static boolean samePlace(Touch a, Touch b) {
        return a.equals(b) || a.red().equals(b.black()) && a.black().equals(b.red());
    }

    /**
     * Where readings do not fit the parts found: one of those among which one must be wrong, that which was made least; then a
     * pair of a gang that shows more than any two of its terminals do.
     */
    Optional<Ask> misfit(Evidence evidence, Proof proof, Repeats repeats) {
        if (proof.misfits().isEmpty()) {
            return Optional.empty();
        }
        Optional<Integer> suspect = proof.suspects(evidence).stream()
                .filter(n -> !repeats.isEnough(evidence.readings().get(n - 1)))
                .min(Comparator.comparingInt(n -> repeats.count(evidence.readings().get(n - 1))));
        if (suspect.isPresent()) {
            Reading reading = evidence.readings().get(suspect.get() - 1);
            return Optional.of(new Ask(reading.touch(), reading.mode(), Proposal.Purpose.SETTLE,
                    Words.say("advisor.misfit", suspect.get())));
        }
        return proof.misfits().stream()
                .flatMap(n -> within(evidence.readings().get(n - 1), n, repeats).stream())
                .findFirst();
    }

    private static Optional<Ask> within(Reading gang, int number, Repeats repeats) {
        if (gang.touch().isSingle()) {
            return Optional.empty();
        }
        for (Terminal red : gang.red()) {
            for (Terminal black : gang.black()) {
                Reading single = Reading.of(gang.mode(), Touch.of(red, black), gang.outcome());
                if (repeats.count(single) == 0) {
                    return Optional.of(new Ask(single.touch(), gang.mode(), Proposal.Purpose.SETTLE,
                            Words.say("advisor.within", number)));
                }
            }
        }
        return Optional.empty();
    }
}
