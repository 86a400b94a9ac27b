package wegweiser.core.prove;

import java.util.List;
import wegweiser.core.electrical.Window;
import wegweiser.core.model.HasId;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;
import wegweiser.core.words.Words;

/**
 * One test of a finished cable.
 *
 * @param expect in words
 * @param danger how bad it is when this test is skipped
 * @param window for parts, the reading that is expected
 */
public record Test(Kind kind, Touch touch, Mode mode, String expect, Danger danger, Window window) {
    /** What is tested. */
    public enum Kind implements HasId {
        JOINED,
        APART,
        PART;
    }

    /** Groups of tests, the most dangerous first. */
    public enum Danger implements HasId {
        SUPPLY_TO_GROUND,
        SUPPLY_TO_SIGNAL,
        NEIGHBOURS,
        REST;

        @Override
        public String id() {
            return HasId.super.id().replace('-', ' ');
        }
    }

    /** A joint that is beeped otherwise, asked in ohms, so that one of some ohms shows. */
    Test inOhms() {
        return new Test(kind, touch, Mode.OHMS, Words.say("prove.expect.copper"), danger, window);
    }

    public List<Terminal> red() {
        return touch.red();
    }

    public List<Terminal> black() {
        return touch.black();
    }
}
