package wegweiser.core.prove;

import java.util.List;
import wegweiser.core.electrical.Window;
import wegweiser.core.model.Mode;
import wegweiser.core.model.Terminal;
import wegweiser.core.model.Touch;

/**
 * One test of a finished cable.
 *
 * @param expect in words
 * @param danger how bad it is when this test is skipped
 * @param window for parts, the reading that is expected
 */
public record Test(Kind kind, Touch touch, Mode mode, String expect, Danger danger, Window window) {
    /** What is tested. */
    public enum Kind {
        JOINED("joined"), APART("apart"), PART("part");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        /** The word used in results. */
        public String id() {
            return id;
        }
    }

    /** Groups of tests, the most dangerous first. */
    public enum Danger {
        SUPPLY_TO_GROUND("supply to ground"), SUPPLY_TO_SIGNAL("supply to signal"), NEIGHBOURS(
                "neighbours"), REST("rest");

        private final String id;

        Danger(String id) {
            this.id = id;
        }

        /** The word used in results. */
        public String id() {
            return id;
        }
    }

    public List<Terminal> red() {
        return touch.red();
    }

    public List<Terminal> black() {
        return touch.black();
    }
}
