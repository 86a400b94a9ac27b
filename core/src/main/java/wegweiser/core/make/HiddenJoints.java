package wegweiser.core.make;

import java.util.List;
import java.util.Optional;
import wegweiser.core.assembly.Assembly;
import wegweiser.core.derived.Derived;
import wegweiser.core.model.Link;
import wegweiser.core.model.Terminal;

/**
 * Joints that no touch on the faces of a finished cable shows: where the screen is joined at one end only, no other contact
 * beeps with it. They are beeped while that end is open, in the step that tests it.
 */
public final class HiddenJoints {
    private HiddenJoints() {}

    /** Those that are made here and were not beeped yet, as far as the steps of the bench say. */
    public static List<Terminal> unseen(Derived derived) {
        return at(derived).filter(t -> !derived.job().done().contains(t.end() + ":test")).stream().toList();
    }

    /** The contact of an end that is made here with which nothing but the screen itself beeps. */
    static Optional<Terminal> at(Derived derived) {
        List<Link> screens = derived.job().links().stream().filter(Link::isOnScreen).toList();
        boolean alone = screens.size() == 1 && screens.getFirst().to().isEmpty();
        return alone && !Assembly.of(derived).stays(screens.getFirst().from().end())
                ? Optional.of(screens.getFirst().from())
                : Optional.empty();
    }
}
