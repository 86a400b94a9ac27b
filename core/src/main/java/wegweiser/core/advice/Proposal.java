package wegweiser.core.advice;

import wegweiser.core.model.Mode;
import wegweiser.core.model.Touch;

/**
 * The touch to make next.
 *
 * @param why one sentence
 * @param touchesLeft expected number of touches until the goal, this one included
 * @param secondsLeft expected seconds until the goal
 * @param sweepLeft touches that a plain sweep would still take
 * @param steady whether to hold it for some seconds while the cable is bent
 */
public record Proposal(Touch touch, Mode mode, Purpose purpose, String why, int touchesLeft, int secondsLeft,
        int sweepLeft, boolean steady) {
    /** A touch that is made and noted. */
    Proposal(Touch touch, Mode mode, Purpose purpose, String why, int touchesLeft, int secondsLeft,
            int sweepLeft) {
        this(touch, mode, purpose, why, touchesLeft, secondsLeft, sweepLeft, false);
    }

    /** What a touch is for. */
    public enum Purpose {
        /** To tell which of several contradicting readings is wrong. */
        SETTLE,
        /** To find the pair behind a ganged beep or value. */
        LOCATE,
        /** To tell wirings from one another. */
        LEARN,
        /** To measure a join that is believed. */
        CONFIRM,
        /** To prove contacts apart. */
        ISOLATE
    }
}
