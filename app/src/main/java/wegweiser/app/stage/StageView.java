package wegweiser.app.stage;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import wegweiser.app.actions.Action;
import wegweiser.core.model.Job;

/** One stage of the work on screen. */
public interface StageView {
    /** The main area. */
    Node view();

    /** What goes below it, if anything. */
    Optional<Node> dock();

    /** Shows a job; called whenever it changes while this stage is up. */
    void show(Job job);

    /** What can be done here, by keys that no control has taken; the first that answers a key has it. */
    List<Action> actions();

    /** Where words are typed to find something in a list, if there is a list. */
    default Optional<Node> search() {
        return Optional.empty();
    }
}
