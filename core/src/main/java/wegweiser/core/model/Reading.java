package wegweiser.core.model;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A touch with its result.
 *
 * @param how how it came about
 * @param at when it was noted
 */
public record Reading(Mode mode, Touch touch, Outcome outcome, Provenance how, Optional<Instant> at,
        Map<String, Object> extra) {
    public Reading {
        extra = Extra.kept(extra);
    }

    public static Reading of(Mode mode, Touch touch, Outcome outcome) {
        return new Reading(mode, touch, outcome, Provenance.MEASURED, Optional.empty(), Extra.NONE);
    }

    public static Reading beep(String red, String black) {
        return of(Mode.CONTINUITY, Touch.of(Terminal.parse(red), Terminal.parse(black)), Outcome.BEEP);
    }

    public static Reading silent(String red, String black) {
        return of(Mode.CONTINUITY, Touch.of(Terminal.parse(red), Terminal.parse(black)), Outcome.SILENT);
    }

    public List<Terminal> red() {
        return touch.red();
    }

    public List<Terminal> black() {
        return touch.black();
    }

    public Reading at(Instant time) {
        return new Reading(mode, touch, outcome, how, Optional.of(time), extra);
    }

    public Reading by(Provenance provenance) {
        return new Reading(mode, touch, outcome, provenance, at, extra);
    }

    public Reading withExtra(Map<String, Object> more) {
        return new Reading(mode, touch, outcome, how, at, more);
    }

    /** Whether it follows from a value by an assumption: it may be believed and proves nothing. */
    public boolean isAssumed() {
        return how instanceof Provenance.Assumed
                || how instanceof Provenance.ByLadder(double _, boolean assumed) && assumed;
    }

    /** Whether it follows from a value at a ladder plug. */
    public boolean isByLadder() {
        return how instanceof Provenance.ByLadder;
    }
}
