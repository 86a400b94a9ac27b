package wegweiser.core.model;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A touch with its result.
 *
 * @param at ISO 8601 time, when it was noted
 */
public record Reading(Mode mode, Touch touch, Outcome outcome, Optional<String> at, Extra extra) {
    /** Extra member of a reading that held while the cable was bent: for how many seconds. */
    public static final String WIGGLED = "wiggledSeconds";

    /** Extra member of a reading that follows from a value at a ladder plug: the ohms, or "open". */
    public static final String LADDER = "ladderOhms";

    /** Extra member of a reading that holds only as long as no part lies in the cable: true. */
    public static final String ASSUMED = "assumed";

    public static Reading of(Mode mode, Touch touch, Outcome outcome) {
        return new Reading(mode, touch, outcome, Optional.empty(), Extra.NONE);
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

    public Reading at(String time) {
        return new Reading(mode, touch, outcome, Optional.of(time), extra);
    }

    /** Whether it follows from a value by an assumption: it may be believed and proves nothing. */
    public boolean isAssumed() {
        return Boolean.TRUE.equals(extra.members().get(ASSUMED));
    }

    /** This reading with one more extra member. */
    public Reading with(String member, Object value) {
        Map<String, Object> members = new LinkedHashMap<>(extra.members());
        members.put(member, value);
        return withExtra(new Extra(members));
    }

    public Reading withExtra(Extra more) {
        return new Reading(mode, touch, outcome, at, more);
    }
}
