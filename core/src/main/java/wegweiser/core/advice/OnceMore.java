package wegweiser.core.advice;

import java.util.Optional;
import wegweiser.core.belief.Belief;
import wegweiser.core.evidence.Evidence;
import wegweiser.core.evidence.Meaning;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Reading;
import wegweiser.core.model.TerminalIndex;
import wegweiser.core.words.Words;

/**
 * Whether the last touch should be made once more: its reading was not to be expected, so that a probe that slipped, or a beep
 * by chance, explains it about as well, and as the probes are there it costs next to nothing.
 */
final class OnceMore {
    /** How likely the last reading must be wrong. */
    private static final double DOUBTFUL = 0.006;

    private OnceMore() {}

    /** The reason to make it again, or nothing. */
    static Optional<String> why(Evidence evidence, Belief belief, Repeats repeats) {
        if (evidence.readings().isEmpty() || belief.doubt() < DOUBTFUL) {
            return Optional.empty();
        }
        Reading last = evidence.readings().getLast();
        TerminalIndex index = evidence.index();
        if (last.isAssumed() || last.mode() != Mode.CONTINUITY || !last.touch().isSingle()
                || repeats.count(index.of(last.red().getFirst()), index.of(last.black().getFirst())) != 1) {
            return Optional.empty();
        }
        return Optional.of(Words.say(
                Meaning.of(last) == Meaning.JOINS ? "advisor.once-more.beep" : "advisor.once-more.silence",
                Math.max(1, Math.round(100 * belief.doubt()))));
    }
}
