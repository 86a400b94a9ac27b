package wegweiser.core.faults;

import wegweiser.core.model.Terminal;
import wegweiser.core.words.Words;

/** A possible fault in a few words, and what it would do. */
public final class FaultWords {
    private FaultWords() {}

    /** What is wrong and where, as a line of a list. */
    public static String of(PossibleFault fault) {
        Object[] at = fault.at().stream().map(Terminal::toString).toArray();
        String second = at.length > 1 ? at[1].toString() : "";
        return Words.say("fault." + fault.kind().id(), at.length > 0 ? at[0] : "", second, fault.end(),
                fault.at().size() > 1 ? fault.at().get(1).contact() : "", Words.list(fault.about()));
    }

    /** What it would do once the cable is plugged in. */
    public static String effect(FaultChances.Chance left) {
        return Words.say(left.harm()
                ? "fault.effect.harm"
                : left.fault().kind() == FaultKind.COLD_JOINT ? "fault.effect.cold" : "fault.effect.none");
    }
}
